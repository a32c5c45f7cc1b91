package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jorn.measure.Trouble;
import jorn.style.Details;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Styles of the user's own: kept, shared, taken away; files that are not in order are refused with the reason. */
class OwnStylesTest {
    @TempDir
    Path folder;

    private static PageStyle own() {
        PageStyle meadow = StyleShelf.of("meadow");
        return meadow.withDetails(meadow.details().withTick(Details.Tick.HEART));
    }

    @Test
    void whatIsKeptIsFoundAgainUnderItsName() {
        OwnStyles shelf = new OwnStyles(folder.resolve("styles"));
        assertEquals(List.of(), shelf.all(t -> {}));
        PageStyle kept = shelf.keep(own(), " Hedge & Heart ");
        assertEquals("hedge-heart", kept.id());
        assertEquals("Hedge & Heart", kept.called());
        assertEquals(List.of(kept), shelf.all(t -> {}));
        assertEquals("own-quiet", shelf.keep(own(), "Quiet").id(), "one that ships keeps its id");
        shelf.drop(kept);
        assertEquals(1, shelf.all(t -> {}).size());
        assertThrows(Trouble.class, () -> shelf.keep(own(), "  "));
    }

    @Test
    void aBookHoldsTheWholeStyleThatItWears() {
        PageStyle own = own().named("mine", "Mine");
        Path file = folder.resolve("book.jorn");
        BookFile.save(jorn.book.Starter.WEEKLY_PLANNER.begin().inStyle(own), file);
        assertEquals(own, BookFile.load(file).style());
    }

    @Test
    void plainJournalsAreSmallFiles() throws IOException {
        Path file = folder.resolve("journal.jorn");
        BookFile.save(jorn.book.Starter.LINED_JOURNAL.begin().withTitle("Hive Notes"), file);
        assertTrue(Files.size(file) < 15_000, Files.size(file) + " bytes");
    }

    @Test
    void aFileThatIsNotInOrderIsRefusedAndTheOthersAreRead() throws IOException {
        OwnStyles shelf = new OwnStyles(folder);
        shelf.keep(own(), "Sound");
        String json = Files.readString(folder.resolve("sound.json"));
        Files.writeString(folder.resolve("thin.json"), json.replaceFirst("\"weight\" : 0\\.3", "\"weight\" : 0.1"));
        Files.writeString(folder.resolve("unknown.json"), json.replace("\"branch\"", "\"gargoyle\""));
        Files.writeString(folder.resolve("newer.json"), json.replace("\"format\" : 1", "\"format\" : 9"));
        Files.writeString(folder.resolve("torn.json"), json.substring(0, 200));
        List<Trouble> told = new ArrayList<>();
        assertEquals(1, shelf.all(told::add).size());
        assertEquals(4, told.size(), told.toString());
        told.forEach(t -> assertTrue(!t.what().isBlank() && !t.remedy().isBlank()));
    }
}
