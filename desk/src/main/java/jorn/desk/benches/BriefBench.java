package jorn.desk.benches;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.brief.Measures;
import jorn.desk.model.Desk;
import jorn.desk.model.Sight;
import jorn.desk.view.BookDrawing;
import jorn.desk.view.Painter;
import jorn.desk.view.TrimNest;
import jorn.desk.view.Words;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PaperStock;
import jorn.press.PressProfile;

/** The brief: the closed book to scale, the press's trims, and what hangs on the decisions. */
public final class BriefBench implements Bench {
    private final Desk desk;
    private final BookDrawing drawing;
    private final TrimNest nest = new TrimNest();
    private final HBox columns = new HBox(26);
    private final VBox node;

    public BriefBench(Desk desk, Painter painter) {
        this.desk = desk;
        drawing = new BookDrawing(painter);
        drawing.setId("book-drawing");
        nest.setId("trim-nest");
        nest.setMaxHeight(390);
        nest.setOnTrim(this::takeTrim);
        HBox.setHgrow(drawing, Priority.ALWAYS);
        HBox above = new HBox(10, drawing, nest);
        above.setAlignment(javafx.geometry.Pos.BOTTOM_LEFT);
        VBox.setVgrow(above, Priority.ALWAYS);
        VBox hangs = new VBox(6, Words.label("What hangs on these decisions", "heading"), columns);
        hangs.getStyleClass().add("slip");
        node = new VBox(12, above, hangs);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        drawing.setEm(pixels);
        nest.setEm(pixels);
        nest.setPrefWidth(pixels * 14.6);
        nest.setMinWidth(pixels * 14.6);
    }

    @Override
    public void show() {
        Sight sight = desk.sight().get();
        Unit unit = desk.unit().get();
        drawing.show(sight, unit);
        nest.show(sight, unit);
        columns.getChildren().setAll(pages(sight), paper(sight, unit), edges(sight, unit), press(sight));
    }

    private void takeTrim(Size size) {
        try {
            desk.book().brief().press().requireTrim(size);
            desk.changeBrief("trim", b -> b.withTrim(size));
        } catch (Trouble t) {
            desk.tell(t);
            show();
        }
    }

    private static Node column(String head, String... lines) {
        VBox box = new VBox(2, Words.wrapped(head, "strong"));
        for (String line : lines) {
            if (!line.isEmpty()) {
                box.getChildren().add(Words.wrapped(line, "soft"));
            }
        }
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(150);
        box.setMinWidth(0);
        return box;
    }

    private static Node pages(Sight sight) {
        var offer = sight.book().brief().offer();
        int n = sight.pagination().pageCount();
        String spine = offer.spineText()
                .map(s -> n >= s.minPages()
                        ? "Spine text needs " + s.minPages() + ": it may be used."
                        : "Spine text needs " + s.minPages() + ": too few yet.")
                .orElse("");
        int blanks = sight.pagination().blanksAdded();
        String added = blanks == 0 ? "" : blanks + (blanks == 1 ? " blank is" : " blanks are") + " added at the end.";
        return column(n + " pages", "Allowed: " + offer.pages().inWords() + ".", spine, added);
    }

    private static Node paper(Sight sight, Unit unit) {
        var brief = sight.book().brief();
        Optional<PaperStock> other = brief.press().papers().stream()
                .filter(p -> !p.id().equals(brief.paper()))
                .findFirst();
        String head = capital(brief.paperStock().name());
        if (other.isEmpty()) {
            return column(head, "This press has one paper only.");
        }
        Measures then =
                Measures.of(sight.book().withBrief(brief.withPaper(other.get().id())));
        Length now = sight.measures().get("book.thickness").length();
        Length so = then.get("book.thickness").length();
        boolean thicker = so.compareTo(now) > 0;
        Length apart = thicker ? so.minus(now) : now.minus(so);
        String cover = brief.binding().hasSpine()
                ? "The cover would be " + apart.format(unit, Precision.EXACT) + (thicker ? " wider." : " narrower.")
                : "The block would be " + then.get("book.weight").text(unit) + ".";
        return column(
                head, capital(other.get().name()) + " would be " + so.format(unit, Precision.EXACT) + " thick.", cover);
    }

    private static Node edges(Sight sight, Unit unit) {
        var page = sight.composer().geometry();
        PressProfile press = sight.book().brief().press();
        if (!page.bleeds()) {
            return column(
                    "Nothing runs off the page",
                    "So the page in the file is the trim size, and margins may be "
                            + page.requiredOutside().text(unit) + ".");
        }
        if (page.bleed().length().isZero()) {
            return column("Lines run off the page", press.name() + " cannot print up to the edge.");
        }
        boolean four = press.bleed().sides() == jorn.press.Bleed.Sides.FOUR;
        return column(
                "Lines run off the page",
                "So every page has bleed: " + page.bleed().text(unit)
                        + (four ? " on all four sides." : " at head, foot and fore-edge."));
    }

    private static Node press(Sight sight) {
        PressProfile press = sight.book().brief().press();
        return column(
                press.name(), "A profile of made-up numbers: compare them with your own press's before you print.");
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }
}
