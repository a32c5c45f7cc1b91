package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Marks.Standing;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Specimen;
import jorn.edition.Edition;
import jorn.layout.Grid;
import jorn.makeup.PageComposer.LackOfPart;
import jorn.makeup.PageGeometry;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.style.PageStyle;
import jorn.style.Rule;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Every design in every style at six trims, on both sides, dated and undated: it stays in the safe area, keeps the floors of
 * type, of things to tick and of lines, and has the room that it wants. The usual run takes a sample that changes with the design.
 */
class EveryStyleTest {
    private static final List<String> TRIMS = List.of("6x9in", "A5", "8.5x11in", "7x10in", "8.5x8.5in", "A6");

    /** On paper so small some designs say that they have too little room. */
    private static final Set<String> SMALL = Set.of("A6");

    private static final double SLACK = 0.05;

    private final Set<String> wrong = new TreeSet<>();

    private void look(Catalogue.Entry entry, PageStyle style, String trim, boolean dated) {
        Book book = Specimen.of(entry, style, Size.parse(trim, Unit.INCH), dated);
        Edition edition = Edition.of(book);
        PageGeometry geometry = PageGeometry.of(book, edition.pagination().pageCount());
        for (int page = 2; page <= 3; page++) {
            String what = entry.id() + " " + style.id() + " " + trim + (dated ? " dated " : " undated ") + page;
            Box safe = geometry.safe(Side.of(page)).outset(SLACK);
            List<LackOfPart> lacks = edition.pages().lacks(page);
            // At a style's own wide pitch, too, some say so.
            if (!SMALL.contains(trim) && style.dress().pitch().isEmpty()) {
                lacks.forEach(l -> wrong.add(what + ": " + l.lack().says().text()));
            }
            for (Standing each : Marks.standing(edition.page(page).marks())) {
                look(what, each, safe);
            }
        }
    }

    private void look(String what, Standing each, Box safe) {
        Box b = each.bounds();
        if (!b.isEmpty() && !safe.holds(b)) {
            wrong.add(what + ": outside the safe area, " + b);
        }
        double scale = each.at().enlarges();
        if (each.mark() instanceof Mark.Words words
                && words.run().size() * scale < Grid.SMALLEST_TYPE - 1e-6
                && !words.run().text().isBlank()) {
            wrong.add(what + ": type of " + words.run().size() + " pt, "
                    + words.run().text());
        }
        if (each.mark() instanceof Mark.Stroke stroke) {
            if (stroke.width() * scale < Rule.THINNEST - 1e-6) {
                wrong.add(what + ": a line of " + stroke.width() + " pt");
            }
            double side = b.width() + stroke.width();
            boolean square = stroke.path().isBox() && Math.abs(b.width() - b.height()) < 0.05;
            if (square && side < Grid.SMALLEST_TICK.points() - SLACK) {
                wrong.add(what + ": a square of " + side + " pt");
            }
        }
    }

    @Test
    void aSampleKeepsTheFloors() {
        int i = 0;
        List<PageStyle> styles = StyleShelf.shipped();
        for (Catalogue.Entry entry : Catalogue.all()) {
            for (int k = 0; k < 3; k++) {
                look(entry, styles.get((i + 3 * k) % styles.size()), TRIMS.get((i + k) % TRIMS.size()), i % 2 == 0);
                i++;
            }
        }
        assertTrue(i > 300);
        assertEquals(Set.of(), wrong);
    }

    @Test
    @Tag("long")
    void allOfThemKeepTheFloors() {
        for (Catalogue.Entry entry : Catalogue.all()) {
            for (PageStyle style : StyleShelf.shipped()) {
                for (String trim : TRIMS) {
                    look(entry, style, trim, true);
                    look(entry, style, trim, false);
                }
            }
        }
        assertEquals(Set.of(), wrong);
    }
}
