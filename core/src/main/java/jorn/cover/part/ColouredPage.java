package jorn.cover.part;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.book.PartEdit;
import jorn.book.PatternRuns;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.Coloured;
import jorn.pattern.page.Gradual;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.run.Patterns;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * A pattern of the book, coloured in by rule with the cover's inks: which of its pages hangs on the cover's seed. In a book without patterns one
 * is made.
 *
 * @param inks of the fields
 * @param line ink of the lines
 */
public record ColouredPage(@Required List<CoverRole> inks, @Required CoverRole line) implements CoverBlock {
    private static final double LINES = 1.6;
    private static final double LARGER = 1.15;

    public ColouredPage {
        inks = List.copyOf(inks);
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        long seed = stage.plan().seed();
        PatternSpec spec = pattern(stage, seed);
        // The pattern alone, over its whole place, so large that it is seen from afar.
        PatternSpec whole = spec.withGradual(Gradual.NONE)
                .withSurround(Surround.PLAIN.withBorder(Surround.Rim.NONE).withWindow(PatternWindow.PAGE))
                .withInking(spec.inking().withWeight(LINES).withColours(0));
        double times = edit.size().orElse(1.0) * LARGER;
        PatternSpec sized = whole.withRepeat(whole.repeat().grown(times));
        List<Ink> own = inks.stream().map(stage::ink).toList();
        out.add(new Mark.Clip(Path.box(at), Coloured.of(sized, at, own, stage.ink(line))));
    }

    private static PatternSpec pattern(CoverStage stage, long seed) {
        Optional<Patterns> there = stage.book().runs().stream()
                .flatMap(r -> PatternRuns.of(r).stream())
                .findFirst();
        if (there.isEmpty()) {
            WallpaperGroup[] groups = WallpaperGroup.values();
            return PatternSpec.of(groups[Math.floorMod(seed, groups.length)], new ShippedMotif("lotus"), seed);
        }
        return there.get().page(1 + Math.floorMod(seed, there.get().count()));
    }
}
