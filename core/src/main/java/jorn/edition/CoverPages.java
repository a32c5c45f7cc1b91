package jorn.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.cover.Cover;
import jorn.cover.CoverGeometry.CoverPart;
import jorn.makeup.PageComposer;
import jorn.makeup.PageGeometry;

/**
 * The composed cover on the first and the last page of a book of which no cover is handed over: a booklet whose first and last pages are its cover.
 * Where the pages bleed, it runs off them; on a printer that prints up to no edge it stands, in proportion, within what is printed.
 */
final class CoverPages {
    private final Cover cover;
    private final PageComposer pages;
    private final PageGeometry geometry;
    private final int last;
    private final boolean bleeds;
    private final boolean worn;
    private final Map<CoverPart, PageArt> made = new ConcurrentHashMap<>();

    CoverPages(Book book, Pagination pagination, PageComposer pages, PageGeometry geometry, Cover cover) {
        this.cover = cover;
        this.pages = pages;
        this.geometry = geometry;
        this.last = pagination.pageCount();
        this.bleeds = book.bleeds() && book.brief().press().bleed().width().points() > 0;
        this.worn = book.hasCoverOnPages();
    }

    /**
     * The cover on a page; nothing where the page is one of the book's own.
     *
     * @param number from 1
     */
    Optional<PageArt> page(int number) {
        return part(number).map(p -> made.computeIfAbsent(p, x -> art(p, number)));
    }

    /** Which part of the cover a page is. The last is the back where it is the back of a leaf. */
    private Optional<CoverPart> part(int number) {
        if (!worn) {
            return Optional.empty();
        }
        if (number == 1) {
            return Optional.of(CoverPart.FRONT);
        }
        boolean back = number == last
                && last > 2
                && last % 2 == 0
                && cover.geometry().panel(CoverPart.BACK).isPresent();
        return back ? Optional.of(CoverPart.BACK) : Optional.empty();
    }

    private PageArt art(CoverPart part, int number) {
        Frame frame = pages.frame(jorn.art.Side.of(number));
        Box trim = frame.trim();
        List<Mark> marks = cover.onPanel(part);
        if (bleeds) {
            return new PageArt(trim, frame.bleed(), List.of(new Mark.Clip(Path.box(frame.bleed()), marks)));
        }
        Box room = geometry.safe(jorn.art.Side.of(number));
        double share = Math.min(room.width() / trim.width(), room.height() / trim.height());
        Turn small = Turn.move(room.centreX() - trim.width() * share / 2, room.centreY() - trim.height() * share / 2)
                .after(new Turn(share, 0, 0, share, 0, 0));
        Box panel = new Box(0, 0, trim.width(), trim.height());
        return new PageArt(
                trim, frame.bleed(), List.of(new Mark.Turned(small, List.of(new Mark.Clip(Path.box(panel), marks)))));
    }
}
