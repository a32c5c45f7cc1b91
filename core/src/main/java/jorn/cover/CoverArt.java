package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.cover.CoverGeometry.Sheet;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;

/** Draws a cover: the ground over the whole sheet, the title panel on the front, words on the spine and the back. */
public final class CoverArt {
    /** Smaller spine text than this cannot be read (from memory). */
    public static final double SMALLEST_SPINE_TYPE = 5;

    private static final double LARGEST_SPINE_TYPE = 18;
    /** What a line of text may take above and below its baseline, as shares of the type size. */
    private static final double ABOVE = 0.75;

    private static final double BELOW = 0.25;

    /** The glue needs bare paper this far beside the spine: an eighth of an inch (from memory). */
    private static final double GLUE = 9;

    private final Book book;
    private final CoverGeometry geometry;

    private CoverArt(Book book, CoverGeometry geometry) {
        this.book = book;
        this.geometry = geometry;
    }

    /** The whole cover on one plane, as it is looked at; its trim is the finished cover, spread flat. */
    public static PageArt of(Book book, CoverGeometry geometry) {
        CoverArt art = new CoverArt(book, geometry);
        List<Mark> marks = new ArrayList<>();
        geometry.sheets().forEach(sheet -> marks.addAll(art.draw(sheet)));
        return new PageArt(geometry.trim(), geometry.bled(), marks);
    }

    /** The pages of the cover file: front and back together or one after the other, then the inside where it is printed. */
    public static List<PageArt> pages(Book book, CoverGeometry geometry) {
        CoverArt art = new CoverArt(book, geometry);
        List<PageArt> pages = new ArrayList<>();
        for (Sheet sheet : geometry.sheets()) {
            List<Mark> marks = art.draw(sheet);
            if (!sheet.media().equals(sheet.bled())) {
                marks.addAll(CutMarks.around(sheet, geometry));
            }
            pages.add(atOrigin(sheet, marks));
        }
        if (book.brief().insideCover()) {
            geometry.sheets().forEach(sheet -> pages.add(atOrigin(sheet, art.drawInside(sheet))));
        }
        return pages;
    }

    private static PageArt atOrigin(Sheet sheet, List<Mark> marks) {
        double dx = -sheet.trim().x();
        double dy = -sheet.trim().y();
        List<Mark> moved = dx == 0 && dy == 0 ? marks : List.of(new Mark.Turned(Turn.move(dx, dy), marks));
        return new PageArt(
                sheet.trim().moved(dx, dy),
                sheet.bled().moved(dx, dy),
                sheet.media().moved(dx, dy),
                moved);
    }

    /** The front alone, as a shop shows it. */
    public static PageArt front(Book book, CoverGeometry geometry) {
        CoverArt art = new CoverArt(book, geometry);
        Box front = geometry.front();
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Fill(Path.box(front), book.cover().ground()));
        art.drawFront(marks);
        Box trim = front.moved(-front.x(), -front.y());
        return new PageArt(trim, trim, List.of(new Mark.Turned(Turn.move(-front.x(), -front.y()), marks)));
    }

    private List<Mark> draw(Sheet sheet) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Fill(Path.box(sheet.bled()), book.cover().ground()));
        if (sheet.trim().holds(geometry.front())) {
            drawFront(marks);
        }
        spineWords().filter(w -> sheet.trim().holds(w.bounds())).ifPresent(marks::add);
        if (geometry.back().filter(b -> sheet.trim().holds(b)).isPresent()) {
            drawBack(marks);
        }
        return marks;
    }

    /** The inside in the colour of the ground, with a bare strip behind the spine for the glue. */
    private List<Mark> drawInside(Sheet sheet) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Fill(Path.box(sheet.bled()), book.cover().ground()));
        geometry.spineBox().ifPresent(spine -> {
            double x = sheet.trim().x() + sheet.trim().right() - spine.right();
            Box bare = new Box(x, sheet.bled().y(), spine.width(), sheet.bled().height());
            Box wide = Box.between(bare.x() - GLUE, bare.y(), bare.right() + GLUE, bare.bottom());
            marks.add(new Mark.Fill(Path.box(wide), Ink.WHITE));
        });
        return marks;
    }

    private void drawFront(List<Mark> marks) {
        CoverDesign design = book.cover();
        Box front = geometry.frontFace();
        double w = front.width();
        double h = front.height();
        Box panel =
                Box.between(front.x() + 0.12 * w, front.y() + 0.16 * h, front.right() - 0.12 * w, front.y() + 0.44 * h);
        Ink ink = design.panel() ? design.titleInk() : onGround();
        if (design.panel()) {
            Box rule = panel.inset(0.018 * w);
            marks.add(new Mark.Fill(Path.box(panel), design.panelInk()));
            marks.add(new Mark.Stroke(Path.box(rule), 0.75, design.titleInk()));
        }
        boolean subtitled = !book.subtitle().isBlank();
        Box room = panel.inset(0.05 * w);
        Box titleRoom = subtitled ? room.inset(0, 0, room.height() * 0.28, 0) : room;
        Face bold = book.type().headingFace().face(Style.BOLD);
        if (!book.title().isBlank()) {
            marks.addAll(TitleSetter.fit(bold, book.title().strip(), titleRoom, 0.13 * h)
                    .centred(titleRoom, ink));
        }
        if (subtitled) {
            Face italic = book.type().bodyFace().face(Style.ITALIC);
            Box under = Box.between(room.x(), titleRoom.bottom() + 0.01 * h, room.right(), room.bottom());
            marks.addAll(TitleSetter.fit(italic, book.subtitle().strip(), under, 0.04 * h)
                    .centred(under, ink));
        }
        if (!book.author().isBlank()) {
            Face face = book.type().bodyFace().face(Style.REGULAR);
            Box foot = geometry.safe(front).inset(0.02 * h);
            Box line = Box.between(foot.x(), foot.bottom() - 0.05 * h, foot.right(), foot.bottom());
            marks.addAll(TitleSetter.fit(face, book.author().strip(), line, 0.032 * h)
                    .centred(line, onGround()));
        }
    }

    private void drawBack(List<Mark> marks) {
        Optional<Box> back = geometry.backFace();
        String words = book.cover().blurb().strip();
        if (back.isEmpty() || words.isEmpty()) {
            return;
        }
        Box panel = back.get();
        double bottom = geometry.barcode()
                .map(b -> b.y() - 12)
                .orElse(geometry.safe(panel).bottom());
        Box room = Box.between(
                panel.x() + 0.14 * panel.width(),
                panel.y() + 0.16 * panel.height(),
                panel.right() - 0.14 * panel.width(),
                bottom);
        Face face = book.type().bodyFace().regular();
        double size = 12.5;
        List<String> lines = LineBreaker.breakAt(face, size, words, room.width());
        while (lines.size() * size * 1.35 > room.height() && size > 7) {
            size -= 0.5;
            lines = LineBreaker.breakAt(face, size, words, room.width());
        }
        double y = room.y() + size;
        for (String line : lines) {
            if (!line.isBlank()) {
                marks.add(new Mark.Words(room.x(), y, Shaper.shape(face, size, line), onGround()));
            }
            y += size * 1.35;
        }
    }

    /** Title and author on the spine, reading downward and centred; nothing where the press forbids it or it would not be read. */
    private Optional<Mark> spineWords() {
        double size = spineTypeSize(book, geometry);
        if (!book.cover().spineText() || !geometry.figures().isSpineTextAllowed() || size < SMALLEST_SPINE_TYPE) {
            return Optional.empty();
        }
        Box spine = geometry.spineBox().orElseThrow();
        Face bold = book.type().headingFace().face(Style.BOLD);
        GlyphRun run = Shaper.shape(bold, size, spineText(book));
        double x = spine.centreX() - size * bold.capHeight() / 2;
        double y = spine.centreY() - run.width() / 2;
        return Optional.of(new Mark.Turned(Turn.quarterDown(x, y), List.of(new Mark.Words(0, 0, run, onGround()))));
    }

    /** What stands on the spine. */
    static String spineText(Book book) {
        String author = book.author().strip();
        return author.isEmpty() ? book.title().strip() : book.title().strip() + "   ·   " + author;
    }

    /** Type size at which the spine's words fit its safe area, in points; 0 where there is nothing to set or no room. */
    public static double spineTypeSize(Book book, CoverGeometry geometry) {
        Optional<Box> safe = geometry.spineSafe();
        String words = spineText(book);
        if (safe.isEmpty() || book.title().isBlank()) {
            return 0;
        }
        Face face = book.type().headingFace().face(Style.BOLD);
        double width = Shaper.widthPerPoint(face, words);
        double half = face.capHeight() / 2;
        double depth = 2 * Math.max(ABOVE - half, BELOW + half);
        return Math.min(
                LARGEST_SPINE_TYPE,
                Math.min(safe.get().width() / depth, safe.get().height() / width));
    }

    /** Dark or light, whichever reads better on the ground. */
    private Ink onGround() {
        Ink ground = book.cover().ground();
        Ink dark = book.cover().titleInk();
        return ground.contrast(dark) >= ground.contrast(Ink.WHITE) ? dark : Ink.WHITE;
    }
}
