package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jorn.book.Book;
import jorn.book.PuzzleRuns;
import jorn.edition.Edition;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.SolutionPage;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Puzzles from the command line. */
class PuzzleCommandTest extends CommandTest {

    private Path words() throws IOException {
        return Files.writeString(
                folder.resolve("words.txt"), "bee: makes honey\nhive\nhoney\nswarm\nqueen\ndrone\ncomb\nskep\n");
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8, 9, 12, 16})
    void numberPlacementsArePrintedWithTheirSolutions(int size) {
        assertEquals(
                0,
                jorn("puzzle", "number", "--size", "" + size, "--grade", "1", "--count", "2", "--seed", "4", "--json"),
                err.toString());
        JsonNode all = json();
        assertEquals(2, all.size());
        for (JsonNode each : all) {
            assertEquals(size, each.path("size").asInt());
            assertEquals(1, each.path("grade").asInt());
            assertTrue(each.path("techniques").size() > 0);
            for (int r = 0; r < size; r++) {
                Set<Integer> row = new HashSet<>();
                for (int c = 0; c < size; c++) {
                    int solved = each.path("solution").path(r).path(c).asInt();
                    int given = each.path("givens").path(r).path(c).asInt();
                    assertTrue(given == 0 || given == solved);
                    assertTrue(solved >= 1 && solved <= size && row.add(solved));
                }
            }
        }
        assertNotEquals(all.path(0).path("givens"), all.path(1).path("givens"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"number", "sums", "word-search", "criss-cross", "maze", "arithmetic", "dots"})
    void everyKindIsAnArrayAndTheSameForTheSameSeed(String kind) throws IOException {
        String[] line = {"puzzle", kind, "--count", "3", "--seed", "12", "--words", words().toString(), "--json"};
        assertEquals(0, jorn(line), err.toString());
        String first = out.toString();
        assertEquals(3, json().size());
        json().forEach(p -> assertTrue(p.path("grade").asInt() >= 1, p.toString()));
        assertEquals(0, jorn(line));
        assertEquals(first, out.toString());
        line[5] = "13";
        assertEquals(0, jorn(line));
        assertNotEquals(first, out.toString());
    }

    @ParameterizedTest
    @CsvSource({
        "number --size 4 --grade 2, highest is 1",
        "number --size 7, 7 × 7",
        "number --grade 6, no grade 6",
        "number --count 0, at least one",
        "number --count 5000, too many",
        "sums --grade 5, highest is 3",
        "word-search, no words",
        "maze --size 3, 3 rooms",
        "riddle, no kind of puzzle",
        "maze --form moon, none of the choices"
    })
    void refusalsSayWhyAndWhatToDo(String words, String said) {
        List<String> args = new ArrayList<>(List.of("puzzle"));
        args.addAll(List.of(words.split(" ")));
        assertEquals(2, jorn(args.toArray(String[]::new)));
        assertTrue(err.toString().contains(said), err.toString());
    }

    @Test
    void gridsOfOnesOwnAreChecked() throws IOException {
        Path good = folder.resolve("good.txt");
        assertEquals(0, jorn("puzzle", "number", "--count", "5", "--seed", "3"));
        Files.writeString(good, out.toString());
        assertEquals(0, jorn("puzzle", "check", good.toString()), err.toString());
        assertTrue(out.toString().contains("Line 5: one solution, grade 5"), out.toString());
        assertEquals(0, jorn("puzzle", "check", good.toString(), "--json"));
        assertEquals(5, json().path(4).path("grade").asInt());
        Path bad = folder.resolve("bad.txt");
        String first = Files.readAllLines(good).get(0);
        Files.writeString(bad, first + "\n" + ".".repeat(81) + "\n55" + ".".repeat(79) + "\n");
        assertEquals(2, jorn("puzzle", "check", bad.toString()));
        assertTrue(err.toString().contains("Line 2") && err.toString().contains("more than one"), err.toString());
        assertTrue(err.toString().contains("Line 3") && err.toString().contains("no solution"), err.toString());
        assertTrue(out.toString().contains("Line 1: one solution"));
        Files.writeString(bad, "12x4............\n");
        assertEquals(2, jorn("puzzle", "check", bad.toString()));
        assertTrue(err.toString().contains("Line 1, square 3"), err.toString());
        assertEquals(2, jorn("puzzle", "check"));
        assertEquals(2, jorn("puzzle", "check", folder.resolve("none.txt").toString()));
    }

    @Test
    void aPuzzleBookIsMadeAsItIsAskedFor() throws IOException {
        Path file = folder.resolve("book.jorn");
        assertEquals(
                0,
                jorn(
                        "new",
                        "puzzle-book",
                        "-o",
                        file.toString(),
                        "--kind",
                        "number",
                        "--size",
                        "9",
                        "--grades",
                        "1,2,3",
                        "--count",
                        "60",
                        "--solutions",
                        "back",
                        "--seed",
                        "8"),
                err.toString());
        Book book = BookFile.open(file).book();
        Puzzles puzzles = book.runs().stream()
                .flatMap(r -> PuzzleRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
        assertEquals(List.of(20, 20, 20, 0, 0), puzzles.making().counts());
        assertEquals(8L, puzzles.making().seed());
        long solved = Edition.of(book).pagination().slots().stream()
                .filter(s -> s.subjects().get(SolutionPage.class).isPresent())
                .count();
        assertEquals(60, solved, "each on the back of its own");
        Path search = folder.resolve("search.jorn");
        assertEquals(
                0,
                jorn(
                        "new",
                        "puzzle-book",
                        "-o",
                        search.toString(),
                        "--kind",
                        "word-search",
                        "--words",
                        words().toString(),
                        "--count",
                        "4",
                        "--per-page",
                        "2",
                        "--solutions",
                        "end"),
                err.toString());
        assertEquals(
                2, jorn("new", "lined-journal", "-o", folder.resolve("x.jorn").toString(), "--kind", "maze"));
        assertTrue(err.toString().contains("no puzzles"), err.toString());
        assertEquals(
                2,
                jorn(
                        "new",
                        "puzzle-book",
                        "-o",
                        folder.resolve("y.jorn").toString(),
                        "--size",
                        "4",
                        "--grades",
                        "1,4"));
        assertTrue(Files.notExists(folder.resolve("y.jorn")));
    }

    @Test
    void cluesOfATableStandInItsSecondColumn() throws IOException {
        Path csv = Files.writeString(folder.resolve("words.csv"), "bee;makes honey\nhoney;what it makes\ncomb;\n");
        assertEquals(
                0, jorn("puzzle", "criss-cross", "--words", csv.toString(), "--seed", "1", "--json"), err.toString());
        Set<String> clues = new HashSet<>();
        json().path(0).path("words").forEach(w -> clues.add(w.path("clue").asText()));
        assertTrue(clues.contains("what it makes"), clues.toString());
    }
}
