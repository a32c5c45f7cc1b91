package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.content.Memo;

/** A colouring page that is coloured in: fields of a kind have one ink. Safe to use from several threads. */
public final class Coloured {
    private static final int KEPT = 24;

    private static final Memo<Wanted, List<Mark>> MADE = new Memo<>(KEPT);

    private record Wanted(PatternSpec spec, Box area, List<Ink> inks, Ink line) {}

    private Coloured() {}

    /**
     * The page as it is coloured.
     *
     * @param inks that fields are filled with, 2 or more
     * @param line ink of the lines
     */
    public static List<Mark> of(PatternSpec spec, Box area, List<Ink> inks, Ink line) {
        Wanted wanted = new Wanted(spec, area, List.copyOf(inks), line);
        return MADE.of(wanted, () -> made(spec, area, inks, line));
    }

    private static List<Mark> made(PatternSpec spec, Box area, List<Ink> inks, Ink line) {
        PatternSpec left = spec.withInking(spec.inking().withSmall(Inking.SmallFields.LEFT));
        ColouringPage page = new ColouringPage(left, area);
        Map<Integer, Path.Builder> fills = new TreeMap<>();
        Numbered.kinds(page.fields(), inks.size(), spec.seed())
                .forEach((field, colour) -> fills.computeIfAbsent(colour, c -> Path.builder())
                        .path(field.field().path()));
        List<Mark> all = new ArrayList<>();
        fills.forEach((colour, path) -> all.add(new Mark.Fill(path.build(), inks.get(colour - 1))));
        all.addAll(page.marks(line));
        return List.copyOf(all);
    }
}
