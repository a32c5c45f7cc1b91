package jorn.pattern.page;

import java.util.List;
import jorn.measure.Length;
import jorn.say.Label;

/**
 * What the fields of a page come to.
 *
 * @param fields how many can be coloured
 * @param smallest how far across the smallest of them is
 * @param small how many are less than 2 mm across, whether inked or left
 */
public record FieldCount(int fields, Length smallest, int small) {
    /** How much there is to do: common practice tells pages for children from those for an evening by the number of their fields. */
    public enum Detail {
        @Label("pattern.detail.simple")
        SIMPLE(60),
        @Label("pattern.detail.easy")
        EASY(200),
        @Label("pattern.detail.medium")
        MEDIUM(500),
        @Label("pattern.detail.fine")
        FINE(1200),
        @Label("pattern.detail.intricate")
        INTRICATE(Integer.MAX_VALUE);

        private final int most;

        Detail(int most) {
            this.most = most;
        }
    }

    static FieldCount of(List<ColourField> all, Inking.SmallFields what) {
        int small = (int) all.stream().filter(ColourField::isSmall).count();
        List<ColourField> kept = all.stream()
                .filter(f -> what == Inking.SmallFields.LEFT || !f.isSmall())
                .toList();
        Length smallest = kept.stream()
                .map(ColourField::across)
                .min(java.util.Comparator.comparingDouble(Length::points))
                .orElse(Length.ZERO);
        return new FieldCount(kept.size(), smallest, small);
    }

    public Detail detail() {
        for (Detail each : Detail.values()) {
            if (fields <= each.most) {
                return each;
            }
        }
        return Detail.INTRICATE;
    }
}
