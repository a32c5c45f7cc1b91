package jorn.press;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.say.TradeName;
import jorn.say.Wording;

/**
 * A ring binder or ring book that can be bought: the leaves it takes and the rings it comes with. They are data: {@code ring-books.json}.
 *
 * @param id short and lasting: {@code a5-six}
 * @param name in a few words
 * @param page the largest leaf it takes
 * @param holes id of the pattern of holes
 * @param rings inner widths of the rings it is sold with, the narrowest first
 * @param source where the numbers come from
 */
public record RingBook(
        @Required String id,
        @Required String name,
        @Required Size page,
        @Required String holes,
        @Required List<Length> rings,
        @Required String source) {
    /** A stack may fill so much of a ring that leaves still turn (common practice). */
    private static final double FILLED = 0.75;

    /** Leaves that are smaller by more than this on a side slide about, and are told (common practice). */
    private static final Length SMALLER = Length.mm(12);

    private static final double ROUNDING = 0.5;
    private static final double EQUAL = 1e-3;

    public RingBook {
        rings = rings.stream()
                .sorted(Comparator.comparingDouble(Length::points))
                .toList();
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }

    /** Whether a leaf of this size goes in and fills it. */
    public boolean takes(Size leaf) {
        double across = page.width().points() - leaf.width().points();
        double down = page.height().points() - leaf.height().points();
        double most = SMALLER.points();
        return across >= -ROUNDING && down >= -ROUNDING && across <= most && down <= most;
    }

    /**
     * The narrowest of its rings that lets so many leaves turn; nothing where even the widest does not.
     *
     * @param caliper of a leaf
     */
    public Optional<Length> ring(int leaves, Length caliper) {
        double stack = leaves * caliper.points();
        return rings.stream().filter(r -> stack <= FILLED * r.points() + EQUAL).findFirst();
    }

    /** The ring binder that takes a leaf of this size with these holes. */
    public static Optional<RingBook> taking(Size leaf, HolePattern pattern) {
        return of(pattern).filter(b -> b.takes(leaf)).findFirst();
    }

    private static java.util.stream.Stream<RingBook> of(HolePattern pattern) {
        return shipped().stream().filter(b -> b.holes().equals(pattern.id()));
    }

    /**
     * Into which ring binder leaves go, and how wide its rings must be; or that they go into none, and what those with such holes take. In words.
     *
     * @param caliper of a leaf
     * @param unit in which sizes are told
     */
    public static String told(Size leaf, HolePattern pattern, int leaves, Length caliper, Unit unit) {
        String stack = Length.points(leaves * caliper.points()).format(Unit.MILLIMETRE);
        Optional<RingBook> found = taking(leaf, pattern);
        if (found.isEmpty()) {
            String taken = String.join(
                    "; ", of(pattern).map(b -> b.page().format(unit)).toList());
            return Wording.of("press.ring-book.none", leaf.format(unit), taken);
        }
        RingBook book = found.get();
        return book.ring(leaves, caliper)
                .map(r -> Wording.of("press.ring-book.fits", book.called(), leaves, stack, r.format(unit)))
                .orElseGet(() -> Wording.of(
                        "press.ring-book.too-thick",
                        book.called(),
                        leaves,
                        stack,
                        book.rings().get(book.rings().size() - 1).format(unit)));
    }

    private record Books(List<RingBook> books) {
        @JsonCreator
        Books {
            books = List.copyOf(books);
        }
    }

    /** Those that ship with Jorn. */
    public static List<RingBook> shipped() {
        return Holder.ALL;
    }

    private static final class Holder {
        private static final List<RingBook> ALL = load();

        private static List<RingBook> load() {
            try (InputStream in = RingBook.class.getResourceAsStream("ring-books.json")) {
                return Json.read(in.readAllBytes(), Books.class, "The ring binders")
                        .books();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
