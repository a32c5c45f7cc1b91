package jorn.press;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.TradeName;

/**
 * Holes along the binding edge, punched by the press or by whoever files the pages. The patterns are data: {@code holes.json}.
 *
 * @param id short and lasting: {@code iso-838}
 * @param name in a few words
 * @param gaps from the middle of each hole to the next along the edge; the row stands in the middle of it
 * @param fromEdge from the edge to the middles of the holes
 * @param diameter of a hole
 * @param source where the numbers come from
 */
public record HolePattern(
        @Required String id,
        @Required String name,
        @Required List<Length> gaps,
        @Required Length fromEdge,
        @Required Length diameter,
        @Required String source) {
    /** What must stay clear round a hole, so that a hand that punches a little askew hits nothing (common practice). */
    private static final Length SLACK = Length.mm(2);

    public HolePattern {
        gaps = List.copyOf(gaps);
        if (gaps.isEmpty() || diameter.points() <= 0 || fromEdge.points() <= diameter.points() / 2) {
            throw Trouble.of("press.hole-pattern.no-holes", id);
        }
    }

    /** How wide a strip along the edge must stay clear. */
    @JsonIgnore
    public Length clear() {
        return fromEdge.plus(diameter.times(0.5)).plus(SLACK);
    }

    /**
     * Where the middles of the holes lie on an edge, in points from its beginning. A hole that would cut the corner is left out.
     *
     * @param edge its length in points
     */
    public List<Double> onEdge(double edge) {
        List<Double> all = new ArrayList<>();
        double at = edge / 2 - gaps.stream().mapToDouble(Length::points).sum() / 2;
        for (int i = 0; i <= gaps.size(); i++) {
            if (at >= diameter.points() && at <= edge - diameter.points()) {
                all.add(at);
            }
            at += i < gaps.size() ? gaps.get(i).points() : 0;
        }
        return List.copyOf(all);
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }

    private record Patterns(List<HolePattern> patterns) {
        @JsonCreator
        Patterns {
            patterns = List.copyOf(patterns);
        }
    }

    /** The patterns that ship with Jorn. */
    public static List<HolePattern> shipped() {
        return Holder.ALL;
    }

    /** The pattern of this id. */
    public static Optional<HolePattern> find(String id) {
        return shipped().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** @throws Trouble naming the patterns that there are */
    public static HolePattern of(String id) {
        return find(id).orElseThrow(() -> Trouble.of(
                "press.hole-pattern.no-such-pattern",
                id,
                String.join(", ", shipped().stream().map(HolePattern::id).toList())));
    }

    private static final class Holder {
        private static final List<HolePattern> ALL = load();

        private static List<HolePattern> load() {
            try (InputStream in = HolePattern.class.getResourceAsStream("holes.json")) {
                return Json.read(in.readAllBytes(), Patterns.class, "The patterns of holes")
                        .patterns();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
