package jorn.print.reception;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.check.Proof;
import jorn.code.Isbn;
import jorn.cover.Compositions;
import jorn.deliver.Handover;
import jorn.edition.Edition;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.print.export.Exporter;
import jorn.print.export.HandoverSet;
import jorn.print.export.Progress;
import jorn.print.export.WrittenFile;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One set of rules: of a book of which Proof has no warning, the press's reception has none either. */
class OwnFilesPassTest {
    @TempDir
    Path folder;

    private static final List<Starter> STARTERS = List.of(Starter.values());
    private static final List<PressProfile> PRESSES = PressShelf.shipped().profiles();

    private static Book book(Starter starter, PressProfile press, String composition) {
        Book begun = starter.begin();
        return begun.withBrief(begun.brief().at(press))
                .withTitle("Hive Notes")
                .withSubtitle("a year among the bees")
                .withAuthor("Skep & Sedge")
                .wearing(p -> p.composedAs(composition)
                        .withCode(p.code().withIsbn(Optional.of(Isbn.parse("978-0-306-40615-7")))));
    }

    private static boolean weighs(Finding f) {
        return f.severity() != Severity.NOTE;
    }

    /** @return what the reception says of a book that Proof lets pass; nothing where Proof does not */
    private Optional<List<String>> received(Book book, String name) throws IOException {
        Edition edition = Edition.of(book);
        if (Checker.check(new Proof(edition, Unit.INCH)).stream().anyMatch(OwnFilesPassTest::weighs)) {
            return Optional.empty();
        }
        Path target = Files.createDirectories(folder.resolve(name));
        List<WrittenFile> files = Exporter.export(edition, Handover.toPress(edition), target, Progress.SILENT);
        return Optional.of(HandoverSet.received(edition, files, Unit.INCH).answers().stream()
                .map(Verdict.Answer::finding)
                .filter(OwnFilesPassTest::weighs)
                .map(f -> name + ": " + f.id() + " " + f.place() + " " + f.message())
                .toList());
    }

    private void sample(int step) throws IOException {
        List<String> wrong = new ArrayList<>();
        int passed = 0;
        List<String> compositions = Compositions.all().stream().map(c -> c.id()).toList();
        int all = STARTERS.size() * PRESSES.size();
        for (int i = 0; i < all; i += step) {
            Starter starter = STARTERS.get(i % STARTERS.size());
            PressProfile press = PRESSES.get(i / STARTERS.size() % PRESSES.size());
            String composition = compositions.get(i * 7 % compositions.size());
            Optional<List<String>> said;
            String name = starter.id() + " at " + press.id() + " in " + composition;
            try {
                said = received(book(starter, press, composition), name);
            } catch (jorn.measure.Trouble refused) {
                continue;
            }
            passed += said.isPresent() ? 1 : 0;
            said.ifPresent(wrong::addAll);
        }
        assertEquals(List.of(), wrong);
        assertTrue(passed > 0, "some books pass");
    }

    @Test
    void someStartersAtSomePresses() throws IOException {
        sample(17);
    }

    @Test
    @Tag("long")
    void allStartersAtAllPresses() throws IOException {
        sample(1);
    }
}
