package jorn.pattern.page;

import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;

/** A colouring page that is coloured in: fields of a kind have one ink. Safe to use from several threads. */
public final class Coloured {
    private static final int KEPT = 24;

    private static final Map<Wanted, SoftReference<List<Mark>>> MADE = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Wanted, SoftReference<List<Mark>>> eldest) {
            return size() > KEPT;
        }
    };

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
        synchronized (MADE) {
            SoftReference<List<Mark>> known = MADE.get(wanted);
            List<Mark> there = known == null ? null : known.get();
            if (there != null) {
                return there;
            }
        }
        List<Mark> made = made(spec, area, inks, line);
        synchronized (MADE) {
            MADE.put(wanted, new SoftReference<>(made));
        }
        return made;
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
        for (Mark mark : page.marks()) {
            all.add(mark.accept(new Relined(line)));
        }
        return List.copyOf(all);
    }
}
