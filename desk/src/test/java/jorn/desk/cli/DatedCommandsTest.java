package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the command line writes of weeks and days: each its own, and the half that was asked for. */
class DatedCommandsTest extends CommandTest {
    @Test
    void everyWeekOfADatedTabletPlannerHasItsOwnPage() {
        String file = folder.resolve("tablet.jorn").toString();
        assertEquals(
                0,
                jorn("new", "tablet-planner", "-o", file, "--from", "2027-01-01", "--to", "2027-12-31"),
                err.toString());
        assertEquals(0, jorn("pages", file, "--json"));
        Set<String> weeks = new HashSet<>();
        for (JsonNode page : json()) {
            String week = page.path("for").asText();
            if (week.matches("\\d{4}-W\\d{2}")) {
                assertTrue(weeks.add(week), week + " twice");
            }
        }
        // 1 January 2027 is a Friday, in 2026-W53; 31 December in 2027-W52 (ISO 8601).
        assertEquals(53, weeks.size(), weeks.toString());
        jorn("check", file, "--json");
        assertFalse(out.toString().contains("page.same"));
    }

    private String text(String design, String... more) throws IOException {
        Path file = folder.resolve("page.pdf");
        String[] args = new String[5 + more.length];
        System.arraycopy(new String[] {"recipe", design, "--to", file.toString(), "--replace"}, 0, args, 0, 5);
        System.arraycopy(more, 0, args, 5, more.length);
        assertEquals(0, jorn(args), err.toString());
        try (var pdf = Loader.loadPDF(file.toFile())) {
            return new PDFTextStripper().getText(pdf).toLowerCase(java.util.Locale.ROOT);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"week-hours", "week", "week-columns"})
    void theHalfOfAWeekThatWasAskedForIsWrittenInAStyleAndWithout(String design) throws IOException {
        for (String side : new String[] {"", "recto", "verso"}) {
            String[] plain = side.isEmpty() ? new String[0] : new String[] {"--side", side};
            String[] quiet = side.isEmpty()
                    ? new String[] {"--style", "quiet"}
                    : new String[] {"--style", "quiet", "--side", side};
            for (String[] options : new String[][] {plain, quiet}) {
                String where = design + " on a " + side + " " + options.length;
                String left = text(design + "-left", options);
                assertTrue(left.contains("tue"), where + ": " + left);
                assertFalse(left.contains("sat"), where + ": " + left);
                String right = text(design + "-right", options);
                assertTrue(right.contains("sat"), where + ": " + right);
                assertFalse(right.contains("tue"), where + ": " + right);
            }
        }
    }
}
