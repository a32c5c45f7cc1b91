package jorn.puzzle.run;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.chance.Dice;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.say.Label;

/**
 * Which puzzles a run has. The same making gives the same puzzles on every machine.
 *
 * @param rules what kind, and its settings
 * @param counts how many of each of the five grades; together from 1 to 1,000 with the user's own
 * @param seed another one makes other puzzles
 * @param order in which they come
 * @param chosen those that were exchanged or pinned, by their key: {@code 2-7} is the seventh of the second grade
 * @param own grids of the user's, one a line as {@link OwnGrids} reads them; they come first
 */
@RecordBuilder
public record Making(
        @Required PuzzleRules rules,
        @Required List<Integer> counts,
        @Required Long seed,
        GradeOrder order,
        Map<String, PuzzleChoice> chosen,
        List<String> own)
        implements MakingBuilder.With {
    /** So many puzzles a run may have. */
    public static final int MOST = 1000;

    /** In what order grades come. */
    public enum GradeOrder {
        /** The gentlest first. */
        @Label("puzzle.order.rising")
        RISING,
        /** By chance. */
        @Label("puzzle.order.mixed")
        MIXED
    }

    /**
     * One puzzle that is to be made.
     *
     * @param grade absent for one of the user's own
     * @param place from 0, within its grade or the user's own
     * @param turn from 0, among all that are made
     */
    record Wanted(Optional<Grade> grade, int place, int turn) {
        String key() {
            return grade.map(g -> Integer.toString(g.number())).orElse("own") + "-" + (place + 1);
        }
    }

    public Making {
        List<Integer> five = new ArrayList<>(counts);
        while (five.size() < Grade.values().length) {
            five.add(0);
        }
        counts = List.copyOf(five);
        order = order == null ? GradeOrder.RISING : order;
        chosen = chosen == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(chosen));
        own = own == null ? List.of() : List.copyOf(own);
        long all = counts.stream().mapToLong(c -> c).sum() + own.size();
        if (all < 1 || counts.stream().anyMatch(c -> c < 0)) {
            throw Trouble.of("puzzle.run.no-puzzles");
        }
        if (all > MOST) {
            throw Trouble.of("puzzle.run.too-many", all, MOST);
        }
        for (int g = rules.highest().number(); g < Grade.values().length; g++) {
            if (counts.get(g) > 0) {
                throw tooHard(rules, Grade.of(g + 1));
            }
        }
    }

    /** The refusal of a grade that a kind cannot have, naming the highest that it can. */
    public static Trouble tooHard(PuzzleRules rules, Grade grade) {
        return Trouble.of(
                "puzzle.run.too-hard",
                rules.word(),
                grade.number(),
                grade.word(),
                rules.highest().number(),
                rules.highest().word());
    }

    /** So many puzzles, with grades of the kind shared out among them. */
    public static Making of(PuzzleRules rules, int count, long seed) {
        return new Making(rules, shares(count, rules.highest()), seed, GradeOrder.RISING, Map.of(), List.of());
    }

    /** As many of each grade up to a highest; what is left over goes to the gentlest. */
    public static List<Integer> shares(int count, Grade highest) {
        List<Integer> all = new ArrayList<>();
        int grades = highest.number();
        for (int g = 0; g < Grade.values().length; g++) {
            all.add(g < grades ? count / grades + (g < count % grades ? 1 : 0) : 0);
        }
        return all;
    }

    /** The same for other rules; grades that these cannot have become their highest, and choices of single puzzles are dropped. */
    public Making ruled(PuzzleRules other) {
        List<Integer> now = new ArrayList<>(counts);
        int highest = other.highest().number();
        for (int g = highest; g < now.size(); g++) {
            now.set(highest - 1, now.get(highest - 1) + now.get(g));
            now.set(g, 0);
        }
        boolean same = other.id().equals(rules.id());
        return new Making(other, now, seed, order, same ? chosen : Map.of(), same ? own : List.of());
    }

    /** The same with all puzzles made anew from another seed but those that are pinned. */
    public Making anew(long other) {
        Map<String, PuzzleChoice> kept = new TreeMap<>(chosen);
        kept.values().removeIf(c -> !c.pinned());
        return withSeed(other).withChosen(kept);
    }

    /** How many puzzles there are. */
    @JsonIgnore
    public int size() {
        return counts.stream().mapToInt(c -> c).sum() + own.size();
    }

    /** All puzzles in the order in which they come. */
    List<Wanted> wanted() {
        List<Wanted> all = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            all.add(new Wanted(Optional.empty(), i, 0));
        }
        List<Wanted> made = new ArrayList<>();
        for (Grade grade : Grade.values()) {
            for (int i = 0; i < counts.get(grade.ordinal()); i++) {
                made.add(new Wanted(Optional.of(grade), i, made.size()));
            }
        }
        if (order == GradeOrder.MIXED) {
            Dice.of(seed).shuffle(made);
        }
        all.addAll(made);
        return all;
    }

    /** What a puzzle is made from that nobody has exchanged. */
    PuzzleOrder orderOf(Wanted wanted) {
        return PuzzleOrder.of(wanted.grade().orElse(Grade.GENTLE), seed, wanted.place(), wanted.turn());
    }
}
