package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.image.ImageView;
import jorn.content.Request.Room;
import jorn.desk.model.BookFiles;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.measure.Length;
import jorn.measure.SmallFile;
import jorn.measure.Unit;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.ActualGroup;
import jorn.pattern.page.ColourField;
import jorn.pattern.page.Gradual;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.plane.Roundel;
import jorn.pattern.run.PatternSheet;
import jorn.pattern.symmetry.FriezeGroup;
import jorn.pattern.symmetry.Rosette;
import jorn.pattern.symmetry.WallpaperGroup;
import jorn.say.Wording;
import jorn.shape.Silhouettes;
import jorn.shape.SvgOutline;

/** The pattern of a page: alive, and all that makes it. */
final class PatternPageSlip extends Slip {
    private static final int GROUP_WIDE = 60;
    private static final double SHOWN = 0.62;
    private static final int LARGEST_MB = 20;

    private final PatternWork work;
    private final BookFiles files;
    private final PatternSpec spec;
    private final Room room;
    private final MotifFields motifs;

    PatternPageSlip(PatternWork work, BookFiles files) {
        super(Wording.of("desk.patterns.on-page", work.sheet().orElseThrow().number()));
        this.work = work;
        this.files = files;
        PatternSheet sheet = work.sheet().orElseThrow();
        spec = sheet.spec();
        room = work.room();
        motifs = new MotifFields(this, work, files, spec);
        List<Roundel> small = work.made().map(MadePage::small).orElse(List.of());
        add(new PatternPad(spec, room, small, hold -> attempt(() -> work.changePage(s -> s.withHold(hold)))));
        if (!small.isEmpty()) {
            say(Wording.of("desk.patterns.ringed", ColourField.LEAST.format(Unit.MILLIMETRE)));
        }
        PatternPad.hints().forEach(this::say);
        deeds();
        told();
        field(
                Wording.of("desk.patterns.title"),
                "pattern-title",
                sheet.title(work.desk().book().calendar().language()),
                Wording.of("desk.patterns.title-help"),
                work::title);
        groups();
        motifs.motif();
        change();
        windows();
        border();
        numbers();
        inking();
    }

    private void page(UnaryOperator<PatternSpec> change) {
        work.changePage(change);
    }

    private void deeds() {
        words(
                "",
                List.of(
                        deed(
                                Wording.of("desk.puzzles.another"),
                                "pattern-another",
                                Wording.of("desk.patterns.another-help"),
                                work::another),
                        word(
                                Wording.of("desk.puzzles.pin"),
                                "pattern-pin",
                                Wording.of("desk.puzzles.pin-help"),
                                work.isPinned(),
                                work::pin),
                        deed(
                                Wording.of("desk.patterns.all-like"),
                                "pattern-all-like",
                                Wording.of("desk.patterns.all-like-help"),
                                work::allLike)));
    }

    /** What its fields come to, and which symmetry it has. */
    private void told() {
        var count = Labels.wrapped(
                work.count()
                        .map(c -> Wording.of(
                                "desk.patterns.fields",
                                c.fields(),
                                c.smallest().format(Unit.MILLIMETRE),
                                Wording.of("pattern.detail." + c.detail().name().toLowerCase(Locale.ROOT)),
                                c.small()))
                        .orElse(Wording.of("desk.puzzles.not-yet")),
                "soft");
        count.setId("pattern-fields");
        add(count);
        WallpaperGroup actual = ActualGroup.of(spec);
        WallpaperGroup asked = spec.repeat().group();
        if (actual != asked) {
            say(Wording.of("pattern.refused.raised", asked.id(), actual.id(), actual.says()));
        }
    }

    private void groups() {
        List<Button> all = new ArrayList<>();
        // A square of the pattern, so that all are seen at one scale.
        double side = SHOWN * Math.min(room.width(), room.height());
        PatternSpec plain = spec.withSurround(spec.surround()
                        .withWindow(PatternWindow.PAGE)
                        .withBorder(Surround.Rim.NONE)
                        .withMandala(Optional.empty())
                        .withCaption(""))
                .withInking(spec.inking().withWeight(2).withCompanions(0));
        for (WallpaperGroup group : WallpaperGroup.values()) {
            PatternSpec one = plain.withRepeat(plain.repeat().withGroup(group).withCell(PatternSpec.cell(group, 1)));
            ImageView view = new ImageView();
            all.add(motifs.picture(
                    view,
                    "pattern-group-" + group.id(),
                    group.id(),
                    group.id() + ", " + group.says(),
                    group == spec.repeat().group(),
                    () -> page(s -> s.withRepeat(s.repeat().withGroup(group).withCell(PatternSpec.cell(group, 1))))));
            PatternPictures.show(this, view, one, side, GROUP_WIDE);
        }
        motifs.pictures(
                Wording.of(
                        "desk.patterns.symmetry",
                        spec.repeat().group().id(),
                        spec.repeat().group().says()),
                all);
    }

    private static String of(String kind, Enum<?> value) {
        return Wording.of(
                "pattern." + kind + "." + value.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    private void change() {
        Gradual now = spec.gradual();
        words(
                Wording.of("desk.patterns.change"),
                choices(
                        Gradual.What.values(),
                        "pattern-change-",
                        w -> of("change", w),
                        now.what(),
                        w -> page(s -> s.withGradual(changed(now, w)))));
        if (now.what() == Gradual.What.NOTHING) {
            return;
        }
        words(
                Wording.of("desk.patterns.way"),
                choices(
                        Gradual.Way.values(),
                        "pattern-way-",
                        w -> of("way", w),
                        now.way(),
                        w -> page(s -> s.withGradual(now.withWay(w)))));
        if (now.what() == Gradual.What.MOTIF) {
            PatternMotif into = now.into().orElse(spec.hold().motif());
            motifs.shelf(
                    Wording.of("desk.patterns.into", into.word()),
                    "into-",
                    into,
                    m -> page(s -> s.withGradual(now.withInto(Optional.of(m)))));
        }
    }

    private Gradual changed(Gradual now, Gradual.What what) {
        if (what != Gradual.What.MOTIF) {
            return new Gradual(what, now.way(), Optional.empty());
        }
        PatternMotif star = new ShippedMotif("star-five");
        boolean same = star.equals(spec.hold().motif());
        return new Gradual(what, now.way(), Optional.of(same ? new ShippedMotif("petal") : star));
    }

    private void windows() {
        PatternWindow now = spec.surround().window();
        words(
                Wording.of("desk.patterns.window"),
                choices(
                        PatternWindow.Pane.values(),
                        "pattern-window-",
                        w -> of("window", w),
                        now.kind(),
                        this::window));
        switch (now.kind()) {
            case LETTER, WORD -> field(
                    Wording.of("desk.patterns.letters"),
                    "pattern-letters",
                    now.text(),
                    Wording.of("desk.patterns.letters-help"),
                    text -> surround(x -> x.withWindow(now.withText(text))));
            case SHAPE -> {
                List<Button> words = new ArrayList<>();
                for (String id : Silhouettes.names()) {
                    String name = Wording.of("puzzle.silhouette." + id);
                    words.add(word(
                            name,
                            "pattern-shape-" + id,
                            name,
                            id.equals(now.text()),
                            () -> surround(x -> x.withWindow(now.withText(id)))));
                }
                words("", words);
            }
            default -> {
                // Nothing more to say of it.
            }
        }
        field(
                Wording.of("desk.patterns.mandala"),
                "pattern-mandala",
                spec.surround().mandala().map(Rosette::id).orElse(""),
                Wording.of("desk.patterns.mandala-help"),
                text -> surround(
                        x -> x.withMandala(text.isBlank() ? Optional.empty() : Optional.of(Rosette.of(text)))));
        field(
                Wording.of("desk.patterns.caption"),
                "pattern-caption",
                spec.surround().caption(),
                Wording.of("desk.patterns.caption-help"),
                text -> surround(x -> x.withCaption(text)));
    }

    private void window(PatternWindow.Pane kind) {
        if (kind == PatternWindow.Pane.OUTLINE) {
            files.asker()
                    .pictureToOpen()
                    .ifPresent(path -> files.fetch(
                            () -> SvgOutline.read(SmallFile.read(path, LARGEST_MB), String.valueOf(path.getFileName())),
                            read -> surround(x -> x.withWindow(new PatternWindow(kind, read)))));
            return;
        }
        String title = work.desk().book().title();
        String text =
                switch (kind) {
                    case SHAPE -> "butterfly";
                    case LETTER -> title.isBlank() ? "A" : title.substring(0, 1).toUpperCase(Locale.ROOT);
                    case WORD -> title.isBlank() || title.length() > 24 ? "HONEY" : title;
                    default -> "";
                };
        surround(x -> x.withWindow(new PatternWindow(kind, text)));
    }

    private void surround(UnaryOperator<Surround> change) {
        page(s -> s.withSurround(change.apply(s.surround())));
    }

    private void border() {
        words(
                Wording.of("desk.patterns.border"),
                choices(
                        Surround.Rim.values(),
                        "pattern-border-",
                        b -> of("border", b),
                        spec.surround().border(),
                        b -> surround(x -> x.withBorder(b))));
        if (spec.surround().border() == Surround.Rim.FRIEZE) {
            words(
                    Wording.of("desk.patterns.frieze"),
                    choices(
                            FriezeGroup.values(),
                            "pattern-frieze-",
                            f -> Wording.of("pattern.frieze." + f.id()),
                            spec.surround().frieze(),
                            f -> surround(x -> x.withFrieze(f))));
            motifs.shelf(
                    Wording.of(
                            "desk.patterns.frieze-motif",
                            spec.surround().friezeMotif().word()),
                    "frieze-",
                    spec.surround().friezeMotif(),
                    m -> surround(x -> x.withFriezeMotif(m)));
        }
    }

    private void numbers() {
        Unit unit = work.desk().unit().get();
        field(
                Wording.of("desk.patterns.cell"),
                "pattern-cell",
                spec.repeat().cell().format(unit),
                Wording.of("desk.patterns.cell-help"),
                text -> page(s -> s.withRepeat(s.repeat().withCell(Length.parse(text, unit)))));
        NumberFields.number(
                this,
                Wording.of("desk.patterns.turn"),
                Wording.of("desk.patterns.turn-help"),
                "pattern-turn",
                spec.repeat().turn(),
                "°",
                v -> page(s -> s.withRepeat(s.repeat().withTurn(v))));
        NumberFields.number(
                this,
                Wording.of("desk.patterns.overlap"),
                Wording.of("desk.patterns.overlap-help"),
                "pattern-overlap",
                spec.repeat().overlap(),
                " %",
                v -> page(s -> s.withRepeat(s.repeat().withOverlap(v))));
        NumberFields.number(
                this,
                Wording.of("desk.patterns.motif-turn"),
                Wording.of("desk.patterns.motif-turn-help"),
                "pattern-motif-turn",
                spec.hold().turn(),
                "°",
                v -> page(s -> s.withHold(s.hold().withTurn(v))));
        NumberFields.number(
                this,
                Wording.of("desk.patterns.motif-size"),
                Wording.of("desk.patterns.motif-size-help"),
                "pattern-motif-size",
                spec.hold().size() * 100,
                " %",
                v -> page(s -> s.withHold(s.hold().withSize(v / 100))));
    }

    private void inking() {
        InkingFields.on(this, "pattern-", spec.inking(), i -> page(s -> s.withInking(i)));
    }
}
