package jorn.block.chart;

import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * Index tabs to cut out, fold along the middle and paste to the edges of pages. Their outlines are cut lines of 0.5 pt, dashed, as cut
 * lines customarily are; both halves bear the word, so that it can be read from either side.
 *
 * @param words one for each tab; empty for the twelve months
 * @param columns how many side by side, 1 to 4
 */
public record TabStrips(
        @Label(value = "block.tab-strips.words", onPage = true) List<String> words,
        @Label("block.tab-strips.columns") Integer columns)
        implements Node {
    static final NodeKind<TabStrips> KIND = NodeKind.of("tab-strips", TabStrips.class)
            .filling()
            .offered(
                    "tab-strips",
                    Wording.of("block.tab-strips.name"),
                    Wording.of("block.tab-strips.says"),
                    () -> new TabStrips(List.of(), 2));

    private static final Rule CUT = new Rule(Rule.LineKind.DASHED, 0.5, Role.LINE);
    private static final double LOWEST = Length.mm(12).points();
    private static final double NARROWEST = Length.mm(22).points();
    private static final int MONTHS = 12;

    public TabStrips {
        words = words == null ? List.of() : List.copyOf(words.subList(0, Math.min(40, words.size())));
        columns = Limits.whole(columns == null ? 2 : columns, Wording.of("block.tab-strips.columns"), 1, 4);
    }

    private List<String> said(Flow flow) {
        if (!words.isEmpty()) {
            return words.stream().map(flow::fill).toList();
        }
        int from = flow.date().map(LocalDate::getMonthValue).orElse(1);
        List<String> months = new ArrayList<>();
        for (int i = 0; i < MONTHS; i++) {
            months.add(flow.calendar().name(Month.of((from - 1 + i) % MONTHS + 1), TextStyle.FULL_STANDALONE));
        }
        return months;
    }

    private int tabs() {
        return words.isEmpty() ? MONTHS : words.size();
    }

    private double cell(Box area) {
        int down = (tabs() + columns - 1) / columns;
        return Math.min(area.height() / down, Length.mm(32).points());
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || lack(area, flow).isPresent()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double h = cell(area);
        double w = area.width() / columns;
        List<String> said = said(flow);
        for (int i = 0; i < said.size(); i++) {
            Box at = new Box(area.x() + i % columns * w, area.y() + i / columns * h, w, h);
            tab(said.get(i), at.inset(h * 0.1, w * 0.05, h * 0.1, w * 0.05), pen);
        }
    }

    private static void tab(String word, Box b, StyledPen pen) {
        double slant = Math.min(b.width() * 0.08, b.height() * 0.25);
        double middle = b.y() + b.height() / 2;
        pen.fill(
                Path.builder()
                        .move(b.x() + slant, b.y() + b.height() * 0.18)
                        .line(b.right() - slant, b.y() + b.height() * 0.18)
                        .line(b.right(), middle)
                        .line(b.right() - slant, b.bottom() - b.height() * 0.18)
                        .line(b.x() + slant, b.bottom() - b.height() * 0.18)
                        .line(b.x(), middle)
                        .close()
                        .build(),
                pen.ink(Role.TINT));
        double[][] corner = {
            {b.x() + slant, b.y()}, {b.right() - slant, b.y()}, {b.right(), middle},
            {b.right() - slant, b.bottom()}, {b.x() + slant, b.bottom()}, {b.x(), middle}
        };
        for (int i = 0; i < corner.length; i++) {
            double[] to = corner[(i + 1) % corner.length];
            if (Math.abs(corner[i][1] - to[1]) < 0.01) {
                pen.across(CUT, Math.min(corner[i][0], to[0]), Math.max(corner[i][0], to[0]), corner[i][1]);
            } else {
                pen.outline(Path.line(corner[i][0], corner[i][1], to[0], to[1]), CUT.withKind(Rule.LineKind.SOLID));
            }
        }
        pen.across(pen.style().lines().writing().withKind(Rule.LineKind.DOTTED), b.x(), b.right(), middle);
        Lettering as = pen.title().at(Align.CENTRE);
        double half = b.height() / 2;
        pen.words(word, b.inset(0, slant, 0, slant), b.y() + half * 0.59 + as.size() * 0.34, as);
        pen.words(word, b.inset(0, slant, 0, slant), middle + half * 0.41 + as.size() * 0.34, as);
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        boolean fits = cell(area) >= LOWEST && area.width() / columns >= NARROWEST;
        return fits
                ? Optional.empty()
                : Optional.of(Lack.of(
                        Message.of("block.tab-strips.lack", tabs()),
                        new Lack.Remedy(
                                Message.of("block.tab-strips.columns-of", columns < 4 ? columns + 1 : 1),
                                new TabStrips(words, columns < 4 ? columns + 1 : 1))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return (tabs() + columns - 1) / columns * Length.mm(20).points();
    }
}
