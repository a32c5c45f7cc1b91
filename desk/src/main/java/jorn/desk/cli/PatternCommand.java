package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Turn;
import jorn.chance.Dice;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.pattern.motif.MotifShelf;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ScatteredMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.ActualGroup;
import jorn.pattern.page.FieldCount;
import jorn.pattern.page.Gradual;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.symmetry.FriezeGroup;
import jorn.pattern.symmetry.Rosette;
import jorn.pattern.symmetry.WallpaperGroup;
import jorn.print.pdf.PdfSink;
import jorn.print.picture.DrawingIntake;
import jorn.print.picture.PictureIntake;
import jorn.print.svg.SvgSink;
import jorn.say.Wording;
import jorn.store.SafeFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Writes one pattern to colour as a page. */
@Command(name = "pattern")
final class PatternCommand implements Callable<Integer> {
    /** Kept clear inside of the trim, so that nothing is cut (common practice: 0.375 in). */
    private static final double MARGIN = Length.inches(0.375).points();

    @Spec
    private CommandSpec spec;

    @Option(names = "--list", description = "${bundle:cli.pattern.list}")
    private boolean list;

    @Option(names = "--group", paramLabel = "G", description = "${bundle:cli.pattern.group}")
    private @Nullable String group;

    @Option(names = "--motif", paramLabel = "ID|FILE", description = "${bundle:cli.pattern.motif}")
    private @Nullable String motif;

    @Option(names = "--into", paramLabel = "ID|FILE", description = "${bundle:cli.pattern.into}")
    private @Nullable String into;

    @Option(names = "--seed", paramLabel = "S", description = "${bundle:cli.pattern.seed}")
    private long seed = 1;

    @Option(names = "--scale", paramLabel = "L", description = "${bundle:cli.pattern.scale}")
    private @Nullable String scale;

    @Option(names = "--turn", paramLabel = "DEG", description = "${bundle:cli.pattern.turn}")
    private double turn;

    @Option(names = "--threshold", paramLabel = "1-99", description = "${bundle:cli.pattern.threshold}")
    private int threshold;

    @Option(names = "--motif-turn", paramLabel = "DEG", description = "${bundle:cli.pattern.motif-turn}")
    private @Nullable Double motifTurn;

    @Option(names = "--overlap", paramLabel = "0..100", description = "${bundle:cli.pattern.overlap}")
    private @Nullable Double overlap;

    @Option(names = "--change", paramLabel = "WHAT:WAY", description = "${bundle:cli.pattern.change}")
    private @Nullable String change;

    @Option(names = "--window", paramLabel = "W", description = "${bundle:cli.pattern.window}")
    private @Nullable String window;

    @Option(names = "--border", paramLabel = "B", description = "${bundle:cli.pattern.border}")
    private @Nullable String border;

    @Option(names = "--mandala", paramLabel = "C5|D12", description = "${bundle:cli.pattern.mandala}")
    private @Nullable String mandala;

    @Option(names = "--caption", paramLabel = "T", description = "${bundle:cli.pattern.caption}")
    private @Nullable String caption;

    @Option(names = "--weight", paramLabel = "PT", description = "${bundle:cli.pattern.weight}")
    private @Nullable Double weight;

    @Option(
            names = "--trim",
            paramLabel = "T",
            defaultValue = "8.5x11in",
            description = "${bundle:cli.recipe.trim-size}")
    private String trim;

    @Option(names = "--json", description = "${bundle:cli.pattern.json}")
    private boolean json;

    @Option(names = "--to", paramLabel = "FILE.pdf|svg", description = "${bundle:cli.pattern.to}")
    private @Nullable Path file;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (list) {
            for (WallpaperGroup each : WallpaperGroup.values()) {
                out.println("group\t" + each.id() + "\t" + each.says());
            }
            MotifShelf.names().forEach(n -> out.println("motif\t" + n + "\t" + new ShippedMotif(n).word()));
            return JornCommand.DONE;
        }
        if (file == null) {
            throw Trouble.of("cli.pattern.no-file");
        }
        PatternSpec page = page();
        Size size = Size.parse(trim, Unit.INCH);
        Box sheet = Box.of(size);
        Box area = sheet.within(MARGIN);
        if (area.isEmpty() || area.width() < MARGIN || area.height() < MARGIN) {
            throw Trouble.of("cli.pattern.small-trim", trim);
        }
        MadePage made = MadePage.of(page, area.width(), area.height());
        PageArt art = new PageArt(sheet, sheet, List.of(new Mark.Turned(Turn.move(area.x(), area.y()), made.marks())));
        write(art, page, file);
        tell(page, made, file);
        return JornCommand.DONE;
    }

    private void tell(PatternSpec page, MadePage made, Path to) {
        var out = spec.commandLine().getOut();
        WallpaperGroup asked = page.repeat().group();
        WallpaperGroup actual = ActualGroup.of(page);
        FieldCount count = made.count().orElseThrow();
        if (json) {
            Map<String, Object> told = new LinkedHashMap<>();
            told.put("file", to.toString());
            told.put("group", asked.id());
            told.put("actualGroup", actual.id());
            told.put("motif", page.hold().motif().word());
            told.put("seed", page.seed());
            told.put("fields", count.fields());
            told.put("smallestMm", Math.rint(count.smallest().in(Unit.MILLIMETRE) * 100) / 100);
            told.put("smallFields", count.small());
            told.put("detail", count.detail().name().toLowerCase(Locale.ROOT));
            out.println(new String(Json.write(told), StandardCharsets.UTF_8));
            return;
        }
        out.println(to);
        if (actual != asked) {
            spec.commandLine()
                    .getErr()
                    .println(Wording.of("pattern.refused.raised", asked.id(), actual.id(), actual.says()));
        }
    }

    private void write(PageArt art, PatternSpec page, Path to) {
        String name = String.valueOf(to.getFileName()).toLowerCase(Locale.ROOT);
        if (!name.endsWith(".pdf") && !name.endsWith(".svg")) {
            throw Trouble.of("cli.pattern.no-kind", to.getFileName());
        }
        if (!replace) {
            jorn.print.export.Authorship.refuseStrangers(List.of(to));
        }
        if (name.endsWith(".svg")) {
            SafeFile.write(to, out -> out.write(SvgSink.of(art).getBytes(StandardCharsets.UTF_8)));
            return;
        }
        SafeFile.write(to, out -> {
            try (PdfSink sink = new PdfSink(page.title(), "")) {
                sink.add(art);
                sink.writeTo(out);
            }
        });
    }

    private PatternSpec page() {
        Dice dice = Dice.of(Dice.seed(seed, 3));
        WallpaperGroup repeats = group == null ? dice.one(List.of(WallpaperGroup.values())) : WallpaperGroup.of(group);
        PatternMotif shape = motif == null ? new ShippedMotif(dice.one(MotifShelf.names())) : motif(motif, seed);
        PatternSpec page = PatternSpec.of(repeats, shape, seed);
        page = page.withRepeat(page.repeat().withTurn(turn));
        if (scale != null) {
            page = page.withRepeat(page.repeat().withCell(Length.parse(scale, Unit.MILLIMETRE)));
        }
        if (overlap != null) {
            page = page.withRepeat(page.repeat().withOverlap(overlap));
        }
        if (motifTurn != null) {
            page = page.withHold(page.hold().withTurn(motifTurn));
        }
        if (weight != null) {
            page = page.withInking(page.inking().withWeight(weight));
        }
        if (change != null) {
            Gradual gradual = Gradual.parse(change);
            boolean other = gradual.what() == Gradual.What.MOTIF;
            Optional<PatternMotif> becomes = Optional.ofNullable(into).map(m -> motif(m, seed + 1));
            page = page.withGradual(
                    other ? gradual.withInto(becomes.or(() -> Optional.of(another(shape, dice)))) : gradual);
        }
        return page.withSurround(surround(page.surround()));
    }

    private static PatternMotif another(PatternMotif than, Dice dice) {
        List<String> names = new ArrayList<>(MotifShelf.names());
        names.removeIf(n -> than.equals(new ShippedMotif(n)));
        return new ShippedMotif(dice.one(names));
    }

    private Surround surround(Surround before) {
        Surround now = before;
        if (window != null) {
            now = now.withWindow(PatternWindow.parse(window));
        }
        if (mandala != null) {
            now = now.withMandala(Optional.of(Rosette.of(mandala)));
        }
        if (caption != null) {
            now = now.withCaption(caption);
        }
        if (border != null) {
            // A symmetry of borders is a border of motifs.
            if (border.startsWith("frieze:")) {
                return now.withBorder(Surround.Rim.FRIEZE)
                        .withFrieze(FriezeGroup.of(border.substring("frieze:".length())));
            }
            try {
                now = now.withBorder(Surround.Rim.valueOf(border.strip().toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException e) {
                throw Trouble.because(e, "cli.pattern.no-border", border);
            }
        }
        return now;
    }

    private PatternMotif motif(String said, long seed) {
        if (said.equals("scattered")) {
            return new ScatteredMotif(seed);
        }
        if (PictureIntake.isNamedSo(said)) {
            return DrawingIntake.motif(Path.of(said), threshold);
        }
        return new ShippedMotif(said);
    }
}
