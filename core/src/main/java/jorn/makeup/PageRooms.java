package jorn.makeup;

import java.util.function.Function;
import jorn.art.Box;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Numbering;
import jorn.book.Run;
import jorn.content.Request;

/**
 * The room that pages of each run have at a page count: inside the margins, without page number and running head.
 *
 * @param book whose furniture it is
 * @param text inside the margins
 */
public record PageRooms(Book book, Box text) implements Function<Run, Request.Room> {
    public static PageRooms of(Book book, int pageCount) {
        return new PageRooms(
                book, PageGeometry.of(book, pageCount).frame(Side.RECTO).text());
    }

    @Override
    public Request.Room apply(Run run) {
        boolean numbered = run.numbering().style() != Numbering.FolioStyle.NONE;
        boolean body = run.matter() == Run.Matter.BODY;
        Box room = new PageFurniture(book.furniture(), numbered, body, text, book.grid()).room();
        return new Request.Room(room.width(), room.height(), book.grid().step());
    }

    /** Whether there is as much room; where on the page it lies is no matter. */
    boolean isAsLargeAs(PageRooms other) {
        return text.width() == other.text.width() && text.height() == other.text.height();
    }
}
