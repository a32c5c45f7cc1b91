package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Side;
import jorn.art.Turn;
import jorn.block.cover.AuthorLine;
import jorn.block.cover.BareStrip;
import jorn.block.cover.Blurb;
import jorn.block.cover.CoverOrnament;
import jorn.block.cover.Ground;
import jorn.block.cover.SpineLine;
import jorn.block.cover.TitlePanel;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.cover.CoverGeometry.CoverPart;
import jorn.layout.BookLook;
import jorn.layout.Node;
import jorn.layout.Overlay;
import jorn.layout.PageFacts;
import jorn.layout.Surface;
import jorn.text.Typeface.Style;
import org.jspecify.annotations.Nullable;

/** A book's cover: its surfaces, each with a tree like any page, and where they lie on the plane of the geometry. */
public final class Cover {
    /** The glue needs bare paper this far beside the spine: an eighth of an inch (from memory). */
    private static final double GLUE = 9;

    private final Book book;
    private final BookLook look;
    private final CoverGeometry geometry;
    /** Made when it is first asked for: every rule that looks at the cover asks for it. */
    private @Nullable PageArt plane;

    /**
     * A surface of the cover.
     *
     * @param x where its trim begins on the plane
     * @param y where its trim begins on the plane
     */
    public record Laid(Surface surface, double x, double y) {
        /** Its finished part on the plane. */
        public Box box() {
            return surface.frame().trim().moved(x, y);
        }
    }

    public Cover(Book book, BookLook look, CoverGeometry geometry) {
        this.book = book;
        this.look = look;
        this.geometry = geometry;
    }

    public CoverGeometry geometry() {
        return geometry;
    }

    /** The surfaces of one page of the cover file, the lowest first. */
    public List<Laid> surfaces(CoverGeometry.CoverSheet sheet) {
        List<Laid> all = new ArrayList<>();
        all.add(wrap(sheet, Optional.empty(), new Ground(book.cover().ground())));
        front().filter(f -> sheet.trim().holds(f.box())).ifPresent(all::add);
        spine().filter(s -> sheet.trim().holds(s.box())).ifPresent(all::add);
        back().filter(b -> sheet.trim().holds(b.box())).ifPresent(all::add);
        return all;
    }

    /** The inside of one page of the cover, in the colour of the ground, with a bare strip behind the spine for the glue. */
    public List<Laid> insides(CoverGeometry.CoverSheet sheet) {
        Optional<Box> bare = geometry.spineBox().map(spine -> {
            double x = sheet.trim().right() - spine.right();
            Box bled = sheet.bled();
            double top = bled.y() - sheet.trim().y();
            return Box.between(x - GLUE, top, x + spine.width() + GLUE, top + bled.height());
        });
        return List.of(wrap(sheet, bare, Overlay.of(new Ground(book.cover().ground()), new BareStrip())));
    }

    private static Laid wrap(CoverGeometry.CoverSheet sheet, Optional<Box> bare, Node root) {
        Box t = sheet.trim();
        Box trim = t.moved(-t.x(), -t.y());
        Frame frame = new Frame(
                Side.RECTO,
                true,
                trim,
                sheet.bled().moved(-t.x(), -t.y()),
                trim,
                bare.map(List::of).orElse(List.of()));
        return new Laid(Surface.of(Surface.SurfaceKind.WRAP, frame, root), t.x(), t.y());
    }

    private Optional<Laid> front() {
        CoverDesign design = book.cover();
        Ink title = design.panel() ? design.titleInk() : onGround();
        Node words = Overlay.of(new TitlePanel(design.panel(), design.panelInk(), title), new AuthorLine(onGround()));
        // Covers of books without a style stay as they are.
        Node root = book.look().style().isEmpty()
                ? words
                : Overlay.of(new CoverOrnament(design.ground(), onGround()), words);
        return geometry.panel(CoverPart.FRONT)
                .map(box -> panel(
                        Surface.SurfaceKind.PANEL,
                        box,
                        geometry.frontFace(),
                        geometry.safe(geometry.frontFace()),
                        List.of(),
                        root));
    }

    private Optional<Laid> back() {
        List<Box> free = geometry.barcode().map(List::of).orElse(List.of());
        Node root = new Blurb(book.cover().blurb(), onGround());
        return geometry.back()
                .map(box -> panel(
                        Surface.SurfaceKind.PANEL,
                        box,
                        geometry.backFace().orElseThrow(),
                        geometry.safe(geometry.backFace().orElseThrow()),
                        free,
                        root));
    }

    /** The spine, where words may stand on it. */
    private Optional<Laid> spine() {
        if (!book.cover().spineText() || !geometry.figures().isSpineTextAllowed()) {
            return Optional.empty();
        }
        Box safe = geometry.spineSafe().orElseThrow();
        return geometry.spineBox()
                .map(box -> panel(Surface.SurfaceKind.SPINE, box, safe, safe, List.of(), new SpineLine(onGround())));
    }

    /** All given on the plane. */
    private Laid panel(Surface.SurfaceKind kind, Box box, Box room, Box safe, List<Box> free, Node root) {
        double dx = -box.x();
        double dy = -box.y();
        Box trim = box.moved(dx, dy);
        Frame frame = new Frame(
                Side.RECTO,
                true,
                trim,
                trim.outset(geometry.figures().outer().length().points()),
                safe.moved(dx, dy),
                free.stream().map(f -> f.moved(dx, dy)).toList());
        return new Laid(new Surface(kind, frame, room.moved(dx, dy), root), box.x(), box.y());
    }

    /** What surfaces draw, on the plane. */
    public List<Mark> marks(List<Laid> surfaces) {
        List<Mark> all = new ArrayList<>();
        for (Laid laid : surfaces) {
            List<Mark> marks = laid.surface().marks(look, PageFacts.NONE);
            if (laid.x() == 0 && laid.y() == 0) {
                all.addAll(marks);
            } else if (!marks.isEmpty()) {
                all.add(new Mark.Turned(Turn.move(laid.x(), laid.y()), marks));
            }
        }
        return all;
    }

    /** The whole cover on one plane, as it is looked at; its trim is the finished cover, spread flat. */
    public synchronized PageArt plane() {
        if (plane == null) {
            List<Mark> marks = new ArrayList<>();
            geometry.sheets().forEach(sheet -> marks.addAll(marks(surfaces(sheet))));
            plane = new PageArt(geometry.trim(), geometry.bled(), marks);
        }
        return plane;
    }

    /** The front alone, as a shop shows it. */
    public PageArt frontArt() {
        Surface front = front().orElseThrow().surface();
        Box trim = front.frame().trim();
        Frame cut = new Frame(Side.RECTO, true, trim, trim, front.frame().text());
        Node root = Overlay.of(new Ground(book.cover().ground()), front.root());
        return new Surface(front.kind(), cut, front.room(), root).art(look, PageFacts.NONE);
    }

    /** Type size of the words on the spine, in points; 0 where there is no spine, no title or no room. */
    public double spineTypeSize() {
        if (book.title().isBlank()) {
            return 0;
        }
        String words = SpineLine.words(book.title(), book.author());
        return geometry.spineSafe()
                .map(safe -> SpineLine.size(book.type().headingFace().face(Style.BOLD), words, safe))
                .orElse(0.0);
    }

    /** Dark or light, whichever reads better on the ground. */
    private Ink onGround() {
        Ink ground = book.cover().ground();
        Ink dark = book.cover().titleInk();
        return ground.contrast(dark) >= ground.contrast(Ink.WHITE) ? dark : Ink.WHITE;
    }
}
