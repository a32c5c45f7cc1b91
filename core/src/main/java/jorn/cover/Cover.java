package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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
import jorn.book.PartEdit;
import jorn.code.BookBarcode;
import jorn.cover.ComposedCover.Kinds;
import jorn.cover.CoverGeometry.CoverPart;
import jorn.cover.part.SpineWords;
import jorn.layout.BookLook;
import jorn.layout.Flow;
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

    private @Nullable PageArt atSize;

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

    /** What it is composed of; nothing where it was begun before covers were composed. */
    private final Optional<ComposedCover> composed;

    /** A part of a composed cover where it stands on the plane. */
    public record PlacedPart(ComposedPart part, PartEdit edit, Box box, Box panel) {}

    public Cover(Book book, BookLook look, CoverGeometry geometry) {
        this(book, look, geometry, InsidePages.NONE);
    }

    /** @param insides pages that may be shown on it */
    public Cover(Book book, BookLook look, CoverGeometry geometry, InsidePages insides) {
        this.book = book;
        this.look = look;
        this.geometry = geometry;
        this.composed = book.cover().plan().map(p -> new ComposedCover(book, look, geometry, insides));
    }

    public CoverGeometry geometry() {
        return geometry;
    }

    /** The surfaces of one page of the cover file, the lowest first. */
    public List<Laid> surfaces(CoverGeometry.CoverSheet sheet) {
        return composed.map(c -> composed(c, sheet, Kinds.ALL)).orElseGet(() -> plain(sheet));
    }

    /** The surfaces of a composed cover. */
    private List<Laid> composed(ComposedCover cover, CoverGeometry.CoverSheet sheet, Kinds kinds) {
        double out = ComposedCover.outer(sheet);
        List<Laid> all = new ArrayList<>();
        Box whole = sheet.trim().moved(-sheet.trim().x(), -sheet.trim().y());
        var wrap = cover.standing(PartPlace.WRAP, whole, whole, new double[] {out, out, out, out});
        all.add(wrap(sheet, Optional.empty(), cover.node(wrap, whole, kinds)));
        for (PartPlace place : List.of(PartPlace.FRONT, PartPlace.BACK, PartPlace.SPINE)) {
            panelBox(place)
                    .filter(b -> sheet.trim().holds(b))
                    .ifPresent(b -> all.add(composedPanel(cover, place, b, kinds)));
        }
        // The symbol itself is not judged: it is made to its own rules.
        if (kinds == Kinds.ALL) {
            geometry.ownBarcode().filter(b -> sheet.trim().holds(b)).ifPresent(b -> all.add(barcode(b)));
        }
        return all;
    }

    private Laid barcode(Box box) {
        Box trim = box.moved(-box.x(), -box.y());
        Node node =
                new Symbol(book.cover().plan().orElseThrow().code().barcode().orElseThrow());
        Frame frame = new Frame(Side.RECTO, true, trim, trim, trim, List.of());
        return new Laid(Surface.of(Surface.SurfaceKind.PANEL, frame, node), box.x(), box.y());
    }

    private record Symbol(BookBarcode code) implements Node {
        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            out.addAll(code.marks());
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 0;
        }
    }

    private boolean hasSpineWords() {
        return book.cover().spineText() && geometry.figures().isSpineTextAllowed();
    }

    private Optional<Box> panelBox(PartPlace place) {
        return switch (place) {
            case FRONT -> Optional.of(geometry.front());
            case BACK -> geometry.back();
            case SPINE -> geometry.spineBox().filter(s -> s.width() > 0.5);
            case WRAP -> Optional.of(geometry.trim());
        };
    }

    private Box faceOf(PartPlace place) {
        return switch (place) {
            case FRONT -> geometry.frontFace();
            case BACK -> geometry.backFace().orElseThrow();
            case SPINE -> geometry.spineBox().orElseThrow();
            case WRAP -> geometry.trim();
        };
    }

    /** How far parts of a panel may go beyond it: to the end of the bleed outside, not over the spine. */
    private double[] outer(PartPlace place) {
        double out = geometry.figures().outer().length().points();
        Box own = panelBox(place).orElseThrow();
        Box all = geometry.trim();
        boolean apart = geometry.sheets().size() > 1;
        boolean left = apart || own.x() <= all.x() + 0.01;
        boolean right = apart || own.right() >= all.right() - 0.01;
        return new double[] {out, right ? out : 0, out, left ? out : 0};
    }

    private List<ComposedCover.Standing> standing(ComposedCover cover, PartPlace place, Box panel) {
        Box face = place == PartPlace.SPINE ? panel : faceOf(place);
        return cover
                .standing(place, panel.moved(-panel.x(), -panel.y()), face.moved(-panel.x(), -panel.y()), outer(place))
                .stream()
                .filter(s -> !(s.part().part() instanceof SpineWords) || hasSpineWords())
                .map(s -> s.part().part() instanceof SpineWords ? onSpine(s, panel) : s)
                .toList();
    }

    /** Words on the spine keep clear of its folds and of head and foot. */
    private ComposedCover.Standing onSpine(ComposedCover.Standing own, Box panel) {
        return new ComposedCover.Standing(own.part(), wordsOnSpine(panel).moved(-panel.x(), -panel.y()), own.edit());
    }

    /** Words begin and end this share of the spine's height within its safe part. */
    private static final double SPINE_ENDS = 0.035;

    private Laid composedPanel(ComposedCover cover, PartPlace place, Box box, Kinds kinds) {
        Box panel = box.moved(-box.x(), -box.y());
        Surface.SurfaceKind kind = place == PartPlace.SPINE ? Surface.SurfaceKind.SPINE : Surface.SurfaceKind.PANEL;
        Box safe = place == PartPlace.SPINE ? geometry.spineSafe().orElse(box) : geometry.safe(faceOf(place));
        List<Box> free =
                place == PartPlace.BACK ? geometry.barcode().map(List::of).orElse(List.of()) : List.of();
        return panel(kind, box, box, safe, free, cover.node(standing(cover, place, box), panel, kinds));
    }

    /** The colours of a composed cover by what they are for. */
    public CoverColours colours() {
        return CoverColours.of(book);
    }

    /** The parts of a composed cover where they stand, the lowest first; none where it is not composed. */
    public List<PlacedPart> parts() {
        List<PlacedPart> all = new ArrayList<>();
        composed.ifPresent(cover -> {
            double out = geometry.figures().outer().length().points();
            Box whole = geometry.trim();
            cover.standing(PartPlace.WRAP, whole, whole, new double[] {out, out, out, out})
                    .forEach(s -> all.add(new PlacedPart(s.part(), s.edit(), s.at(), whole)));
            for (PartPlace place : List.of(PartPlace.FRONT, PartPlace.BACK, PartPlace.SPINE)) {
                panelBox(place).ifPresent(b -> standing(cover, place, b)
                        .forEach(s -> all.add(new PlacedPart(
                                s.part(),
                                s.edit(),
                                s.at().moved(b.x(), b.y()),
                                place == PartPlace.SPINE ? b : faceOf(place)))));
            }
        });
        return all;
    }

    /** What one part draws, on the plane. */
    public List<Mark> marksOf(PlacedPart placed) {
        if (composed.isEmpty()) {
            return List.of();
        }
        Box b = panelBox(placed.part().on()).orElseThrow();
        Laid laid = composedPanel(composed.get(), placed.part().on(), b, Kinds.ALL);
        ComposedCover.Standing own =
                new ComposedCover.Standing(placed.part(), placed.box().moved(-b.x(), -b.y()), placed.edit());
        List<Mark> marks = composed.get().alone(own, b.moved(-b.x(), -b.y()), laid.surface());
        return marks.isEmpty() ? marks : List.of(new Mark.Turned(Turn.move(b.x(), b.y()), marks));
    }

    /** What stands on a panel and round it, from the panel's corner; nothing where the cover has no such panel. */
    public List<Mark> onPanel(CoverGeometry.CoverPart part) {
        List<Mark> marks = new ArrayList<>();
        geometry.panel(part).ifPresent(panel -> {
            for (CoverGeometry.CoverSheet sheet : geometry.sheets()) {
                if (sheet.trim().holds(panel)) {
                    marks.add(new Mark.Turned(Turn.move(-panel.x(), -panel.y()), marks(surfaces(sheet))));
                }
            }
        });
        return marks;
    }

    /** The front without its words: what lies behind them. */
    public PageArt behindWords() {
        return front(Kinds.BEHIND_WORDS);
    }

    /** The front of a composed cover, cut at its edges. */
    private PageArt front(Kinds kinds) {
        Box front = geometry.front();
        List<Mark> marks = new ArrayList<>();
        for (CoverGeometry.CoverSheet sheet : geometry.sheets()) {
            if (sheet.trim().holds(front)) {
                marks.addAll(marks(composed(composed.orElseThrow(), sheet, kinds)));
            }
        }
        Box trim = front.moved(-front.x(), -front.y());
        return new PageArt(trim, trim, List.of(new Mark.Turned(Turn.move(-front.x(), -front.y()), marks)));
    }

    /** As {@link #plane}, without the small pictures of pages: what rules look at. */
    public synchronized PageArt atSize() {
        if (composed.isEmpty()) {
            return plane();
        }
        if (atSize == null) {
            atSize = spread(sheet -> composed(composed.get(), sheet, Kinds.AT_SIZE));
        }
        return atSize;
    }

    /** What stands on all pages of the cover file, on one plane. */
    private PageArt spread(Function<CoverGeometry.CoverSheet, List<Laid>> surfaces) {
        List<Mark> marks = new ArrayList<>();
        geometry.sheets().forEach(sheet -> marks.addAll(marks(surfaces.apply(sheet))));
        return new PageArt(geometry.trim(), geometry.bled(), marks);
    }

    private List<Laid> plain(CoverGeometry.CoverSheet sheet) {
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
            plane = spread(this::surfaces);
        }
        return plane;
    }

    /** The front alone, as a shop shows it. */
    public PageArt frontArt() {
        if (composed.isPresent()) {
            return front(Kinds.ALL);
        }
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
        if (composed.isPresent()) {
            return geometry.spineBox()
                    .map(this::wordsOnSpine)
                    .map(safe -> SpineWords.size(
                            book.type().headingFace().face(Style.BOLD),
                            book.title(),
                            safe,
                            book.author().isBlank()))
                    .orElse(0.0);
        }
        String words = SpineLine.words(book.title(), book.author());
        return geometry.spineSafe()
                .map(safe -> SpineLine.size(book.type().headingFace().face(Style.BOLD), words, safe))
                .orElse(0.0);
    }

    /** The place of words on a spine, on the plane. */
    private Box wordsOnSpine(Box spine) {
        double more = SPINE_ENDS * spine.height();
        return geometry.spineSafe().orElse(spine).inset(more, 0, more, 0);
    }

    /** Dark or light, whichever reads better on the ground. */
    private Ink onGround() {
        Ink ground = book.cover().ground();
        Ink dark = book.cover().titleInk();
        return ground.contrast(dark) >= ground.contrast(Ink.WHITE) ? dark : Ink.WHITE;
    }
}
