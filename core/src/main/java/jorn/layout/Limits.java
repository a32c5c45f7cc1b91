package jorn.layout;

import java.util.Optional;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/** Refuses measures with which a block could not be drawn; said in the words of the setting. */
public final class Limits {
    private static final Length LONGEST = Length.mm(1000);
    private static final int MOST_WORDS = 20_000;
    private static final int LONGEST_HEADING = 500;

    private Limits() {}

    /** From line to line, cell to cell: 1 mm to 200 mm. */
    public static Length step(Length wanted, String what) {
        return length(wanted, what, Length.mm(1), Length.mm(200));
    }

    /** A type size: 4 to 200 pt. */
    public static Length type(Length wanted) {
        if (wanted.points() < 4 || wanted.points() > 200) {
            throw Trouble.of("layout.limits.type-cannot-set", wanted.format(Unit.POINT));
        }
        return wanted;
    }

    /** A height or width of a part, or of a rule: half a point to 1 m. */
    public static Length extent(Length wanted, String what) {
        return length(wanted, what, Length.points(0.5), LONGEST);
    }

    public static Optional<Length> extent(Optional<Length> wanted, String what) {
        return wanted == null ? Optional.empty() : wanted.map(w -> extent(w, what));
    }

    /** Room between or round parts: 0 to 200 mm; nothing for none given. */
    public static Length room(Length wanted, String what) {
        return wanted == null ? Length.ZERO : length(wanted, what, Length.ZERO, Length.mm(200));
    }

    private static Length length(Length wanted, String what, Length least, Length most) {
        if (wanted.compareTo(least) < 0 || wanted.compareTo(most) > 0) {
            throw Trouble.of("layout.limits.cannot-used", what, wanted, least, most);
        }
        return wanted;
    }

    public static int whole(int wanted, String what, int least, int most) {
        if (wanted < least || wanted > most) {
            throw Trouble.of("layout.limits.out-range", what, wanted, least, most);
        }
        return wanted;
    }

    /** A share of the room: above 0, up to 1,000. */
    public static Optional<Double> share(Optional<Double> wanted) {
        if (wanted == null) {
            return Optional.empty();
        }
        wanted.ifPresent(w -> {
            if (!(w > 0) || w > 1000) {
                throw Trouble.of("layout.limits.share-cannot-given", w);
            }
        });
        return wanted;
    }

    /** How strongly something is seen: 0 to 1; 1 where it is not given. */
    public static double opacity(Double wanted) {
        if (wanted == null) {
            return 1;
        }
        if (!(wanted >= 0) || wanted > 1) {
            throw Trouble.of("layout.limits.opacity-cannot-drawn", Math.round(wanted * 100));
        }
        return wanted;
    }

    /** Words that run over lines: 20,000 letters; none where none are given. */
    public static String words(String wanted) {
        return within(wanted, MOST_WORDS);
    }

    /** A heading, a label, whatever stands on one line or few: 500 letters; none where none are given. */
    public static String heading(String wanted) {
        return within(wanted, LONGEST_HEADING);
    }

    private static String within(String wanted, int most) {
        if (wanted == null) {
            return "";
        }
        if (wanted.length() > most) {
            throw Trouble.of("layout.limits.words-letters-too-long", wanted.length(), most);
        }
        return wanted;
    }
}
