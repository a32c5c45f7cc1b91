package jorn.brief;

import java.util.Optional;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.measure.Size;
import jorn.press.Binding;
import jorn.press.PressProfile.CutSheet;
import jorn.say.Wording;

/**
 * How many larger sheets a book takes that is cut or folded from them: single leaves stand side by side on a sheet and are
 * cut apart; a stapled book has four pages on each folded sheet.
 */
final class SheetCount {
    private SheetCount() {}

    /** The sheets, where the press has one that the pages fit on. */
    static Optional<Figure> of(Book book, Pagination pagination) {
        Size trim = book.brief().trim();
        return book.brief().press().sheets().stream()
                .filter(s -> fits(trim, s))
                .findFirst()
                .map(s -> figure(book, pagination, s));
    }

    /** Whether so many pages stand side by side on the sheet, upright or turned. */
    private static boolean fits(Size trim, CutSheet sheet) {
        double w = trim.width().points() * sheet.up();
        double h = trim.height().points();
        double a = sheet.sheet().width().points();
        double b = sheet.sheet().height().points();
        double slack = 0.5;
        return (w <= a + slack && h <= b + slack) || (w <= b + slack && h <= a + slack);
    }

    private static Figure figure(Book book, Pagination pagination, CutSheet sheet) {
        boolean folded = book.brief().binding() == Binding.STITCHED;
        int each = 2 * sheet.up();
        int pages = pagination.pageCount();
        Figure count = Figure.given(
                "pages",
                Wording.of("brief.sheet-count.pages"),
                Scalar.count(pages, Wording.of("brief.sheet-count.pages-2")),
                "");
        Figure perSheet = Figure.given(
                "sheet.pages",
                Wording.of("brief.sheet-count.pages-on-sheet"),
                Scalar.count(each, Wording.of("brief.sheet-count.pages-2")),
                Wording.of(
                        "brief.sheet-count.both-sides",
                        sheet.sheet().id(),
                        book.brief().press().name()));
        return Figure.computed(
                "paper.sheets",
                Wording.of("brief.sheet-count.sheets", sheet.sheet().id()),
                Scalar.count((pages + each - 1) / each, Wording.of("brief.sheet-count.sheets-2")),
                "{pages} ÷ {sheet.pages}",
                folded ? Wording.of("brief.sheet-count.folded-once") : Wording.of("brief.sheet-count.cut-apart"),
                count,
                perSheet);
    }
}
