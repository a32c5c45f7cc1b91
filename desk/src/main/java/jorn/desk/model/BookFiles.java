package jorn.desk.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.measure.Trouble;
import jorn.print.export.Exporter;
import jorn.store.BookFile;

/**
 * Opens and saves the book on the desk. Work that is not saved is kept beside the settings a moment after each change, so
 * that nothing is lost when the window closes or the machine stops.
 */
public final class BookFiles {
    private static final Logger LOG = Logger.getLogger(BookFiles.class.getName());

    private final Desk desk;
    private final Asker asker;
    private final Intake intake;
    /** Whether the copy of unsaved work is of the book on this desk. */
    private boolean keeping;

    private final PauseTransition moment = new PauseTransition(Duration.millis(700));

    /** Asks the user for files. */
    public interface Asker {
        Optional<Path> bookToOpen();

        Optional<Path> whereToSave(String suggestedName);

        Optional<Path> folder(Optional<Path> start);

        Optional<Path> profileToOpen();

        Optional<Path> whereToSaveProfile(String suggestedName);

        Optional<Path> pictureToOpen();

        Optional<Path> listToOpen();

        Optional<Path> whereToSaveDesign(String suggestedName);
    }

    public BookFiles(Desk desk, Asker asker) {
        this.desk = desk;
        this.asker = asker;
        this.intake = new Intake(desk);
        moment.setOnFinished(e -> keepUnsaved());
        desk.state().addListener((o, was, now) -> moment.playFromStart());
    }

    public Asker asker() {
        return asker;
    }

    /** Puts a new book on the desk; the present one is saved first where it has a file. */
    public void begin(Book book) {
        desk.attempt(() -> {
            if (makeSafe()) {
                desk.lay(book, Optional.empty());
                desk.bench().set(BenchName.BRIEF);
            }
        });
    }

    /** Asks for a book and opens it. */
    public void open() {
        asker.bookToOpen().ifPresent(this::open);
    }

    public void open(Path path) {
        desk.attempt(() -> {
            Book book = BookFile.load(path);
            if (makeSafe()) {
                boolean newer = BookFile.isNewer(path);
                desk.lay(book, newer ? Optional.empty() : Optional.of(path));
                desk.settings().addRecent(path);
                sayWhatIsKept(book, newer, path);
            }
        });
    }

    private void sayWhatIsKept(Book book, boolean newer, Path path) {
        if (newer) {
            desk.say("desk.book-files.was-written-by-newer", path.getFileName());
        } else if (!book.unknownFields().isEmpty()) {
            desk.say("desk.book-files.says-something-jorn-does", path.getFileName());
        }
    }

    /** Takes in a file that was dropped on the window. */
    public void takeIn(Path path) {
        if (String.valueOf(path.getFileName()).endsWith(BookFile.ENDING)) {
            open(path);
        } else {
            desk.attempt(() -> intake.take(path));
        }
    }

    /** Asks for a picture, brings it into the book and hands it over. */
    public void bringInPicture(Consumer<Picture> then) {
        asker.pictureToOpen().ifPresent(path -> intake.bringIn(path, then));
    }

    /** @return whether the book is saved now */
    public boolean save() {
        return desk.file().map(this::saveTo).orElseGet(this::saveAs);
    }

    public boolean saveAs() {
        String name = Exporter.fileName(desk.book().shownTitle()) + BookFile.ENDING;
        return asker.whereToSave(name).map(this::saveTo).orElse(false);
    }

    private boolean saveTo(Path wanted) {
        Path path = wanted.toString().endsWith(BookFile.ENDING) ? wanted : Path.of(wanted + BookFile.ENDING);
        return desk.attempt(() -> {
            BookFile.save(desk.book(), path);
            desk.markSaved(path);
            desk.settings().addRecent(path);
            forgetUnsaved();
        });
    }

    /** Sees that the present book is not lost when another takes its place. */
    private boolean makeSafe() {
        if (desk.isSaved()) {
            return true;
        }
        return desk.file().isPresent() ? save() : saveAs();
    }

    /** Puts back work that was not saved when Jorn was last closed. */
    public boolean recover() {
        Path kept = desk.settings().recoveryFile();
        if (!Files.isRegularFile(kept)) {
            return false;
        }
        keeping = desk.attempt(() -> desk.layUnsaved(BookFile.load(kept)));
        return keeping;
    }

    /** Keeps unsaved work now, as the window does when it closes. */
    public void keepUnsaved() {
        if (desk.isSaved()) {
            if (keeping) {
                forgetUnsaved();
            }
            return;
        }
        try {
            BookFile.save(desk.book(), desk.settings().recoveryFile());
            keeping = true;
        } catch (Trouble e) {
            desk.tell(e);
        }
    }

    private void forgetUnsaved() {
        keeping = false;
        try {
            Files.deleteIfExists(desk.settings().recoveryFile());
        } catch (IOException e) {
            LOG.log(Level.WARNING, "The copy of unsaved work could not be removed.", e);
        }
    }
}
