package jorn.makeup;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Pagination.Slot;
import jorn.calendar.Occasion;
import jorn.page.Mark;
import jorn.page.PageArt;
import jorn.page.PageFrame;
import jorn.page.Side;
import jorn.page.Stamp;
import jorn.recipe.Flow;
import jorn.recipe.Recipe;

/**
 * Makes the art of a book's pages: Book → Pagination → PageArt. Pages are made when asked for; a recipe that does not vary
 * from page to page is drawn once for each side and stamped on all its pages. Safe to use from several threads.
 */
public final class Composer {
    private final Book book;
    private final Pagination pagination;
    private final PageGeometry geometry;
    private final Map<Side, PageFrame> frames = new HashMap<>();
    private final Map<Key, PageArt> made = new HashMap<>();

    private record Key(int run, Side side, int design, Occasion occasion) {}

    public Composer(Book book) {
        this.book = book;
        this.pagination = Pagination.of(book);
        this.geometry = PageGeometry.of(book, pagination.pageCount());
        for (Side side : Side.values()) {
            frames.put(side, geometry.frame(side));
        }
    }

    public Book book() {
        return book;
    }

    public Pagination pagination() {
        return pagination;
    }

    public PageGeometry geometry() {
        return geometry;
    }

    public PageFrame frame(Side side) {
        return frames.get(side);
    }

    /**
     * The art of one page.
     *
     * @param number from 1 to the page count
     */
    public PageArt page(int number) {
        Slot slot = pagination.page(number);
        PageFrame frame = frames.get(slot.side());
        if (slot.isBlank()) {
            return new PageArt(frame.trim(), frame.bleed(), List.of());
        }
        Recipe recipe = book.runs().get(slot.run()).design(slot.design());
        if (recipe.variesByPage()) {
            return draw(recipe, frame, slot);
        }
        Occasion occasion = recipe.variesByOccasion() ? slot.occasion() : Occasion.NONE;
        synchronized (made) {
            return made.computeIfAbsent(
                    new Key(slot.run(), slot.side(), slot.design(), occasion),
                    k -> recipe.variesByOccasion() ? draw(recipe, frame, slot) : stamped(draw(recipe, frame, slot)));
        }
    }

    /** The same art as one stamp, so that sinks keep it. */
    private static PageArt stamped(PageArt art) {
        return art.marks().isEmpty()
                ? art
                : new PageArt(art.trim(), art.bleed(), List.of(new Mark.Place(new Stamp(art.marks()), 0, 0)));
    }

    /**
     * The height that a page's design wants between the margins, and the height that it is given, in points.
     *
     * @param number of a page that is not blank
     */
    public List<Double> wantedAndGiven(int number) {
        Slot slot = pagination.page(number);
        PageFrame frame = frames.get(slot.side());
        Recipe recipe = book.runs().get(slot.run()).design(slot.design());
        double wanted = recipe.root().naturalHeight(frame.text().width(), flow(frame, slot));
        return List.of(wanted, frame.text().height());
    }

    private PageArt draw(Recipe recipe, PageFrame frame, Slot slot) {
        return new PageArt(frame.trim(), frame.bleed(), recipe.draw(flow(frame, slot)));
    }

    private Flow flow(PageFrame frame, Slot slot) {
        Map<String, String> fields = new HashMap<>(DateFields.of(slot.occasion(), book.calendar()));
        fields.put("title", book.title().strip());
        fields.put("subtitle", book.subtitle().strip());
        fields.put("author", book.author().strip());
        fields.put("page", Integer.toString(slot.number()));
        return new Flow(
                frame,
                fields,
                book.type().headingFace(),
                book.type().bodyFace(),
                book.palette(),
                slot.occasion(),
                book.calendar());
    }
}
