package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.PageArt;

/**
 * A frame with a tree in it: a page, a spread, a panel of a cover, a card, a screen.
 *
 * @param kind what it is
 * @param frame its measures; its trim's corner is the origin
 * @param room where the tree is laid out
 * @param root what stands on it
 */
public record Surface(SurfaceKind kind, Frame frame, Box room, Node root) {
    /** What a surface is. */
    public enum SurfaceKind {
        PAGE,
        /** A verso and the recto that faces it; art may run across the gutter. */
        SPREAD,
        /** The whole outside of a cover, spread flat. */
        WRAP,
        /** The front or the back of a cover. */
        PANEL,
        SPINE,
        FLAP,
        CARD,
        SCREEN
    }

    /** A surface whose tree has the room inside its margins. */
    public static Surface of(SurfaceKind kind, Frame frame, Node root) {
        return new Surface(kind, frame, frame.text(), root);
    }

    /** What is drawn on it. */
    public List<Mark> marks(BookLook book, PageFacts page) {
        List<Mark> marks = new ArrayList<>();
        root.draw(room, new Flow(book, page, frame), marks);
        return marks;
    }

    public PageArt art(BookLook book, PageFacts page) {
        return new PageArt(frame.trim(), frame.bleed(), marks(book, page));
    }
}
