package jorn.desk.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import jorn.desk.model.BookFiles;
import jorn.say.Wording;

/** Asks for files with the machine's own dialogs. */
final class FileDialogs implements BookFiles.Asker {
    private static final FileChooser.ExtensionFilter PNG =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.pictures"), "*.png");
    private static final FileChooser.ExtensionFilter BOOKS =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.jorn-books"), "*.jorn", "*.JORN");

    private static final FileChooser.ExtensionFilter PROFILES =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.press-profiles"), "*.json");

    private static final FileChooser.ExtensionFilter PICTURES = new FileChooser.ExtensionFilter(
            Wording.of("desk.file-dialogs.pictures"),
            "*.png",
            "*.jpg",
            "*.jpeg",
            "*.tif",
            "*.tiff",
            "*.webp",
            "*.svg",
            "*.pdf");

    private static final FileChooser.ExtensionFilter LISTS =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.lists"), "*.txt", "*.csv");

    private static final FileChooser.ExtensionFilter PDFS =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.pdfs"), "*.pdf", "*.PDF");

    private static final FileChooser.ExtensionFilter DESIGNS =
            new FileChooser.ExtensionFilter(Wording.of("desk.file-dialogs.page-designs"), "*.json");

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
        return open(Wording.of("desk.file-dialogs.open-book"), BOOKS);
    }

    @Override
    public Optional<Path> whereToSave(String suggestedName) {
        return save(Wording.of("desk.file-dialogs.save-book"), BOOKS, suggestedName);
    }

    @Override
    public Optional<Path> folder(Optional<Path> startAt) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(Wording.of("desk.file-dialogs.choose-folder"));
        startAt.ifPresent(s -> chooser.setInitialDirectory(s.toFile()));
        return path(chooser.showDialog(owner));
    }

    @Override
    public Optional<Path> profileToOpen() {
        return open(Wording.of("desk.file-dialogs.take-press-profile"), PROFILES);
    }

    @Override
    public Optional<Path> whereToSaveProfile(String suggestedName) {
        return save(Wording.of("desk.file-dialogs.write-press-profile"), PROFILES, suggestedName);
    }

    @Override
    public Optional<Path> pictureToOpen() {
        return open(Wording.of("desk.file-dialogs.choose-picture"), PICTURES);
    }

    @Override
    public Optional<Path> whereToSavePicture(String suggestedName) {
        return save(Wording.of("desk.file-dialogs.save-picture"), PNG, suggestedName);
    }

    @Override
    public Optional<Path> listToOpen() {
        return open(Wording.of("desk.file-dialogs.choose-list"), LISTS);
    }

    @Override
    public Optional<Path> pdfToOpen() {
        return open(Wording.of("desk.file-dialogs.choose-pdf"), PDFS);
    }

    @Override
    public Optional<Path> whereToSaveDesign(String suggestedName) {
        return save(Wording.of("desk.file-dialogs.write-page-design"), DESIGNS, suggestedName);
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
