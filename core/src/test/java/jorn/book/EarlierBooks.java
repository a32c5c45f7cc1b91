package jorn.book;

import java.util.List;
import java.util.Optional;
import jorn.art.Palette;
import jorn.block.paper.Ruling;
import jorn.book.Placement.Start;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipes;
import jorn.style.TypeChoice;

/** Books as they were before there were styles and a pitch: with the press's least margins, in black, without numbers. */
public final class EarlierBooks {
    private EarlierBooks() {}

    /** A title page, a page that says whose it is, and lined pages. */
    public static Book linedJournal() {
        return linedJournal(Starter.LINED_JOURNAL.usualBrief());
    }

    public static Book linedJournal(Brief brief) {
        return earlier(Starter.LINED_JOURNAL.begin(brief))
                .withRuns(List.of(
                        front("Title", "title"),
                        front("Belongs to", "belongs-to"),
                        Run.filling("Lined pages", Recipes.lined(Ruling.customary()), Start.RECTO)));
    }

    /** Lined pages alone. */
    public static Book notebook() {
        return notebook(Starter.NOTEBOOK.usualBrief());
    }

    public static Book notebook(Brief brief) {
        return earlier(Starter.NOTEBOOK.begin(brief));
    }

    /** A starter's book without style, pitch, numbers and margins of its own. */
    public static Book earlier(Book book) {
        Interior bare = book.interior()
                .withMargins(MarginChoice.NONE)
                .withPitch(Optional.empty())
                .withFurniture(Furniture.NONE);
        return book.withLook(new Look(TypeChoice.CUSTOMARY, Palette.BLACK, Optional.empty()))
                .withInterior(bare)
                .withCover(CoverDesign.CUSTOMARY.withSpineText(book.cover().spineText()));
    }

    private static Run front(String name, String design) {
        return Run.of(name, Catalogue.recipe(design), 1, Start.RECTO)
                .as(Run.Matter.FRONT)
                .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE));
    }
}
