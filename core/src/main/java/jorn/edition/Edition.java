package jorn.edition;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import jorn.art.MarkInks;
import jorn.art.Marks;
import jorn.art.Marks.Standing;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.book.Pagination;
import jorn.book.Plans;
import jorn.book.Slot;
import jorn.brief.Measures;
import jorn.brief.Measures.Reckoning;
import jorn.content.Hurry;
import jorn.content.Worklist;
import jorn.cover.Cover;
import jorn.cover.CoverGeometry;
import jorn.makeup.PageComposer;
import jorn.makeup.PageGeometry;
import jorn.makeup.Paginator;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from a book, all of the same moment, computed once: which page is which, the measures of its pages
 * and its cover, all figures, and the art of any page when it is asked for. The window, the checks, the export and the command
 * line all take it from here. Safe to use from several threads.
 */
public final class Edition {
    private final Book book;
    private final Pagination pagination;
    private final PageGeometry geometry;
    private final PageComposer pages;
    private final Cover cover;
    private final CoverPages covers;
    private @Nullable Measures measures;
    /** How much of what the runs make was there when it was measured. */
    private int measuredAt;

    /**
     * A page and what stands on it.
     *
     * @param standing the single marks and where each stands
     */
    public record Sighting(Slot slot, PageArt art, List<Standing> standing) {}

    /** What was counted last; whoever types a price does not wait for it again. */
    private static final AtomicReference<@Nullable Counted> LAST = new AtomicReference<>();

    private record Counted(Book inside, int coloured) {}

    private Edition(Book book) {
        this.book = book;
        this.pagination = Paginator.of(book);
        this.geometry = PageGeometry.of(book, pagination.marginsFor());
        this.pages = new PageComposer(book, pagination, geometry);
        this.cover = coverOf(book);
        this.covers = new CoverPages(book, pagination, pages, geometry, cover);
    }

    /** The cover as it would be in another design, with the pages and measures of this book; quickly made, to be looked at. */
    public Cover coverOf(Book other) {
        return new Cover(
                other,
                pages.look(),
                CoverGeometry.of(other, pagination.pageCount()),
                new ShownPages(book, pagination, pages));
    }

    /** @throws jorn.measure.Trouble where the book cannot be laid out */
    public static Edition of(Book book) {
        return new Edition(book);
    }

    public Book book() {
        return book;
    }

    public Pagination pagination() {
        return pagination;
    }

    /** The measures of an inside page. */
    public PageGeometry geometry() {
        return geometry;
    }

    /** Makes the pages. */
    public PageComposer pages() {
        return pages;
    }

    /**
     * The art of one page.
     *
     * @param number from 1 to the page count
     */
    public PageArt page(int number) {
        return covers.page(number).orElseGet(() -> pages.page(number));
    }

    /** Whether a page is the front or the back of the cover, in place of its own design. */
    public boolean isCoverPage(int number) {
        return covers.page(number).isPresent();
    }

    public Cover cover() {
        return cover;
    }

    /** All figures, with the money of the press's first market. */
    public synchronized Measures measures() {
        int made = book.runs().stream()
                .flatMap(r -> r.source().worklist().stream())
                .mapToInt(Worklist::count)
                .sum();
        if (measures == null || made != measuredAt) {
            measuredAt = made;
            measures = Measures.of(book, pagination, Reckoning.CUSTOMARY.counted(colouredPages()));
        }
        return measures;
    }

    /**
     * How many pages have colour on them; counted only where the press charges for that, as every page is made for it. On a thread that must not
     * wait it is a guess until somebody has counted: {@link #knowsColours}.
     */
    public synchronized OptionalInt colouredPages() {
        if (!book.brief().countsColouredPages()) {
            return OptionalInt.empty();
        }
        if (!knowsColours() && Hurry.isOn()) {
            // Until they are counted, as many as were before, or all.
            Counted last = LAST.get();
            int pages = pagination.pageCount();
            return OptionalInt.of(last == null ? pages : Math.min(pages, last.coloured()));
        }
        return OptionalInt.of(countColours());
    }

    /** Whether the coloured pages are counted, or need not be. */
    public boolean knowsColours() {
        Counted last = LAST.get();
        return !book.brief().countsColouredPages()
                || (last != null && last.inside().equals(inside()));
    }

    /** Counts the pages that have colour on them, for which all are made; what is equal is counted once. */
    public int countColours() {
        Book inside = inside();
        Counted last = LAST.get();
        if (last == null || !last.inside().equals(inside)) {
            last = new Counted(inside, count());
            LAST.set(last);
        }
        return last.coloured();
    }

    /** Prices and the cover put no colour on a page. */
    private Book inside() {
        return book.withPlans(Plans.NONE).withCover(CoverDesign.CUSTOMARY);
    }

    private int count() {
        Map<Integer, Boolean> known = new HashMap<>();
        return (int) pagination.slots().stream()
                .filter(s -> !s.isBlank() && isColoured(s, known))
                .count();
    }

    private boolean isColoured(Slot slot, Map<Integer, Boolean> known) {
        Boolean before = isCoverPage(slot.number()) ? null : known.get(sort(slot));
        if (before != null) {
            return before;
        }
        boolean now = MarkInks.haveColour(page(slot.number()).marks());
        if (!isCoverPage(slot.number()) && pages.isLikeAllOfItsRun(slot)) {
            known.put(sort(slot), now);
        }
        return now;
    }

    /**
     * What must be looked at to have seen all pages, in order: every page, other than blanks, those that are like one before, and those that bear the
     * cover, which is looked at by itself. Pages are made as the stream gets to them, and not kept.
     */
    public Stream<Sighting> distinct() {
        // Four for each run: two designs, two sides.
        BitSet seen = new BitSet(book.runs().size() * 4);
        return pagination.slots().stream()
                .filter(s -> !s.isBlank() && !isCoverPage(s.number()) && !seen.get(sort(s)))
                .map(slot -> {
                    PageArt art = page(slot.number());
                    if (pages.isLikeAllOfItsRun(slot)) {
                        seen.set(sort(slot));
                    }
                    return new Sighting(slot, art, Marks.standing(art.marks()));
                });
    }

    private static int sort(Slot slot) {
        return slot.run() * 4 + slot.design() * 2 + slot.side().ordinal();
    }
}
