package jorn.pattern.run;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.chance.Dice;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.pattern.motif.MotifShelf;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ScatteredMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.Gradual;
import jorn.pattern.page.Hold;
import jorn.pattern.page.Inking;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Repeat;
import jorn.pattern.page.Surround;
import jorn.pattern.symmetry.FriezeGroup;
import jorn.pattern.symmetry.Rosette;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * What the pages of a run may have; each page gets another of it.
 *
 * @param groups that come in turn; none for all 17
 * @param motifs that come in turn; none for all that ship, and scattered strokes
 * @param windows that come in turn
 * @param mandalas on each how many pages one has a mandala; 0 for none
 * @param changes on each how many pages something changes gradually; 0 for none
 * @param border of all pages; none for all kinds in turn
 * @param size of the motifs against the customary one, 0.4 to 3: larger ones are for smaller hands
 * @param inking of all pages
 */
@RecordBuilder
public record PatternRule(
        List<WallpaperGroup> groups,
        List<PatternMotif> motifs,
        List<PatternWindow> windows,
        int mandalas,
        int changes,
        Optional<Surround.Rim> border,
        double size,
        Inking inking)
        implements PatternRuleBuilder.With {
    private static final double SMALLEST = 0.4;
    private static final double LARGEST = 3;
    public static final int MOST_EACH = 100;
    private static final int SCATTERED = 5;

    /** Changes that shipped motifs can make, and how often they come. */
    private static final List<Gradual.What> CHANGES = List.of(
            Gradual.What.WEIGHT, Gradual.What.SCALE, Gradual.What.MOTIF, Gradual.What.WEIGHT, Gradual.What.DENSITY);

    private static final List<Rosette> ROSETTES = List.of(
            new Rosette(8, true),
            new Rosette(6, true),
            new Rosette(12, true),
            new Rosette(10, true),
            new Rosette(5, true),
            new Rosette(16, true),
            new Rosette(7, false),
            new Rosette(9, true));

    /** All groups, all motifs, a mandala now and then. */
    public static final PatternRule CUSTOMARY = new PatternRule(
            List.of(), List.of(), List.of(PatternWindow.PAGE), 6, 4, Optional.empty(), 1, Inking.CUSTOMARY);

    public PatternRule {
        groups = groups == null ? List.of() : List.copyOf(groups);
        motifs = motifs == null ? List.of() : List.copyOf(motifs);
        windows = windows == null || windows.isEmpty() ? List.of(PatternWindow.PAGE) : List.copyOf(windows);
        border = border == null ? Optional.empty() : border;
        inking = inking == null ? Inking.CUSTOMARY : inking;
        size = size == 0 ? 1 : size;
        if (!(size >= SMALLEST) || size > LARGEST) {
            throw Trouble.of("pattern.refused.size-out-of-range", size, SMALLEST, LARGEST);
        }
        if (mandalas < 0 || mandalas > MOST_EACH || changes < 0 || changes > MOST_EACH) {
            throw Trouble.of(
                    "pattern.refused.each-out-of-range",
                    Math.min(mandalas, changes) < 0 ? Math.min(mandalas, changes) : Math.max(mandalas, changes),
                    MOST_EACH);
        }
    }

    /** Pages that are all like one: of its symmetry, motif, window, border and lines. */
    static PatternRule like(PatternSpec spec) {
        double size = spec.repeat().cell().points()
                / PatternSpec.cell(spec.repeat().group(), 1).points();
        return new PatternRule(
                List.of(spec.repeat().group()),
                List.of(spec.hold().motif()),
                List.of(spec.surround().window()),
                spec.surround().mandala().isPresent() ? 1 : 0,
                spec.gradual().what() == Gradual.What.NOTHING ? 0 : 1,
                Optional.of(spec.surround().border()),
                Math.max(SMALLEST, Math.min(LARGEST, size)),
                spec.inking());
    }

    private List<WallpaperGroup> allGroups() {
        return groups.isEmpty() ? List.of(WallpaperGroup.values()) : groups;
    }

    private List<PatternMotif> allMotifs(long seed) {
        if (!motifs.isEmpty()) {
            return motifs;
        }
        List<PatternMotif> all = new ArrayList<>();
        MotifShelf.names().forEach(n -> all.add(new ShippedMotif(n)));
        for (int i = 0; i < SCATTERED; i++) {
            all.add(new ScatteredMotif(Dice.seed(seed, 900 + i)));
        }
        return all;
    }

    /** The same as groups or motifs, in an order of chance, again and again in another one. */
    private static <T> T dealt(List<T> all, int index, long seed) {
        List<T> mixed = new ArrayList<>(all);
        Dice.of(Dice.seed(seed, index / all.size())).shuffle(mixed);
        return mixed.get(index % all.size());
    }

    /**
     * A page.
     *
     * @param index from 0, in the run
     * @param runSeed of the run: it deals out groups and motifs
     * @param own another seed of the page's own, where it was exchanged
     */
    PatternSpec page(int index, long runSeed, Optional<Long> own) {
        long seed = own.orElse(Dice.seed(runSeed, index));
        Dice dice = Dice.of(seed);
        WallpaperGroup group = dealt(allGroups(), index, Dice.seed(runSeed, 1));
        List<PatternMotif> all = allMotifs(runSeed);
        PatternMotif motif = own.isPresent() ? dice.one(all) : dealt(all, index, Dice.seed(runSeed, 2));
        Length cell = PatternSpec.cell(group, size);
        double turn = dice.falls(0.3) ? 15 * (1 + dice.below(5)) : 0;
        Repeat repeat = new Repeat(group, cell, turn, 10 + 5.0 * dice.below(6));
        Hold hold = Hold.of(motif, 11 + 7.0 * dice.below(48) + 0.5);
        PatternSpec spec = new PatternSpec(
                repeat, hold, gradual(index, all, motif, dice), surround(index, all, dice), inking, seed);
        boolean some = spec.gradual().what() != Gradual.What.NOTHING;
        return some ? spec.withRepeat(repeat.withTurn(0)) : spec;
    }

    private Gradual gradual(int index, List<PatternMotif> all, PatternMotif motif, Dice dice) {
        if (changes == 0 || index % changes != changes - 1) {
            return Gradual.NONE;
        }
        Gradual.What what = CHANGES.get(index / changes % CHANGES.size());
        Gradual.Way way = Gradual.Way.values()[dice.below(Gradual.Way.values().length)];
        PatternMotif into = dice.one(all);
        if (what == Gradual.What.MOTIF && into.equals(motif)) {
            return new Gradual(Gradual.What.WEIGHT, way, Optional.empty());
        }
        return new Gradual(what, way, what == Gradual.What.MOTIF ? Optional.of(into) : Optional.empty());
    }

    private Surround surround(int index, List<PatternMotif> all, Dice dice) {
        PatternWindow window = windows.get(index % windows.size());
        boolean mandala = mandalas > 0 && index % mandalas == mandalas / 2;
        Optional<Rosette> rosette =
                mandala ? Optional.of(ROSETTES.get(index / mandalas % ROSETTES.size())) : Optional.empty();
        boolean whole = mandala && index / mandalas % 2 == 1 && window.kind() == PatternWindow.Pane.PAGE;
        Surround.Rim kind = border.orElse(Surround.Rim.values()[1 + (int) (Dice.seed(index, 5) >>> 60) % 3]);
        return new Surround(
                whole ? new PatternWindow(PatternWindow.Pane.ROUND, "") : window,
                whole ? Surround.Rim.LINE : kind,
                FriezeGroup.values()[dice.below(FriezeGroup.values().length)],
                dice.one(all),
                rosette,
                "");
    }
}
