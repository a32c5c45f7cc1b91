package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Set;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Title and author along the spine, apart from each other, as large as its width allows. They read downward by English and German
 * habit, upward by French, Spanish and Italian (common practice); the user may say otherwise.
 *
 * @param ink colour of the title
 * @param second colour of the author
 */
public record SpineWords(@Required CoverRole ink, @Required CoverRole second) implements CoverBlock {
    /** Smaller spine text cannot be read (from memory). */
    public static final double SMALLEST = 5;

    /** Languages in which spines read upward (common practice). */
    private static final Set<String> UPWARD = Set.of("fr", "es", "it", "pt", "cs", "pl", "el");

    private static final double LARGEST = 26;
    /** Letters with their ascenders and descenders, in type sizes. */
    private static final double DEPTH = 1.0;

    private static final double TITLE = 0.62;
    private static final double AUTHOR = 0.3;
    private static final double SMALLER = 0.68;

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @JsonIgnore
    @Override
    public boolean isLettered() {
        return true;
    }

    /** Whether the words on a book's spine read upward. */
    public static boolean isUpward(Book book) {
        return book.cover()
                .plan()
                .flatMap(p -> p.back().upward())
                .orElseGet(() -> UPWARD.contains(book.calendar().language().split("-", 2)[0]));
    }

    /** Size of the title on a spine, in points; 0 where there is none or no room. */
    public static double size(Face face, String title, Box safe, boolean alone) {
        if (title.isBlank()) {
            return 0;
        }
        double room = safe.height() * (alone ? 1 : TITLE);
        return Math.min(LARGEST, Math.min(safe.width() / DEPTH, room / Shaper.widthPerPoint(face, title.strip())));
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        String title = stage.fill("{title}").strip();
        String author = stage.fill("{author}").strip();
        Face bold = stage.flow().face(Voice.HEADING).face(Style.BOLD);
        double size = size(bold, title, at, author.isEmpty()) * edit.size().orElse(1.0);
        if (size < SMALLEST) {
            return;
        }
        boolean up = isUpward(stage.book());
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        place(Shaper.shape(bold, size, title), bold, at, up, author.isEmpty() ? 0.5 : 0, own, out);
        if (!author.isEmpty()) {
            Face face = stage.flow().face(Voice.BODY).regular();
            double fits = at.height() * AUTHOR / Shaper.widthPerPoint(face, author);
            double small = Math.min(size * SMALLER, fits);
            if (small >= SMALLEST) {
                place(Shaper.shape(face, small, author), face, at, up, 1, stage.ink(second), out);
            }
        }
    }

    /** @param share where along the spine: 0 where reading begins, 1 where it ends */
    private static void place(GlyphRun run, Face face, Box at, boolean up, double share, Ink own, List<Mark> out) {
        double half = run.size() * face.xHeight() / 2 + run.size() * (face.capHeight() - face.xHeight()) * 0.25;
        double before = (at.height() - run.width()) * share;
        Turn turn = up
                ? Turn.quarterUp(at.centreX() + half, at.bottom() - before)
                : Turn.quarterDown(at.centreX() - half, at.y() + before);
        out.add(new Mark.Turned(turn, List.of(new Mark.Words(0, 0, run, own))));
    }
}
