package jorn.desk.model;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.check.PressChange;
import jorn.deliver.GivenAway;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.print.export.FileNames;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.scan.Cleaning;
import jorn.store.BookFile;
import jorn.store.KeptBook;
import jorn.store.Versions;
import jorn.store.Waiting;

/**
 * Opens and saves the book on the desk. Work that is not saved is kept in the user's data folder a moment after each change, so that
 * nothing is lost when the window closes or the machine stops.
 */
public final class BookFiles {
    private final Desk desk;
    private final Asker asker;
    private final Executor later;
    private final Intake intake;
    private final Keeper keeper;
    private final Hands reader;
    private final Saving saving;
    private final PauseTransition moment = new PauseTransition(Duration.millis(700));
    private Runnable onClose = () -> {};
    private boolean givenUp;

    /** Asks the user for files. */
    public interface Asker {
        Optional<Path> bookToOpen();

        Optional<Path> whereToSave(String suggestedName);

        Optional<Path> folder(Optional<Path> start);

        Optional<Path> profileToOpen();

        Optional<Path> whereToSaveProfile(String suggestedName);

        Optional<Path> pictureToOpen();

        Optional<Path> listToOpen();

        Optional<Path> pdfToOpen();

        Optional<Path> whereToSavePicture(String suggestedName);

        Optional<Path> whereToSaveDesign(String suggestedName);
    }

    public BookFiles(Desk desk, Asker asker) {
        this(desk, asker, Platform::runLater);
    }

    /** @param later runs something on the interface thread */
    BookFiles(Desk desk, Asker asker, Executor later) {
        this.desk = desk;
        this.asker = asker;
        this.later = later;
        this.intake = new Intake(desk);
        this.keeper = new Keeper(desk.settings().keptFolder(), desk.book(), later);
        this.reader = new Hands("reader", later);
        this.saving = new Saving(desk, keeper, later);
        moment.setOnFinished(e -> keepUnsaved());
        desk.state().addListener((o, was, now) -> moment.playFromStart());
    }

    public Asker asker() {
        return asker;
    }

    /** Puts a new book on the desk; the present one is saved first where it has a file, and otherwise waits under Books. */
    public void begin(Book book) {
        if (!desk.takeTyping()) {
            return;
        }
        boolean waits = !desk.isSaved() && desk.file().isEmpty();
        String before = desk.book().shownTitle();
        makeSafe(() -> {
            keeper.attend(book, Optional.empty());
            desk.lay(book, Optional.empty());
            desk.bench().set(BenchName.BRIEF);
            if (waits) {
                desk.say("desk.book-files.waits-under-books", before);
            }
        });
    }

    /** Saves a copy that may be given away; the book on the desk stays what it is. */
    public void giveAway() {
        if (!desk.takeTyping()) {
            return;
        }
        desk.attempt(() -> asker.whereToSave(
                        FileNames.of(desk.book()) + "-" + Wording.of("desk.book-files.copy") + BookFile.ENDING)
                .ifPresent(wanted -> {
                    Path path = BookFile.isNamedSo(wanted) ? wanted : Path.of(wanted + BookFile.ENDING);
                    Edition edition = desk.state().get().edition();
                    fetch(
                            () -> BookFile.save(GivenAway.of(edition), path),
                            written -> desk.say("desk.despatch.given", path.toAbsolutePath()));
                }));
    }

    /** Asks for a book and opens it. */
    public void open() {
        asker.bookToOpen().ifPresent(this::open);
    }

    /** Opens a book, which is read beside the window. */
    public void open(Path path) {
        if (desk.takeTyping()) {
            reader.fetch(
                    () -> BookFile.open(path), read -> makeSafe(() -> lay(path, read)), e -> desk.tell(Mishap.told(e)));
        }
    }

    /** Opens a book before the window is seen. */
    public void openNow(Path path) {
        desk.attempt(() -> lay(path, BookFile.open(path)));
    }

    private void lay(Path path, BookFile.ReadBook opened) {
        Book book = opened.book();
        keeper.attend(book, Optional.empty());
        desk.lay(book, opened.newer() ? Optional.empty() : Optional.of(path), opened.stamp());
        desk.settings().addRecent(path);
        sayWhatIsKept(book, opened.newer(), path);
        if (!offerWaiting()) {
            askAboutPress();
        }
    }

    /** Tells what another profile of its press would change in the book on the desk, if there is one, and lets the user choose. */
    private void askAboutPress() {
        PressShelf shelf = desk.shelf();
        Unit unit = desk.unit().get();
        Book book = desk.book();
        fetch(
                () -> PressChange.pending(book, shelf).map(c -> new PressNews(c, c.consequences(unit))).stream()
                        .toList(),
                news -> news.forEach(n -> n.ask(desk)));
    }

    private void sayWhatIsKept(Book book, boolean newer, Path path) {
        if (newer) {
            desk.say("desk.book-files.was-written-by-newer", path.getFileName());
        } else if (!book.unknownFields().isEmpty()) {
            desk.say("desk.book-files.says-something-jorn-does", path.getFileName());
        }
    }

    /**
     * Newer work on the book that was just opened, which some window did not save.
     *
     * @return whether something is asked
     */
    private boolean offerWaiting() {
        KeptBook kept = keeper.book();
        List<Waiting> waiting = kept.waiting();
        if (!waiting.isEmpty()) {
            Waiting latest = waiting.get(0);
            desk.ask(
                    Message.of("desk.book-files.work-waits", latest.title(), Moments.inWords(latest.when())),
                    Message.of("desk.book-files.work-waits.do"),
                    choice("go-on", "desk.book-files.go-on", () -> resume(latest)),
                    choice("leave", "desk.book-files.leave", this::askAboutPress),
                    choice("throw-away", "desk.book-files.throw-away", () -> {
                        drop(latest);
                        askAboutPress();
                    }));
            return true;
        } else if (kept.isOpenElsewhere()) {
            desk.say("desk.book-files.open-elsewhere", desk.book().shownTitle());
        }
        return false;
    }

    private static Notice.Choice choice(String id, String key, Runnable deed) {
        return new Notice.Choice(id, Wording.of(key), deed);
    }

    /** Work of any book that waits, the latest first. */
    public List<Waiting> waiting() {
        return keeper.all().waiting();
    }

    /** Goes on with work that waited, in the place where it was left. */
    public void resume(Waiting waiting) {
        if (desk.takeTyping()) {
            makeSafe(() -> layResumed(waiting));
        }
    }

    private void layResumed(Waiting waiting) {
        Waiting.Resumed resumed = waiting.resume();
        keeper.attend(resumed.history().now(), Optional.of(resumed.work()));
        desk.layResumed(resumed);
        askAboutPress();
    }

    private void drop(Waiting waiting) {
        desk.attempt(waiting::drop);
    }

    /** Takes in a file that was dropped on the window, or a folder of drawings; what takes long is read beside the interface thread. */
    public void takeIn(Path path) {
        if (Files.isDirectory(path)) {
            new DrawingFolder(desk, this).take(path, Cleaning.LINE_ART);
        } else if (BookFile.isNamedSo(path)) {
            open(path);
        } else {
            fetch(() -> intake.read(path), Runnable::run);
        }
    }

    /** Asks for a picture, brings it into the book and hands it over. */
    public void bringInPicture(Consumer<Picture> then) {
        asker.pictureToOpen()
                .ifPresent(path -> fetch(() -> Intake.picture(path), picture -> then.accept(intake.keep(picture))));
    }

    /** Brings a picture into the book that came from elsewhere than a file. */
    public Picture keep(Picture picture) {
        return intake.keep(picture);
    }

    /** Reads something for the book on the desk, beside the interface thread; where another lies there when it has been read, it is not taken in. */
    public <T> void fetch(java.util.concurrent.Callable<T> work, Consumer<T> then) {
        Object on = desk.book().identity().id();
        reader.fetch(
                work,
                read -> {
                    if (desk.book().identity().id().equals(on)) {
                        desk.attempt(() -> then.accept(read));
                    }
                },
                e -> desk.tell(Mishap.told(e)));
    }

    /**
     * Does something in steps, see {@link #fetch}; how far it is stands in the window, with a word that stops it.
     *
     * @param work tells of each step, and hears whether to go on
     */
    public <T> void fetchInSteps(Function<Predicate<Message>, T> work, Consumer<T> then) {
        AtomicBoolean stopped = new AtomicBoolean();
        Notice.Choice stop = choice("stop-work", "desk.puzzles.stop", () -> stopped.set(true));
        fetch(
                () -> {
                    try {
                        return work.apply(how -> {
                            later.execute(() -> desk.progress(how, stop));
                            return !stopped.get();
                        });
                    } finally {
                        later.execute(desk::endProgress);
                    }
                },
                then);
    }

    /** Waits until what is being read has been taken in, and what is being kept is kept. */
    public void finish() {
        reader.finish();
        saving.finish();
        keeper.finish();
    }

    /** On the interface thread: waits until what is being read or written is known to be. */
    public void finishHere() {
        reader.finishHere();
        saving.finishHere();
    }

    /** Saves the book into its file, or asks for one. */
    public void save() {
        if (desk.takeTyping()) {
            save(() -> {});
        }
    }

    private void save(Runnable then) {
        if (desk.file().isPresent()) {
            desk.attempt(() -> saving.into(desk.file().get(), then));
        } else {
            saveAs(then);
        }
    }

    /** Asks for a file and saves the book into it. */
    public void saveAs() {
        if (desk.takeTyping()) {
            saveAs(() -> {});
        }
    }

    private void saveAs(Runnable then) {
        String name = FileNames.of(desk.book()) + BookFile.ENDING;
        asker.whereToSave(name).ifPresent(path -> desk.attempt(() -> saving.into(path, then)));
    }

    /**
     * Sees that the present book is not lost when another takes its place.
     *
     * @param then once it is safe
     */
    private void makeSafe(Runnable then) {
        saving.finishHere();
        if (!desk.isSaved() && desk.file().isPresent()) {
            save(() -> desk.attempt(then));
            return;
        }
        if (!desk.isSaved()) {
            try {
                keeper.keepNow(Keeper.Work.on(desk));
            } catch (Trouble t) {
                Mishap.log(t);
                saveAs(() -> desk.attempt(then));
                return;
            }
        }
        desk.attempt(then);
    }

    /** Puts back the work that was done last and not saved; what else waits is found under Books. */
    public boolean recover() {
        Path former = desk.settings().formerRecovery();
        if (Files.isRegularFile(former) && desk.attempt(() -> recoverFormer(former))) {
            return true;
        }
        for (Waiting waiting : waitingOrNone()) {
            if (desk.attempt(() -> layResumed(waiting))) {
                return true;
            }
        }
        return false;
    }

    /** Work that a Jorn before this one kept goes where work is kept now; its file is not known. */
    private void recoverFormer(Path former) {
        Book book = BookFile.load(former);
        keeper.attend(book, Optional.empty());
        desk.layUnsaved(book);
        keeper.keepNow(Keeper.Work.on(desk));
        try {
            Files.delete(former);
        } catch (java.io.IOException e) {
            Mishap.log(e);
        }
    }

    private List<Waiting> waitingOrNone() {
        try {
            return keeper.all().waiting();
        } catch (Trouble t) {
            desk.tell(t);
            return List.of();
        }
    }

    /** Keeps unsaved work, beside the interface thread. */
    public void keepUnsaved() {
        if (desk.isSaved()) {
            keeper.forget();
        } else {
            keeper.keep(Keeper.Work.on(desk), e -> desk.tell(Mishap.told(e)));
        }
    }

    /** What closes the window once it may close after all. */
    public void setOnClose(Runnable close) {
        onClose = close;
    }

    /** Whether the window may close: all is saved, or kept. Asks where it cannot be kept. */
    public boolean mayClose() {
        if (!givenUp && !desk.takeTyping()) {
            desk.ask(
                    Message.of("desk.book-files.typing-refused"),
                    Message.of("desk.book-files.typing-refused.do"),
                    choice("stay", "desk.book-files.stay", () -> {}),
                    choice("lose-typing", "desk.book-files.lose-typing", () -> {
                        desk.setTyping(Optional::empty);
                        if (mayClose()) {
                            onClose.run();
                        }
                    }));
            return false;
        }
        moment.stop();
        saving.finishHere();
        if (givenUp || desk.isSaved()) {
            keeper.forget();
            keeper.letGo();
            return true;
        }
        try {
            keeper.keepNow(Keeper.Work.on(desk));
            keeper.letGo();
            return true;
        } catch (Trouble t) {
            desk.ask(
                    t.message(),
                    Message.of("desk.book-files.cannot-keep.do"),
                    choice("save-elsewhere", "desk.book-files.save-elsewhere", () -> saveAs(onClose)),
                    choice("lose", "desk.book-files.lose", () -> {
                        givenUp = true;
                        onClose.run();
                    }),
                    choice("stay", "desk.book-files.stay", () -> {}));
            return false;
        }
    }

    /** Earlier versions of the book on the desk, the latest first. */
    public List<Versions.Version> versions() {
        keeper.finish();
        return keeper.book().versions().all();
    }

    /** The book as it was. */
    public Book version(Versions.Version version) {
        return keeper.book().versions().book(version);
    }

    /** Goes back to an earlier version; one step back undoes that. */
    public void goBackTo(Book earlier) {
        desk.attempt(() -> desk.change("version", now -> earlier));
    }
}
