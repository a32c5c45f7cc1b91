package jorn.desk.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.LetterDress;
import jorn.book.PartEdit;
import jorn.cover.Cover.PlacedPart;
import jorn.cover.CoverRole;
import jorn.cover.Judgement;
import jorn.cover.part.CoverWords;
import jorn.desk.view.FaceFonts;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.Align;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/** The slip of the part that is held: what it says, how it is set, how well it reads. */
final class PartForm extends Slip {
    private final CoverWork work;
    private final PlacedPart placed;
    private final String id;

    PartForm(CoverWork work, PlacedPart placed) {
        super(PartWords.of(placed.part().id()));
        this.work = work;
        this.placed = placed;
        this.id = placed.part().id();
        if (placed.part().part() instanceof CoverWords lettering) {
            lettering(lettering);
        } else {
            other();
        }
        place();
        add(
                deed(
                        Wording.of("desk.covers.leave-out"),
                        "part-hide",
                        Wording.of("desk.covers.leave-out-help"),
                        () -> work.edit(id, "hide", e -> e.withHidden(Optional.of(true)))),
                deed(
                        Wording.of("desk.covers.as-composed"),
                        "part-reset",
                        Wording.of("desk.covers.as-composed-help"),
                        () -> work.edit(id, "reset", e -> PartEdit.NONE)));
    }

    private void edit(String what, UnaryOperator<PartEdit> change) {
        work.edit(id, what, change);
    }

    private LetterDress dress() {
        return placed.edit().letters().orElse(LetterDress.PLAIN);
    }

    private void dress(String what, UnaryOperator<LetterDress> change) {
        edit(what, e -> e.withLetters(Optional.of(change.apply(e.letters().orElse(LetterDress.PLAIN)))));
    }

    private void lettering(CoverWords lettering) {
        words(lettering);
        double points = points();
        field(
                Wording.of("desk.covers.size"),
                "part-size",
                Numeral.trimmed(points, 1) + " pt",
                Wording.of("desk.covers.size-help-pt"),
                text -> {
                    double wanted = number(text);
                    double times = placed.edit().size().orElse(1.0) * wanted / Math.max(0.5, points);
                    edit("size", e -> e.withSize(Optional.of(times)));
                });
        face();
        ColourField.add(
                this,
                work,
                Wording.of("desk.covers.colour"),
                "part-colour",
                placed.edit().ink().orElseGet(() -> work.cover().colours().ink(lettering.ink())),
                ink -> edit("ink", e -> e.withInk(Optional.of(ink))));
        Align now = dress().align().orElse(lettering.dress().align());
        List<Button> aligns = new ArrayList<>();
        for (Align each : Align.values()) {
            aligns.add(word(
                    Wording.of("desk.covers.align-" + each.id()),
                    "part-align-" + each.id(),
                    Wording.of("desk.covers.align-help"),
                    each == now,
                    () -> dress("align", d -> d.withAlign(Optional.of(each)))));
        }
        words("", aligns);
        percent(
                "tracking",
                dress().tracking().orElse(lettering.dress().tracking()),
                d -> v -> d.withTracking(Optional.of(v)));
        percent(
                "leading",
                dress().leading().orElse(lettering.dress().leading()),
                d -> v -> d.withLeading(Optional.of(v)));
        field(
                Wording.of("desk.covers.curve"),
                "part-curve",
                Numeral.trimmed(dress().curve().orElse(lettering.dress().curve()), 0) + " °",
                Wording.of("desk.covers.curve-help"),
                text -> dress("curve", d -> d.withCurve(Optional.of(number(text)))));
        behind("panel", dress().panel(), CoverRole.PAPER, d -> d::withPanel);
        behind("outline", dress().outline(), CoverRole.PAPER, d -> d::withOutline);
        behind("shadow", dress().shadow(), CoverRole.DEEP, d -> d::withShadow);
        if (id.equals("title")) {
            reading();
        }
    }

    private void words(CoverWords lettering) {
        String field = lettering.words();
        if (field.equals("{title}") || field.equals("{subtitle}") || field.equals("{author}")) {
            String now = placed.edit().words().orElseGet(() -> switch (field) {
                case "{title}" -> work.desk().book().title();
                case "{subtitle}" -> work.desk().book().subtitle();
                default -> work.desk().book().author();
            });
            area(
                    Wording.of("desk.covers.words"),
                    "part-words",
                    now,
                    Wording.of("desk.covers.words-help"),
                    2,
                    text -> take(field, text));
        } else {
            field(
                    Wording.of("desk.covers.words"),
                    "part-words",
                    placed.edit().words().orElse(""),
                    Wording.of("desk.covers.words-help"),
                    text -> edit("words", e -> e.withWords(text.isBlank() ? Optional.empty() : Optional.of(text))));
        }
    }

    /** The title is the book's, wherever it is typed; lines that are broken by hand are the cover's own. */
    private void take(String field, String text) {
        CoverTyping.take(work, id, field, text);
    }

    private double points() {
        return Marks.standing(work.cover().marksOf(placed)).stream()
                .filter(s -> s.mark() instanceof Mark.Words)
                .mapToDouble(s -> ((Mark.Words) s.mark()).run().size() * s.at().enlarges())
                .max()
                .orElse(0);
    }

    private void face() {
        String now = placed.edit().face().orElse("");
        String name = now.isEmpty()
                ? Wording.of("desk.covers.books-own")
                : TypeShelf.typefaces().stream()
                        .filter(t -> t.id().equals(now))
                        .map(Typeface::name)
                        .findFirst()
                        .orElse(now);
        Button opener = Labels.opener(name, Wording.of("desk.covers.face-help"));
        opener.setId("part-face");
        VBox list = new VBox(1);
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(190);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        scroll.setVisible(false);
        scroll.setManaged(false);
        opener.setOnAction(e -> {
            boolean open = !scroll.isVisible();
            if (open && list.getChildren().isEmpty()) {
                fill(list, now);
            }
            scroll.setVisible(open);
            scroll.setManaged(open);
        });
        line(Wording.of("desk.covers.face"), opener);
        add(scroll);
    }

    private void fill(VBox list, String now) {
        Button own = choice(
                Wording.of("desk.covers.books-own"),
                "",
                now.isEmpty(),
                () -> edit("face", e -> e.withFace(Optional.empty())));
        list.getChildren().add(own);
        for (Typeface each : TypeShelf.typefaces()) {
            Button face = choice(
                    each.name(),
                    each.manner(),
                    each.id().equals(now),
                    () -> edit("face", e -> e.withFace(Optional.of(each.id()))));
            face.setId("part-face-" + each.id());
            FaceFonts.wearChoice(face, each);
            list.getChildren().add(face);
        }
    }

    private interface Share {
        LetterDress with(double value);
    }

    private void percent(String name, double now, java.util.function.Function<LetterDress, Share> change) {
        field(
                Wording.of("desk.covers." + name),
                "part-" + name,
                Numeral.trimmed(now * 100, 0) + " %",
                Wording.of("desk.covers." + name + "-help"),
                text -> dress(name, d -> change.apply(d).with(number(text) / 100)));
    }

    private interface Behind {
        LetterDress with(Optional<Ink> ink);
    }

    private void behind(
            String name, Optional<Ink> now, CoverRole first, java.util.function.Function<LetterDress, Behind> change) {
        toggle(
                Wording.of("desk.covers." + name),
                "part-" + name,
                now.isPresent(),
                () -> dress(name, d -> change.apply(d)
                        .with(
                                now.isPresent()
                                        ? Optional.empty()
                                        : Optional.of(work.cover().colours().ink(first)))));
    }

    /** What the buyer's eye would say. */
    private void reading() {
        if (work.desk().book().title().isBlank()) {
            return;
        }
        Judgement j = work.judgement();
        line(
                Wording.of("desk.covers.reads-at", 160),
                Labels.label(
                        Wording.of(
                                j.reads() ? "desk.covers.px-well" : "desk.covers.px-badly",
                                Numeral.under(j.xHeightAt160(), 1)),
                        "figure"));
        line(Wording.of("desk.covers.contrast"), Labels.label(Numeral.under(j.contrast(), 1) + " : 1", "figure"));
    }

    private void other() {
        field(
                Wording.of("desk.covers.scale"),
                "part-size",
                Numeral.trimmed(placed.edit().size().orElse(1.0) * 100, 0) + " %",
                Wording.of("desk.covers.scale-help"),
                text -> edit("size", e -> e.withSize(Optional.of(number(text) / 100))));
        field(
                Wording.of("desk.covers.colour"),
                "part-colour",
                placed.edit().ink().map(Ink::hex).orElse(""),
                Wording.of("desk.covers.colour-help"),
                text -> edit("ink", e -> e.withInk(text.isBlank() ? Optional.empty() : Optional.of(Ink.hex(text)))));
    }

    private void place() {
        double turn = placed.edit().turn().orElse(placed.part().turn());
        field(
                Wording.of("desk.covers.turn"),
                "part-turn",
                Numeral.trimmed(turn, 1) + " °",
                Wording.of("desk.covers.turn-help"),
                text -> edit("turn", e -> e.withTurn(Optional.of(number(text)))));
        add(deed(
                Wording.of("desk.covers.centre"),
                "part-centre",
                Wording.of("desk.covers.centre-help"),
                () -> work.place(
                        placed,
                        placed.box()
                                .moved(placed.panel().centreX() - placed.box().centreX(), 0),
                        "centre")));
    }

    /** A number that somebody typed, with or without a unit behind it. */
    static double number(String text) {
        String said = text.strip().replace(',', '.').replace('−', '-').replaceAll("[^0-9.+-].*$", "");
        try {
            return Double.parseDouble(said);
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "desk.covers.no-number", text.strip());
        }
    }

    @Override
    public String toString() {
        return id.toLowerCase(Locale.ROOT);
    }
}
