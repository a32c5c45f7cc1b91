package jorn.desk.makeup;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.text.TextAlignment;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.calendar.Span;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.SpreadPicture;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** A page design as it looks in the book: laid out in its trim, margins, colours, typefaces and style, dated where the book is. */
final class RecipePicture {
    private static final double SIZE = 112;

    private RecipePicture() {}

    /** A picture with its name, to be chosen. */
    static PressableBox tile(Painter painter, Book book, Recipe recipe, Runnable choose) {
        var name = Labels.wrapped(recipe.name(), "soft");
        name.setAlignment(Pos.TOP_CENTER);
        name.setPrefWidth(SIZE);
        name.setMaxWidth(SIZE);
        name.setTextAlignment(TextAlignment.CENTER);
        PressableBox box = new PressableBox(3, picture(painter, book, recipe, SIZE), name);
        box.setStyle("-fx-alignment: top-center;");
        box.getStyleClass().setAll("choice");
        box.setId("design-" + recipe.id());
        box.setAccessibleText(recipe.name());
        box.setAccessibleHelp(Wording.of("desk.recipe-picture.page-design-looks-book"));
        box.setOnDeed(choose);
        return box;
    }

    /** @param size of its longer side, in pixels */
    static SpreadPicture picture(Painter painter, Book book, Recipe recipe, double size) {
        return picture(painter, book, recipe, size, false);
    }

    /**
     * @param size of its longer side, in pixels
     * @param filled whether it is filled in by hand
     */
    static SpreadPicture picture(Painter painter, Book book, Recipe recipe, double size, boolean filled) {
        Size trim = book.brief().trim();
        return new SpreadPicture(
                painter, () -> List.of(art(book, recipe, filled)), trim, 1, SpreadPicture.widthOf(trim, size));
    }

    /**
     * The page as it would be drawn.
     *
     * @param filled whether somebody has filled it in by hand
     */
    static PageArt art(Book book, Recipe recipe, boolean filled) {
        Optional<Span> span = book.calendar().from().isEmpty()
                ? Optional.empty()
                : Catalogue.find(recipe.id()).flatMap(Catalogue.Entry::span);
        Run run = span.map(s -> Run.per(s, recipe.name(), recipe, Placement.Start.ANYWHERE))
                .orElseGet(() -> Run.filling(recipe.name(), recipe, Placement.Start.ANYWHERE));
        Book sample = book.withCycles(List.of()).withRuns(List.of(run));
        if (span.isPresent() && span.get() != Span.YEAR) {
            LocalDate from = book.calendar().from().orElseThrow();
            sample = sample.withCalendar(
                    book.calendar().dated(from, from.plusMonths(1).minusDays(1)));
        }
        Edition edition = Edition.of(sample);
        return filled ? edition.pages().filledIn(1) : edition.page(1);
    }
}
