package jorn.desk.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jorn.chance.Dice;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.pattern.run.Patterns;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.arithmetic.ArithmeticRules;
import jorn.puzzle.arithmetic.ArithmeticRules.Practice;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.Making.GradeOrder;
import jorn.puzzle.sums.SumRules;
import jorn.puzzle.words.CrissCrossRules;
import jorn.puzzle.words.Direction.Directions;
import jorn.puzzle.words.WordSearchRules;
import jorn.shape.SvgOutline;
import jorn.store.ItemFile;
import picocli.CommandLine.Option;

/** What is said of puzzles on the command line. */
final class PuzzleOptions {
    /** The kinds, in the order in which they are named. */
    static final List<String> KINDS =
            List.of("number", "sums", "word-search", "criss-cross", "maze", "arithmetic", "dots");

    private static final int LARGEST_MB = 5;

    @Option(names = "--size", paramLabel = "N", description = "${bundle:cli.puzzle.size}")
    private Integer size;

    @Option(names = "--grade", paramLabel = "1..5", description = "${bundle:cli.puzzle.grade}")
    private Integer grade;

    @Option(names = "--grades", paramLabel = "1,2,3", split = ",", description = "${bundle:cli.puzzle.grades}")
    private List<Integer> grades;

    @Option(names = "--count", paramLabel = "N", description = "${bundle:cli.puzzle.count}")
    Integer count;

    @Option(names = "--seed", paramLabel = "S", description = "${bundle:cli.puzzle.seed}")
    private Long seed;

    @Option(names = "--words", paramLabel = "FILE", description = "${bundle:cli.puzzle.words}")
    private Path words;

    @Option(names = "--word-count", paramLabel = "N", description = "${bundle:cli.puzzle.word-count}")
    private Integer wordCount;

    @Option(names = "--directions", paramLabel = "D", description = "${bundle:cli.puzzle.directions}")
    private String directions;

    @Option(names = "--sentence", paramLabel = "T", description = "${bundle:cli.puzzle.sentence}")
    private String sentence;

    @Option(names = "--diagonals", description = "${bundle:cli.puzzle.diagonals}")
    private boolean diagonals;

    @Option(names = "--symmetric", description = "${bundle:cli.puzzle.symmetric}")
    private boolean symmetric;

    @Option(names = "--letters", description = "${bundle:cli.puzzle.letters}")
    private boolean letters;

    @Option(names = "--form", paramLabel = "F", description = "${bundle:cli.puzzle.form}")
    private String form;

    @Option(names = "--shape", paramLabel = "S", description = "${bundle:cli.puzzle.shape}")
    private String shape;

    @Option(names = "--practice", paramLabel = "P", description = "${bundle:cli.puzzle.practice}")
    private String practice;

    @Option(names = "--outline", paramLabel = "FILE.svg", description = "${bundle:cli.puzzle.outline}")
    private Path outline;

    /** Whether anything was said that decides how many pages of a kind there are, and which. */
    boolean isAny() {
        return count != null || seed != null || isOfPuzzles();
    }

    /** Whether anything was said that is the affair of puzzles alone. */
    boolean isOfPuzzles() {
        return grade != null || grades != null || size != null || words != null;
    }

    boolean hasDiagonals() {
        return diagonals;
    }

    /** So many pages to colour, of such a seed; what was not said stays. */
    Patterns patterns(Patterns before) {
        Patterns now = count == null ? before : before.withCount(count);
        return seed == null ? now : now.withSeed(seed);
    }

    /** The rules of a kind; what was not said is customary. */
    PuzzleRules rules(String kind, String language) {
        return switch (kind) {
            case "number" -> new NumberRules(size, diagonals, symmetric, letters);
            case "sums" -> new SumRules(size);
            case "word-search" -> new WordSearchRules(
                    size, lines(), wordCount, choice(Directions.class, directions), false, sentence, language);
            case "criss-cross" -> new CrissCrossRules(size, lines(), wordCount, language);
            case "maze" -> new MazeRules(mazeForm(), size, shape);
            case "arithmetic" -> arithmetic();
            case "dots" -> new DotRules(shape == null ? List.of() : Arrays.asList(shape.split(",")), outlines(), size);
            default -> throw Trouble.of("cli.puzzle.no-such-kind", kind, String.join(", ", KINDS));
        };
    }

    private ArithmeticRules arithmetic() {
        Practice named = choice(Practice.class, practice);
        ArithmeticRules rules = ArithmeticRules.of(named == null ? Practice.ADD_AND_SUBTRACT : named);
        return size == null ? rules : rules.withCount(size);
    }

    /** Inside a shape where one is named. */
    private MazeRules.MazeForm mazeForm() {
        MazeRules.MazeForm named = choice(MazeRules.MazeForm.class, form);
        return named == null && shape != null ? MazeRules.MazeForm.SHAPE : named;
    }

    private List<String> lines() {
        return words == null ? List.of() : ItemFile.readPairs(words);
    }

    private List<String> outlines() {
        return outline == null
                ? List.of()
                : List.of(SvgOutline.read(SmallFile.read(outline, LARGEST_MB), String.valueOf(outline.getFileName())));
    }

    @SuppressWarnings("NullAway") // what was not said is absent, and the rules know what is customary
    private static <T extends Enum<T>> T choice(Class<T> type, String word) {
        if (word == null) {
            return null;
        }
        String wanted = word.toUpperCase(Locale.ROOT).replace('-', '_');
        return Arrays.stream(type.getEnumConstants())
                .filter(c -> c.name().equals(wanted))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "cli.puzzle.no-such-choice",
                        word,
                        String.join(
                                ", ",
                                Arrays.stream(type.getEnumConstants())
                                        .map(c -> c.name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', '-'))
                                        .toList())));
    }

    /** How many of which grades. */
    Making making(PuzzleRules rules, int customary) {
        int wanted = count == null ? customary : count;
        List<Integer> of = grades != null ? grades : grade != null ? List.of(grade) : List.of();
        long from = seed == null ? Dice.freshSeed() : seed;
        if (wanted < 1) {
            throw Trouble.of("puzzle.run.no-puzzles");
        }
        if (of.isEmpty()) {
            return Making.of(rules, wanted, from);
        }
        List<Integer> counts = new ArrayList<>(List.of(0, 0, 0, 0, 0));
        for (int i = 0; i < of.size(); i++) {
            Grade each = Grade.of(of.get(i));
            if (each.isHarderThan(rules.highest())) {
                throw Making.tooHard(rules, each);
            }
            int share = wanted / of.size() + (i < wanted % of.size() ? 1 : 0);
            counts.set(each.ordinal(), counts.get(each.ordinal()) + share);
        }
        return new Making(rules, counts, from, GradeOrder.RISING, Map.of(), List.of());
    }

    /** The kind that is named, or number placement. */
    static String kind(Optional<String> named) {
        return named.orElse(KINDS.get(0));
    }
}
