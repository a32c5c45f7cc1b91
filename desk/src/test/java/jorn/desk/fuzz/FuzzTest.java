package jorn.desk.fuzz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Spoiled files of every kind, by the thousand: each is taken or refused in a sentence, within five seconds and with 512 MB. How long
 * and with which seed is said by {@code ./jorn test --fuzz MINUTES --seed S}; the files that failed lie in desk/target/fuzz.
 */
class FuzzTest {
    private static final double SECONDS = Double.parseDouble(System.getProperty("fuzz.minutes", "0.1")) * 60;
    private static final String SEED = System.getProperty("fuzz.seed", "20261126");

    @Test
    void everySpoiledFileIsTakenOrRefusedInASentence() throws IOException, InterruptedException {
        Process fuzz = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx512m",
                        "-Xss2m",
                        "-XX:TieredStopAtLevel=1",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Fuzz.class.getName(),
                        "target/fuzz",
                        Double.toString(SECONDS),
                        SEED)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String said = new String(fuzz.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertEquals(0, fuzz.waitFor(), said);
        Matcher tried = Pattern.compile("(\\d+) spoiled files").matcher(said);
        assertTrue(tried.find() && Integer.parseInt(tried.group(1)) > 50, said);
    }
}
