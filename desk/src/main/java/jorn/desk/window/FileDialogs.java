package jorn.desk.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import jorn.desk.model.Clerk;

/** Asks for files with the machine's own dialogs. */
final class FileDialogs implements Clerk.Asker {
    private static final FileChooser.ExtensionFilter BOOKS = new FileChooser.ExtensionFilter("Jorn books", "*.jorn");

    private static final FileChooser.ExtensionFilter PROFILES =
            new FileChooser.ExtensionFilter("Press profiles", "*.json");

    private final Window owner;

    FileDialogs(Window owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Path> bookToOpen() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Open a book");
        chooser.getExtensionFilters().add(BOOKS);
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> whereToSave(String suggestedName) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the book");
        chooser.getExtensionFilters().add(BOOKS);
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
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
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Take in a press profile");
        chooser.getExtensionFilters().add(PROFILES);
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> whereToSaveProfile(String suggestedName) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write the press profile");
        chooser.getExtensionFilters().add(PROFILES);
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
