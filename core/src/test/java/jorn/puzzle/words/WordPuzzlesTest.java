package jorn.puzzle.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.words.Direction.Directions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Word searches and interlocked words, read as somebody would who solves them. */
class WordPuzzlesTest {
    private static final List<String> BEES = List.of(
            "bee: makes honey",
            "hive",
            "honey",
            "swarm",
            "queen",
            "drone",
            "wax",
            "comb",
            "skep",
            "smoker",
            "veil",
            "nectar",
            "pollen",
            "brood",
            "sting");

    private static WordSearch search(WordSearchRules rules, Grade grade, int turn) {
        return (WordSearch) rules.make(PuzzleOrder.of(grade, 11, turn, turn));
    }

    /** Every place where a word can be read, as pairs of ends without order; written apart from the program. */
    private static Set<String> places(WordSearch puzzle, String word) {
        int n = puzzle.size();
        Set<String> all = new HashSet<>();
        for (int r = 0; r < n; r++) {
            for (int c = 0; c < n; c++) {
                for (int dr = -1; dr <= 1; dr++) {
                    for (int dc = -1; dc <= 1; dc++) {
                        StringBuilder read = new StringBuilder();
                        int length = 0;
                        int y = r;
                        int x = c;
                        while (y >= 0 && x >= 0 && y < n && x < n && read.length() < word.length()) {
                            read.append(puzzle.letters().get(y).get(x));
                            length++;
                            if (read.toString().equals(word) && (dr != 0 || dc != 0)) {
                                String a = r + "," + c;
                                String b = y + "," + x;
                                all.add(a.compareTo(b) < 0 ? a + " " + b : b + " " + a);
                            }
                            y += dr;
                            x += dc;
                            if (dr == 0 && dc == 0) {
                                break;
                            }
                        }
                        assertTrue(length > 0);
                    }
                }
            }
        }
        return all;
    }

    @ParameterizedTest
    @EnumSource(Grade.class)
    void everyWordStandsThereOnceInTheWaysOfItsGrade(Grade grade) {
        if (grade == Grade.FIERCE) {
            return;
        }
        for (int turn = 0; turn < 8; turn++) {
            WordSearch puzzle = search(WordSearchRules.of(BEES, "en"), grade, turn);
            assertEquals(12, puzzle.words().size());
            for (WordSearch.Hidden each : puzzle.words()) {
                assertEquals(
                        1, places(puzzle, each.word().toUpperCase(Locale.ROOT)).size(), each.word());
                Direction d = each.direction();
                boolean forward = d.across() >= 0 && (d.across() > 0 || d.down() > 0);
                boolean straight = d.across() == 0 || d.down() == 0;
                assertTrue(
                        switch (grade) {
                            case GENTLE -> forward && straight;
                            case STEADY -> d.across() > 0 || (d.across() == 0 && d.down() > 0);
                            case TRICKY -> straight;
                            default -> true;
                        },
                        grade + " " + d);
            }
            for (String bad : KeptOut.words()) {
                assertEquals(Set.of(), places(puzzle, bad));
            }
        }
    }

    @Test
    void theLettersThatRemainSayTheSentence() {
        String sentence = "The bees sit close until spring";
        WordSearchRules rules =
                WordSearchRules.of(BEES, "en").withSentence(sentence).withSize(12);
        WordSearch puzzle = search(rules, Grade.HARD, 1);
        StringBuilder left = new StringBuilder();
        for (int r = 0; r < 12; r++) {
            for (int c = 0; c < 12; c++) {
                if (!puzzle.isHidden(r, c)) {
                    left.append(puzzle.letters().get(r).get(c));
                }
            }
        }
        assertTrue(left.toString().startsWith("THEBEESSITCLOSEUNTILSPRING"), left.toString());
        Trouble refused = assertThrows(
                Trouble.class,
                () -> search(rules.withSentence("bee ".repeat(50)).withSize(9), Grade.HARD, 1));
        assertTrue(refused.what().contains("sentence"), refused.what());
    }

    @Test
    void wordsAreDealtOutFromPuzzleToPuzzleUntilAllHaveStoodSomewhere() {
        List<String> many =
                IntStream.range(0, 500).mapToObj(WordPuzzlesTest::word).toList();
        WordSearchRules rules = WordSearchRules.of(many, "en");
        Set<String> seen = new HashSet<>();
        for (int turn = 0; turn < 60; turn++) {
            search(rules, Grade.HARD, turn).words().forEach(w -> seen.add(w.word()));
        }
        assertTrue(seen.size() > 480, seen.size() + " of 500 in sixty puzzles of twelve");
    }

    /** Five letters that nobody else has in this order. */
    private static String word(int i) {
        return "" + (char) ('a' + i % 26) + (char) ('a' + i / 26 % 26) + "x" + (char) ('a' + i % 23) + "q"
                + (char) ('a' + i % 19);
    }

    @Test
    void whatCannotStandThereIsNamedAndTheRestGoesOn() {
        WordSearchRules rules =
                WordSearchRules.of(List.of("bee", "bee", "a", "🐝", "incomprehensibilities", "hive"), "en");
        List<String> said = rules.cautions().stream().map(c -> c.text()).toList();
        assertEquals(3, said.size(), said.toString());
        assertTrue(said.get(0).contains("incomprehensibilities"));
        assertTrue(said.get(1).contains("🐝"));
        assertTrue(said.get(2).contains("bee"));
        assertEquals(2, search(rules, Grade.GENTLE, 0).words().size());
        Trouble none =
                assertThrows(Trouble.class, () -> search(WordSearchRules.of(List.of("🐝"), "en"), Grade.GENTLE, 0));
        assertTrue(none.what().contains("🐝"), none.what());
        assertEquals(
                1,
                search(WordSearchRules.of(List.of("honey"), "en"), Grade.GENTLE, 0)
                        .words()
                        .size());
        assertThrows(Trouble.class, () -> WordSearchRules.of(java.util.Collections.nCopies(5001, "bee"), "en"));
        assertThrows(Trouble.class, () -> WordSearchRules.of(BEES, "en").withSize(4));
        assertThrows(Trouble.class, () -> WordSearchRules.of(BEES, "en").withCount(0));
    }

    @Test
    void aWordThatCanBeReadInAnotherIsNotWithIt() {
        WordSearchRules rules = WordSearchRules.of(List.of("bee", "beehive", "eeb", "star", "rats"), "en");
        for (int turn = 0; turn < 6; turn++) {
            WordSearch puzzle = search(rules, Grade.HARD, turn);
            assertEquals(2, puzzle.words().size(), "one of each family");
            puzzle.words()
                    .forEach(w -> assertEquals(
                            1, places(puzzle, w.word().toUpperCase(Locale.ROOT)).size()));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "straße,größe|de|STRASSE",
                "μέλισσα,κηρήθρα|el|ΜΈΛΙΣΣΑ",
                "דבורה,כוורת|he|דבורה",
                "fıstık,ışık|tr|FISTIK"
            })
    void wordsOfAnyLanguageHaveTheLettersThatItsReadersSee(String given) {
        String[] parts = given.split("\\|");
        WordSearch puzzle = search(WordSearchRules.of(List.of(parts[0].split(",")), parts[1]), Grade.GENTLE, 0);
        assertEquals(2, puzzle.words().size());
        assertEquals(1, places(puzzle, parts[2]).size(), puzzle.letters().toString());
    }

    /** Consonant and vowel sign are one letter for whoever reads Hindi (Unicode Standard Annex 29). */
    @Test
    void marksStayWithTheirLetters() {
        assertEquals(3, WordList.letters("मधुर", Locale.forLanguageTag("hi")).size());
        assertEquals(List.of("É", "T", "É"), WordList.letters("e\u0301te\u0301", Locale.FRENCH));
    }

    @Test
    void directionsAreAsTheyAreChosen() {
        WordSearchRules rules = WordSearchRules.of(BEES, "en").withDirections(Directions.ACROSS);
        search(rules, Grade.HARD, 2).words().forEach(w -> assertEquals(new Direction(1, 0), w.direction()));
        assertEquals(8, Direction.all().size());
        assertEquals(8, new HashSet<>(Direction.all()).size());
    }

    private static CrissCross cross(CrissCrossRules rules, Grade grade, int turn) {
        return (CrissCross) rules.make(PuzzleOrder.of(grade, 3, turn, turn));
    }

    @Test
    void whateverCanBeReadInACrissCrossIsAWordOfTheList() {
        for (int turn = 0; turn < 6; turn++) {
            CrissCross puzzle = cross(CrissCrossRules.of(BEES, "en"), Grade.STEADY, turn);
            assertTrue(puzzle.words().size() >= 8, puzzle.words().size() + " of twelve");
            Set<String> read = new HashSet<>();
            for (boolean across : new boolean[] {true, false}) {
                for (int a = 0; a < (across ? puzzle.rows() : puzzle.columns()); a++) {
                    StringBuilder line = new StringBuilder();
                    for (int b = 0; b < (across ? puzzle.columns() : puzzle.rows()); b++) {
                        String letter = across ? puzzle.letter(a, b) : puzzle.letter(b, a);
                        line.append(letter.isEmpty() ? " " : letter);
                    }
                    for (String each : line.toString().split(" +")) {
                        if (each.length() > 1) {
                            assertTrue(read.add(each), each + " twice");
                        }
                    }
                }
            }
            Set<String> laid = new HashSet<>();
            puzzle.words().forEach(w -> laid.add(String.join("", w.letters())));
            assertEquals(laid, read);
            assertTrue(isOnePiece(puzzle));
            assertTrue(puzzle.rows() <= 15 && puzzle.columns() <= 15);
        }
    }

    private static boolean isOnePiece(CrissCross puzzle) {
        Set<List<Integer>> left = new HashSet<>();
        for (int r = 0; r < puzzle.rows(); r++) {
            for (int c = 0; c < puzzle.columns(); c++) {
                if (!puzzle.letter(r, c).isEmpty()) {
                    left.add(List.of(r, c));
                }
            }
        }
        Deque<List<Integer>> next = new ArrayDeque<>(List.of(left.iterator().next()));
        left.remove(next.peek());
        while (!next.isEmpty()) {
            int r = next.peek().get(0);
            int c = next.remove().get(1);
            for (List<Integer> beside :
                    List.of(List.of(r + 1, c), List.of(r - 1, c), List.of(r, c + 1), List.of(r, c - 1))) {
                if (left.remove(beside)) {
                    next.add(beside);
                }
            }
        }
        return left.isEmpty();
    }

    @Test
    void firstSquaresAreNumberedInTheOrderOfReadingAndCluesStayWithTheirWords() {
        CrissCross puzzle = cross(CrissCrossRules.of(BEES, "en"), Grade.GENTLE, 0);
        int last = 0;
        List<Integer> numbers = new ArrayList<>();
        for (int r = 0; r < puzzle.rows(); r++) {
            for (int c = 0; c < puzzle.columns(); c++) {
                int number = puzzle.number(r, c);
                if (number > 0) {
                    assertEquals(last + 1, number);
                    last = number;
                    numbers.add(number);
                    assertTrue(puzzle.isGiven(r, c), "the first letters of gentle ones are given");
                }
            }
        }
        assertFalse(numbers.isEmpty());
        puzzle.words().stream().filter(w -> w.word().equals("bee")).forEach(w -> assertEquals("makes honey", w.clue()));
        assertFalse(cross(CrissCrossRules.of(BEES, "en"), Grade.STEADY, 0).isGiven(0, 0));
    }

    @Test
    void wordsThatShareNoLetterCannotBeInterlocked() {
        Trouble alone = assertThrows(
                Trouble.class, () -> cross(CrissCrossRules.of(List.of("bee", "hum"), "en"), Grade.STEADY, 0));
        assertTrue(alone.what().contains("cross"), alone.what());
        assertThrows(Trouble.class, () -> cross(CrissCrossRules.of(List.of("bee"), "en"), Grade.STEADY, 0));
        assertThrows(Trouble.class, () -> CrissCrossRules.of(BEES, "en").withCount(1));
    }

    @Test
    void anotherSeedLaysThemOtherwise() {
        CrissCrossRules rules = CrissCrossRules.of(BEES, "en");
        PuzzleOrder order = PuzzleOrder.of(Grade.STEADY, 3, 0, 0);
        assertNotEquals(
                rules.make(order).likeness(), rules.make(order.seeded(99)).likeness());
        WordSearchRules search = WordSearchRules.of(BEES, "en");
        assertNotEquals(
                search.make(order).likeness(), search.make(order.seeded(99)).likeness());
    }
}
