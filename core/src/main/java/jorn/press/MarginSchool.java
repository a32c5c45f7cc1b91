package jorn.press;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.TradeName;

/**
 * A way of setting margins that the trade teaches, instead of the press's least ones. The numbers are data, like those of a
 * press.
 *
 * @param id short and lasting: {@code flat}
 * @param name in a few words
 * @param about when it is used
 * @param margins the margins it sets
 * @param growsTo the outside margin of the widest pages, where it grows with the trim; head and foot are then set so that whole
 *     lines fit, and the press's least is kept in any case
 */
public record MarginSchool(
        @Required String id,
        @Required String name,
        @Required String about,
        @Required Margins margins,
        Optional<Length> growsTo) {
    /** Id of the school that new books follow. */
    public static final String DESIGNED = "design";

    /** From the width of A6 to that of letter the outside margin grows (common practice). */
    private static final double NARROW = Length.mm(105).points();

    private static final double WIDE = Length.inches(8.5).points();

    public MarginSchool {
        growsTo = growsTo == null ? Optional.empty() : growsTo;
    }

    /** Fore-edge, head and foot of a page of this width. */
    public Length outside(boolean bleed, Length trimWidth) {
        Length least = margins.outside(bleed);
        double part = Math.max(0, Math.min(1, (trimWidth.points() - NARROW) / (WIDE - NARROW)));
        return growsTo.map(most -> least.plus(most.without(least).times(part))).orElse(least);
    }

    private record Schools(List<MarginSchool> schools) {
        @JsonCreator
        Schools {
            schools = List.copyOf(schools);
        }
    }

    /** The schools that ship with Jorn. */
    public static List<MarginSchool> shipped() {
        return Holder.ALL;
    }

    /** @throws Trouble naming the schools that there are */
    public static MarginSchool of(String id) {
        return shipped().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "press.margin-school.no-such-school",
                        id,
                        String.join(
                                ", ", shipped().stream().map(MarginSchool::id).toList())));
    }

    private static final class Holder {
        private static final List<MarginSchool> ALL = load();

        private static List<MarginSchool> load() {
            try (InputStream in = MarginSchool.class.getResourceAsStream("margin-schools.json")) {
                return Json.read(in.readAllBytes(), Schools.class, "The schools of margins")
                        .schools();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
