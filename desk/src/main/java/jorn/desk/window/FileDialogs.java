package jorn.desk.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import jorn.desk.model.BookFiles;

/** Asks for files with the machine's own dialogs. */
final class FileDialogs implements BookFiles.Asker {
    private static final FileChooser.ExtensionFilter BOOKS = new FileChooser.ExtensionFilter("Jorn books", "*.jorn");

    private static final FileChooser.ExtensionFilter PROFILES =
            new FileChooser.ExtensionFilter("Press profiles", "*.json");

    private static final FileChooser.ExtensionFilter PICTURES =
            new FileChooser.ExtensionFilter("Pictures", "*.png", "*.jpg", "*.jpeg");

    private static final FileChooser.ExtensionFilter LISTS = new FileChooser.ExtensionFilter("Lists", "*.txt", "*.csv");

    private static final FileChooser.ExtensionFilter DESIGNS =
            new FileChooser.ExtensionFilter("Page designs", "*.json");

    private final Window owner;

    FileDialogs(Window owner) {
        this.owner = owner;
    }

    private Optional<Path> open(String title, FileChooser.ExtensionFilter kind) {
        return path(chooser(title, kind).showOpenDialog(owner));
    }

    private Optional<Path> save(String title, FileChooser.ExtensionFilter kind, String suggestedName) {
        FileChooser chooser = chooser(title, kind);
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    private static FileChooser chooser(String title, FileChooser.ExtensionFilter kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(kind);
        return chooser;
    }

    @Override
    public Optional<Path> bookToOpen() {
        return open("Open a book", BOOKS);
    }

    @Override
    public Optional<Path> whereToSave(String suggestedName) {
        return save("Save the book", BOOKS, suggestedName);
    }

    @Override
    public Optional<Path> folder(Optional<Path> startAt) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Choose a folder");
        startAt.ifPresent(s -> chooser.setInitialDirectory(s.toFile()));
        return path(chooser.showDialog(owner));
    }

    @Override
    public Optional<Path> profileToOpen() {
        return open("Take in a press profile", PROFILES);
    }

    @Override
    public Optional<Path> whereToSaveProfile(String suggestedName) {
        return save("Write the press profile", PROFILES, suggestedName);
    }

    @Override
    public Optional<Path> pictureToOpen() {
        return open("Choose a picture", PICTURES);
    }

    @Override
    public Optional<Path> listToOpen() {
        return open("Choose a list", LISTS);
    }

    @Override
    public Optional<Path> whereToSaveDesign(String suggestedName) {
        return save("Write the page design", DESIGNS, suggestedName);
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
