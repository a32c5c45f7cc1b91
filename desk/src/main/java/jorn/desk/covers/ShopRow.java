package jorn.desk.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.LetterDress;
import jorn.book.PartEdit;
import jorn.book.Share;
import jorn.book.Starter;
import jorn.cover.Cover;
import jorn.cover.CoverColours;
import jorn.cover.CoverRole;
import jorn.cover.Judgement;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Labels;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.say.Wording;
import jorn.style.StyleShelf;

/** The front among made-up neighbours on a shop's shelf, and what a buyer would say of it, with remedies. */
public final class ShopRow extends VBox {
    private static final int[] SIZES = {160, 90};
    /** Neighbours: style, composition, title; all made up. */
    private static final String[][] NEIGHBOURS = {
        {"meadow", "wreath", "Garden by the Week"},
        {"linocut", "band", "A Small Book of Smoke"},
        {"kite", "hills", "Bee Walks"},
        {"almanac", "framed", "Winter Cluster"}
    };

    private final CoverWork work;
    private final Shelf shelf = new Shelf();
    private final VBox lines = new VBox(3);
    private final HBox head = new HBox(8);
    private final Thumbs thumbs = new Thumbs();
    /** Paints the neighbours, which stay as they are. */
    private final Thumbs beside = new Thumbs();

    private final List<Image> neighbours = new ArrayList<>();
    private Optional<Image> own = Optional.empty();
    private int size = SIZES[0];
    private boolean dark;
    private boolean asked;

    private final class Shelf extends CanvasPane {
        @Override
        protected void draw(GraphicsContext g, double width, double height) {
            g.setFill(dark ? Color.web("#1C1E22") : Color.WHITE);
            g.fillRect(0, 0, width, height);
            g.setStroke(Theme.HAIRLINE);
            g.strokeRect(0.5, 0.5, width - 1, height - 1);
            double x = 14;
            double h = Math.min(size, height - 34);
            int i = 0;
            List<Image> all = new ArrayList<>(neighbours);
            int place = Math.min(1, all.size());
            own.ifPresent(o -> all.add(place, o));
            for (Image each : all) {
                double w = each.getWidth() / each.getHeight() * h;
                if (x + w > width - 8) {
                    break;
                }
                g.drawImage(each, x, 10, w, h);
                if (i == place && own.isPresent()) {
                    g.setStroke(Theme.THREAD);
                    g.setLineWidth(2);
                    g.strokeRect(x - 3, 7, w + 6, h + 6);
                    g.setLineWidth(1);
                }
                // What a shop writes under a picture, not to be read.
                g.setFill(dark ? Color.web("#4A4D53") : Color.web("#D9D6CF"));
                g.fillRect(x, 10 + h + 7, w * 0.9, 4);
                g.fillRect(x, 10 + h + 15, w * 0.55, 4);
                x += w + 18;
                i++;
            }
        }
    }

    public ShopRow(CoverWork work) {
        super(4);
        this.work = work;
        shelf.setId("cover-shelf");
        shelf.setAccessibleText(Wording.of("desk.covers.shelf"));
        head.setAlignment(Pos.CENTER_LEFT);
        lines.setId("cover-judgement");
        getChildren().addAll(head, shelf, lines);
        heading();
    }

    private void heading() {
        head.getChildren().setAll(Labels.label(Wording.of("desk.covers.shelf"), "heading"), Labels.spring());
        for (int each : SIZES) {
            Button b = Labels.oneOf(
                    Wording.of("desk.cover.px", each), Wording.of("desk.covers.size-help", each), size == each, () -> {
                        size = each;
                        again();
                    });
            b.setId("shelf-" + each);
            head.getChildren().add(b);
        }
        Button night = Labels.oneOf(Wording.of("desk.covers.dark"), Wording.of("desk.covers.dark-help"), dark, () -> {
            dark = !dark;
            again();
        });
        night.setId("shelf-dark");
        head.getChildren().add(night);
        // The place stays as high when covers are shown smaller, so that nothing below it moves.
        shelf.setMinHeight(SIZES[0] + 34.0);
        shelf.setPrefHeight(SIZES[0] + 34.0);
    }

    private void again() {
        heading();
        shelf.redraw();
    }

    public void setEm(double pixels) {
        shelf.setEm(pixels);
    }

    /** Shows the cover as it is now. */
    public void show() {
        if (!asked) {
            asked = true;
            for (String[] each : NEIGHBOURS) {
                beside.paint(() -> neighbour(each), SIZES[0] * 2, image -> {
                    neighbours.add(image);
                    shelf.redraw();
                });
            }
        }
        thumbs.begin();
        Cover cover = work.cover();
        thumbs.paint(cover::frontArt, SIZES[0] * 2, image -> {
            own = Optional.of(image);
            shelf.redraw();
        });
        judge();
    }

    private static PageArt neighbour(String[] of) {
        Book book = Starter.NOTEBOOK
                .begin()
                .withTitle(of[2])
                .withAuthor("Skep & Sedge")
                .inStyle(StyleShelf.of(of[0]));
        return Edition.of(book.withCover(book.cover().planned(p -> p.composedAs(of[1]))))
                .cover()
                .frontArt();
    }

    private void judge() {
        lines.getChildren().clear();
        if (!work.isComposed() || work.desk().book().title().isBlank()) {
            lines.getChildren()
                    .add(Labels.wrapped(
                            Wording.of(work.isComposed() ? "desk.covers.no-title" : "desk.covers.not-composed"),
                            "soft"));
            return;
        }
        Judgement j = work.judgement();
        if (!j.reads()) {
            line(
                    Wording.of(
                            "desk.covers.small",
                            Numeral.under(j.xHeightAt160(), 1),
                            Numeral.trimmed(Judgement.READ, 0)),
                    "larger",
                    e -> e.withSize(Optional.of(Math.min(
                            4, e.size().orElse(1.0) * Judgement.READ / Math.max(0.5, j.xHeightAt160()) * 1.03))));
        }
        if (!j.standsOut()) {
            line(
                    Wording.of(
                            "desk.covers.faint",
                            Numeral.under(j.contrast(), 1),
                            Numeral.trimmed(Judgement.LEAST_CONTRAST, 0)),
                    "panel",
                    this::onPanel);
        } else if (j.isRestless()) {
            line(Wording.of("desk.covers.restless"), "panel", this::onPanel);
        }
        if (j.isOffCentre()) {
            line(
                    Wording.of("desk.covers.off-centre"),
                    "centre",
                    e -> e.withAt(centred().or(e::at)));
        }
        for (String part : j.outside()) {
            say(Wording.of("desk.covers.outside", PartWords.of(part)), "inside", () -> inside(part));
        }
        if (!j.repeated().isEmpty()) {
            say(Wording.of("desk.covers.repeated", String.join(", ", j.repeated())), "", () -> {});
        }
        if (j.families().size() > Judgement.MOST_FAMILIES) {
            say(Wording.of("desk.covers.families", String.join(", ", j.families())), "", () -> {});
        }
        if (lines.getChildren().isEmpty()) {
            lines.getChildren()
                    .add(Labels.wrapped(
                            Wording.of(
                                    "desk.covers.reads",
                                    Numeral.under(j.xHeightAt160(), 1),
                                    Numeral.under(j.xHeightAt90(), 1),
                                    Numeral.under(j.contrast(), 1)),
                            "soft"));
        }
    }

    private Optional<Share> centred() {
        return work.part("title")
                .map(t -> Share.of(t.box().moved(t.panel().centreX() - t.box().centreX(), 0), t.panel()));
    }

    private PartEdit onPanel(PartEdit edit) {
        CoverColours colours = work.cover().colours();
        LetterDress dress = edit.letters().orElse(LetterDress.PLAIN);
        return edit.withLetters(Optional.of(dress.withPanel(Optional.of(colours.ink(CoverRole.PAPER)))))
                .withInk(Optional.of(colours.ink(CoverRole.INK)));
    }

    private void inside(String id) {
        work.part(id).ifPresent(p -> {
            Box safe = work.cover().geometry().safe(p.panel());
            Box b = p.box();
            double w = Math.min(b.width(), safe.width());
            double h = Math.min(b.height(), safe.height());
            double x = Math.min(Math.max(b.x(), safe.x()), safe.right() - w);
            double y = Math.min(Math.max(b.y(), safe.y()), safe.bottom() - h);
            work.edit(id, "inside", e -> e.withAt(Optional.of(Share.of(new Box(x, y, w, h), p.panel())))
                    .withSize(e.size().map(s -> Math.min(1, s))));
        });
    }

    private void line(String what, String remedy, UnaryOperator<PartEdit> change) {
        say(what, remedy, () -> work.edit("title", "remedy", change));
    }

    private void say(String what, String remedy, Runnable deed) {
        var label = Labels.wrapped(what, "soft");
        label.setMinWidth(0);
        HBox.setHgrow(label, javafx.scene.layout.Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(8, label);
        row.setAlignment(Pos.CENTER_LEFT);
        if (!remedy.isEmpty()) {
            Button b = Labels.act(
                    Wording.of("desk.covers.remedy-" + remedy), Wording.of("desk.covers.remedy-help"), () -> work.desk()
                            .attempt(deed));
            b.setId("remedy-" + remedy);
            row.getChildren().add(b);
        }
        lines.getChildren().add(row);
    }
}
