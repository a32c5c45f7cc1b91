package jorn.cover;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.Book;
import jorn.cover.Cover.PlacedPart;
import jorn.text.Face;
import jorn.text.TypeShelf;

/**
 * What a buyer would say of a front at the size of a stamp.
 *
 * @param xHeightAt160 height of the title's small letters, in pixels, where the front is 160 pixels high
 * @param contrast of the title with what lies behind it (WCAG 2.2), 1 to 21
 * @param unrest of what lies behind the title, 0 to 50
 * @param offCentre how far the title's middle is from the front's, as a share of its width; 0 where it is not meant to be there
 * @param outside words that stand outside the safe area, by part
 * @param repeated words of the title that the subtitle says again
 * @param families the typefaces on the front
 */
public record Judgement(
        double xHeightAt160,
        double contrast,
        double unrest,
        double offCentre,
        List<String> outside,
        Set<String> repeated,
        Set<String> families) {
    /** Small letters lower than this cannot be read on a screen (common practice). */
    public static final double READ = 5;

    /** Large letters need this contrast (WCAG 2.2, 1.4.3). */
    public static final double LEAST_CONTRAST = 3;

    /** More unrest than this, and letters drown (common practice, found by trial). */
    public static final double MOST_UNREST = 12;

    /** A title this far off the middle looks like a mistake, further off like a decision. */
    private static final double SEEN_OFF = 0.008;

    private static final double MEANT_OFF = 0.06;

    public static final int MOST_FAMILIES = 3;

    private static final int STAMP = 160;
    private static final int SMALL_STAMP = 90;
    private static final int WORD = 4;
    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** Height of small letters where the front is 90 pixels high. */
    public double xHeightAt90() {
        return xHeightAt160 * SMALL_STAMP / STAMP;
    }

    public boolean reads() {
        return xHeightAt160 >= READ;
    }

    public boolean standsOut() {
        return contrast >= LEAST_CONTRAST;
    }

    public boolean isRestless() {
        return unrest > MOST_UNREST;
    }

    public boolean isOffCentre() {
        return offCentre > SEEN_OFF && offCentre < MEANT_OFF;
    }

    /** @param ground what lies behind the words */
    public static Judgement of(Book book, Cover cover, FrontGround ground) {
        Box front = cover.geometry().front();
        Optional<PlacedPart> title = cover.parts().stream()
                .filter(p -> p.part().id().equals("title"))
                .findFirst();
        List<Marks.Standing> letters = title.map(t -> words(cover, t)).orElse(List.of());
        double xHeight = letters.stream()
                .mapToDouble(s -> smallLetters((Mark.Words) s.mark()) * s.at().enlarges())
                .max()
                .orElse(0);
        Box all = letters.stream().map(Marks.Standing::bounds).reduce(Box::with).orElse(new Box(0, 0, 0, 0));
        double contrast = letters.stream()
                .mapToDouble(s -> ground.contrast(((Mark.Words) s.mark()).ink(), s.bounds(), front))
                .min()
                .orElse(1);
        double unrest = letters.isEmpty() ? 0 : ground.unrest(all, front);
        boolean centred = title.map(t -> isCentred(t, cover)).orElse(false);
        double face = cover.geometry().frontFace().centreX();
        double off = letters.isEmpty() || !centred ? 0 : Math.abs(all.centreX() - face) / front.width();
        return new Judgement(
                xHeight / front.height() * STAMP,
                contrast,
                unrest,
                off,
                outside(cover),
                repeated(book),
                families(cover));
    }

    private static boolean isCentred(PlacedPart title, Cover cover) {
        double off =
                Math.abs(title.box().centreX() - cover.geometry().frontFace().centreX());
        return off < MEANT_OFF * cover.geometry().front().width()
                && title.edit()
                        .letters()
                        .flatMap(l -> l.align())
                        .map(a -> a == jorn.layout.Align.CENTRE)
                        .orElse(true)
                && !(title.part().part() instanceof jorn.cover.part.CoverWords l
                        && l.dress().align() != jorn.layout.Align.CENTRE
                        && title.edit().letters().flatMap(d -> d.align()).isEmpty());
    }

    private static List<Marks.Standing> words(Cover cover, PlacedPart part) {
        return Marks.standing(cover.marksOf(part)).stream()
                .filter(s -> s.mark() instanceof Mark.Words)
                .toList();
    }

    /** Capitals alone are as high as capitals are. */
    private static double smallLetters(Mark.Words words) {
        Face face = TypeShelf.face(words.run().face());
        String text = words.run().text();
        boolean capitals = text.equals(text.toUpperCase(Locale.ROOT));
        return words.run().size() * (capitals ? face.capHeight() : face.xHeight());
    }

    private static List<String> outside(Cover cover) {
        List<String> all = new ArrayList<>();
        CoverGeometry g = cover.geometry();
        for (PlacedPart part : cover.parts()) {
            if (!part.part().part().isLettered() || part.part().on() == PartPlace.SPINE) {
                continue;
            }
            Box safe = g.safe(part.part().on() == PartPlace.BACK ? g.backFace().orElse(g.trim()) : g.frontFace())
                    .outset(0.5);
            // A single great letter or year may run off; it is a picture.
            boolean picture =
                    part.part().id().equals("year") || part.part().id().equals("initial");
            if (!picture && words(cover, part).stream().anyMatch(s -> !safe.holds(s.bounds()))) {
                all.add(part.part().id());
            }
        }
        return List.copyOf(all);
    }

    /** Words of four letters or more that stand in both (common practice: a subtitle repeats no word of the title). */
    static Set<String> repeated(Book book) {
        Set<String> title = split(book.title());
        Set<String> again = split(book.subtitle());
        again.retainAll(title);
        return again;
    }

    private static Set<String> split(String text) {
        return BETWEEN.splitAsStream(text.toLowerCase(Locale.ROOT))
                .filter(w -> w.codePointCount(0, w.length()) >= WORD)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> families(Cover cover) {
        Set<String> all = new LinkedHashSet<>();
        cover.parts().stream()
                .filter(p -> p.part().on() == PartPlace.FRONT && p.part().part().isLettered())
                .flatMap(p -> words(cover, p).stream())
                .map(s -> TypeShelf.owner(
                                TypeShelf.face(((Mark.Words) s.mark()).run().face()))
                        .name())
                .forEach(all::add);
        return all;
    }
}
