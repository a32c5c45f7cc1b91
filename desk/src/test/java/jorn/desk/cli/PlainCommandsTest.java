package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Commands say what is so, and write where they were told. */
class PlainCommandsTest extends CommandTest {
    @ParameterizedTest
    @ValueSource(strings = {"new", "recipe"})
    void aCommandThatTakesOneStyleDoesNotSpeakOfSeveral(String command) {
        assertEquals(0, jorn("help", command));
        assertTrue(out.toString().contains("--style"), out.toString());
        assertFalse(out.toString().contains("More than one may be given"), out.toString());
    }

    @Test
    void aCheckInWordsHasTheFigures() throws IOException {
        Path picture = folder.resolve("hive.png");
        ImageIO.write(new BufferedImage(300, 450, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        String book = folder.resolve("hive.jorn").toString();
        assertEquals(
                0,
                jorn("new", "lined-journal", "-o", book, "--title", "Hive Notes", "--picture", picture.toString()),
                err.toString());
        jorn("check", book);
        assertTrue(out.toString().matches("(?s).*\\(\\d+ pixels an inch; wanted: [^)]*300[^)]*\\).*"), out.toString());
    }

    @Test
    void aWayIsNamedOrTold() {
        String to = folder.resolve("p.svg").toString();
        assertEquals(0, jorn("pattern", "--change", "weight:top-to-bottom", "--to", to), err.toString());
        assertEquals(2, jorn("pattern", "--change", "weight:sideways", "--to", to));
        for (String way : new String[] {"left-to-right", "right-to-left", "downward", "upward", "outward", "inward"}) {
            assertTrue(err.toString().contains(way), err.toString());
        }
    }

    private static TreeSet<String> here() throws IOException {
        TreeSet<String> all = new TreeSet<>();
        for (Path each : new Path[] {Path.of(""), Path.of("..")}) {
            try (Stream<Path> files = Files.list(each.toAbsolutePath())) {
                all.addAll(files.map(f -> f.normalize().toString()).collect(Collectors.toSet()));
            }
        }
        return all;
    }

    /** The folder in which a command is given stays as it is: nothing is written where nobody said so. */
    @Test
    void nothingIsWrittenWhereNobodySaidSo() throws IOException {
        TreeSet<String> before = here();
        String book = folder.resolve("hive.jorn").toString();
        String out = folder.resolve("out").toString();
        assertEquals(0, jorn("new", "lined-journal", "-o", book, "--press", "copyshop", "--title", "Hive Notes"));
        for (String[] command : new String[][] {
            {"measure", book},
            {"check", book},
            {"pages", book},
            {"slip", book},
            {"order", book},
            {"export", book, "--to", out},
            {"receive", out, "--press", "copyshop"},
            {"booklet", book, "--plan"},
            {"puzzle", "number", "--size", "4", "--grade", "1", "--count", "1", "--seed", "5"},
            {"recipes"},
            {"styles"},
            {"covers"}
        }) {
            jorn(command);
        }
        assertEquals(before, here());
        assertFalse(Files.exists(Path.of("..", "c.jorn")), "no book lies in the project's root");
    }

    /** A title is one answer on the slip, whatever it holds. */
    @Test
    void aTitleWritesNoLinesOfItsOwn() throws IOException {
        String book = folder.resolve("hive.jorn").toString();
        assertEquals(
                0,
                jorn("new", "lined-journal", "-o", book, "--title", "Hive\nAuthor: evil\u001B[31m\u202E"),
                err.toString());
        assertEquals(0, jorn("slip", book), err.toString());
        assertTrue(out.toString().lines().noneMatch(l -> l.strip().startsWith("Author: evil")), out.toString());
        assertTrue(out.toString().contains("Hive Author: evil"), out.toString());
        assertTrue(out.toString().chars().noneMatch(c -> c == 0x1B || c == 0x202E), out.toString());
    }
}
