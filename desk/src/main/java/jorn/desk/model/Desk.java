package jorn.desk.model;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.History;
import jorn.book.Pagination;
import jorn.check.Finding;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.say.Message;
import jorn.store.FileStamp;
import jorn.store.Waiting;
import jorn.text.OwnFaces;
import org.jspecify.annotations.Nullable;

/**
 * The book on the desk and where the user stands: the one place that the window's parts look at and change. Used on the
 * interface thread only.
 */
public final class Desk {
    private final Settings settings;
    private History history;
    private @Nullable Book saved;
    private Optional<Path> file = Optional.empty();
    /** What the file was when it was last read or written. */
    private FileStamp stamp = FileStamp.NONE;
    /** What is said once a question is answered. */
    private @Nullable Notice after;

    private final ReadOnlyObjectWrapper<BookState> state = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Findings> findings = new ReadOnlyObjectWrapper<>();
    private final ProofReader reader;
    private final ContentMaking making;
    private final Errand colours;
    private final boolean beside;
    /** What had to be mended before the brief was changed, where what has to be now is not known yet. */
    private Optional<Set<String>> before = Optional.empty();

    /** What else had to change with the brief, in words, to be said once all is known. */
    private Optional<String> said = Optional.empty();

    private Optional<Wish> wish = Optional.empty();

    /**
     * What was wished for before presses were tried.
     *
     * @param wished the brief, which is fitted to each press anew
     * @param fitted what became of it at the present one
     */
    private record Wish(Brief wished, Brief fitted) {}

    private final ObjectProperty<Unit> unit = new SimpleObjectProperty<>();
    private final ObjectProperty<BenchName> bench = new SimpleObjectProperty<>(BenchName.BRIEF);
    private final IntegerProperty page = new SimpleIntegerProperty(1);
    private String progress = "";
    private Supplier<Optional<Trouble>> typing = Optional::empty;
    private final ReadOnlyObjectWrapper<Notice> notice = new ReadOnlyObjectWrapper<>();
    private final ObservableList<Brief> whatIfs = FXCollections.observableArrayList();

    public Desk(Settings settings, Book book) {
        this(settings, BookState.of(book));
    }

    /**
     * A desk without a window, on which a book is checked at once.
     *
     * @param later runs something in its turn
     */
    public Desk(Settings settings, Book book, Executor later) {
        this(settings, BookState.of(book), later, false);
    }

    /** @param laidOut the first book, laid out already */
    public Desk(Settings settings, BookState laidOut) {
        this(settings, laidOut, Platform::runLater, true);
    }

    private Desk(Settings settings, BookState laidOut, Executor later, boolean beside) {
        this.settings = settings;
        OwnFaces.from(settings.typefaceFolder());
        this.history = new History(laidOut.book());
        this.saved = laidOut.book();
        this.reader = new ProofReader(later, beside, settings::otherNumbers);
        this.beside = beside;
        this.colours = new Errand(this, "colours", later);
        this.making = new ContentMaking(later, beside, this::tell);
        unit.set(settings.unit());
        unit.addListener((o, was, now) -> {
            settings.setUnit(now);
            look();
        });
        show(laidOut);
    }

    /** @param typing hands over what is being typed, and says why that is refused */
    public void setTyping(Supplier<Optional<Trouble>> typing) {
        this.typing = typing;
    }

    /**
     * Takes in what is being typed, before the book is read: saved, written, left.
     *
     * @return whether all is taken; what is refused is told, and stays where it was typed
     */
    public boolean takeTyping() {
        Optional<Trouble> refused = typing.get();
        refused.ifPresent(this::tell);
        return refused.isEmpty();
    }

    /** Goes to a bench, where what is being typed can be taken in. */
    public void goTo(BenchName wanted) {
        if (takeTyping()) {
            bench.set(wanted);
        }
    }

    /** Puts another book on the desk, as it is in its file; what was on the desk is forgotten. */
    public void lay(Book book, Optional<Path> from) {
        lay(book, from, FileStamp.NONE);
    }

    /** @param read what the file was when the book was read from it */
    void lay(Book book, Optional<Path> from, FileStamp read) {
        lay(new History(book), book, from, read);
    }

    private void lay(History steps, @Nullable Book inFile, Optional<Path> from, FileStamp read) {
        // What was said of another book is not said of this one.
        putAwayNotice();
        // While the old book is still seen: whoever hears of the page looks at its pages.
        page.set(1);
        history = steps;
        saved = inFile;
        wish = Optional.empty();
        said = Optional.empty();
        file = from;
        stamp = read;
        whatIfs.clear();
        look();
    }

    FileStamp stamp() {
        return stamp;
    }

    /** Puts back work that was not saved, where it was left. */
    public void layResumed(Waiting.Resumed resumed) {
        Waiting.Whereabouts place = resumed.place();
        lay(resumed.history(), null, place.path(), place.stamp());
        page.set(Math.max(1, Math.min(place.page(), state.get().pagination().pageCount())));
        for (BenchName each : BenchName.values()) {
            if (each.name().equals(place.bench())) {
                bench.set(each);
            }
        }
    }

    /** Puts back work that has no file. */
    void layUnsaved(Book book) {
        lay(new History(book), null, Optional.empty(), FileStamp.NONE);
    }

    /** Where the user stands. */
    Waiting.Whereabouts place() {
        return new Waiting.Whereabouts(
                file.map(f -> f.toAbsolutePath().toString()),
                stamp,
                page.get(),
                bench.get().name());
    }

    /** The book with the steps that led to it, at this moment. */
    History steps() {
        return history.copy();
    }

    /** Other briefs that the user weighs against the book's own. */
    public ObservableList<Brief> whatIfs() {
        return whatIfs;
    }

    /** The press profiles at hand: shipped, and the user's own as they are on the disk now. */
    public PressShelf shelf() {
        return PressShelf.with(settings.pressFolder(), this::tell);
    }

    public Settings settings() {
        return settings;
    }

    public ReadOnlyObjectProperty<BookState> state() {
        return state.getReadOnlyProperty();
    }

    /** What checking has found; of a long book, first what is known at once, and a moment later all of it. */
    public ReadOnlyObjectProperty<Findings> findings() {
        return findings.getReadOnlyProperty();
    }

    public Book book() {
        return history.now();
    }

    public ObjectProperty<Unit> unit() {
        return unit;
    }

    public ObjectProperty<BenchName> bench() {
        return bench;
    }

    /** How far the puzzles and pictures of the book are made. */
    public ReadOnlyObjectProperty<ContentMaking.HowFar> making() {
        return making.howFar();
    }

    /** Makes no more puzzles and pictures, or goes on; it is checked anew with what is there. */
    public void keepMaking(boolean on) {
        if (on) {
            making.goOn();
        } else {
            making.stop();
        }
        look();
    }

    /** The page that is looked at, from 1. */
    public IntegerProperty page() {
        return page;
    }

    /** What went wrong last, until it is put away. */
    public ReadOnlyObjectProperty<Notice> notice() {
        return notice.getReadOnlyProperty();
    }

    public void tell(Trouble trouble) {
        show(Notice.of(trouble));
    }

    /** Asks, and goes on; see {@link Notice#question}. */
    public void ask(Message what, Message next, Notice.Choice... choices) {
        notice.set(Notice.question(what, next, choices));
    }

    /** Answers the question that is asked. */
    public void answer(Notice.Choice choice) {
        notice.set(after);
        after = null;
        choice.deed().run();
    }

    /** Says how far something is that takes long, unless a question is asked. */
    void progress(Message how, Notice.Choice stop) {
        Notice now = notice.get();
        if (now == null || !now.isQuestion() || now.choices().get(0).id().equals(stop.id())) {
            progress = stop.id();
            notice.set(Notice.question(how, Message.plain(""), stop));
        }
    }

    /** It has come to its end. */
    void endProgress() {
        Notice now = notice.get();
        if (now != null && now.isQuestion() && now.choices().get(0).id().equals(progress)) {
            notice.set(after);
            after = null;
        }
    }

    /** A question stays until it is answered; what is said meanwhile comes after. */
    private void show(Notice now) {
        if (notice.get() != null && notice.get().isQuestion()) {
            after = now;
        } else {
            notice.set(now);
        }
    }

    /**
     * Does it, or tells why not.
     *
     * @return whether it was done
     */
    public boolean attempt(Runnable deed) {
        try {
            deed.run();
            return true;
        } catch (RuntimeException | Error e) {
            tell(Mishap.told(e));
            return false;
        }
    }

    /** Says that something was done, where it cannot be seen at once; see {@link Notice#done}. */
    public void say(String key, Object... arguments) {
        show(Notice.done(key, arguments));
    }

    /** Says how the book was changed, with undo beside it; see {@link Notice#changed}. */
    public void sayChanged(String key, Object... arguments) {
        show(Notice.changed(key, arguments));
    }

    public void putAwayNotice() {
        if (notice.get() == null || !notice.get().isQuestion()) {
            notice.set(null);
        }
    }

    /**
     * Changes the book.
     *
     * @param thing what is changed; equal things within a breath are undone together
     * @throws Trouble where the change makes no book; then nothing has changed
     */
    public void change(String thing, UnaryOperator<Book> change) {
        Book next = change.apply(history.now());
        // A book that cannot be laid out is refused before it takes the place of this one.
        BookState seen = BookState.of(next);
        history.change(next, thing);
        show(seen);
    }

    /**
     * Changes the brief, and says so where something else had to change with it, or pages already made no longer fit it. What another
     * press had to change comes back with the press before.
     */
    public void changeBrief(String thing, UnaryOperator<Brief> change) {
        Set<String> errors = findings.get().errors();
        BookState was = state.get();
        boolean ofPress = thing.equals("press");
        Brief now = was.book().brief();
        Brief wished = wish.filter(w -> ofPress && w.fitted().equals(now))
                .map(Wish::wished)
                .orElse(now);
        change(thing, b -> b.withBrief(change.apply(wished)));
        wish = ofPress ? Optional.of(new Wish(wished, book().brief())) : Optional.empty();
        before = Optional.of(errors);
        said = Consequences.of(was, state.get(), unit.get());
        if (findings.get().whole()) {
            compare();
        }
    }

    private void compare() {
        before.ifPresent(errors -> findings.get().all().stream()
                .filter(f -> f.severity() == Finding.Severity.ERROR && !errors.contains(f.id()))
                .findFirst()
                .ifPresentOrElse(
                        f -> tell(Trouble.of(
                                Message.of("desk.desk.after-change-something-must", f.found()),
                                said.map(also -> Message.of("desk.desk.and-also-changed", f.advice(), also))
                                        .orElse(f.advice()))),
                        this::sayConsequences));
        before = Optional.empty();
    }

    private void sayConsequences() {
        said.ifPresentOrElse(words -> sayChanged("desk.desk.also-changed", words), this::putAwayNotice);
        said = Optional.empty();
    }

    public boolean canUndo() {
        return history.canUndo();
    }

    public boolean canRedo() {
        return history.canRedo();
    }

    public void undo() {
        history.undo();
        look();
    }

    public void redo() {
        history.redo();
        look();
    }

    /** Turns to the spread after or before. */
    public void turn(int spreads) {
        goToSpread(Pagination.spreadOf(page.get()) + spreads);
    }

    public void goToSpread(int spread) {
        Pagination p = state.get().pagination();
        int s = Math.max(0, Math.min(p.spreadCount() - 1, spread));
        int wanted = p.rectoOf(s).orElseGet(() -> p.versoOf(s).orElse(1));
        boolean wasVerso = page.get() % 2 == 0;
        page.set(wasVerso ? p.versoOf(s).orElse(wanted) : wanted);
    }

    public int spread() {
        return Pagination.spreadOf(page.get());
    }

    public Optional<Path> file() {
        return file;
    }

    public boolean isSaved() {
        return history.now().equals(saved);
    }

    /** Notes that the book as it is now is in this file. */
    public void markSaved(Path where, FileStamp written) {
        markSaved(history.now(), where, written);
    }

    /** Notes that a book, which may have changed since, is in this file. */
    void markSaved(Book inFile, Path where, FileStamp written) {
        saved = inFile;
        stamp = written;
        file = Optional.of(where);
        look();
    }

    /** Counts coloured pages beside the window where a press charges for them; the figures follow. */
    private void countColours(Edition edition) {
        if (beside && !edition.knowsColours()) {
            colours.begin(stopped -> edition.countColours(), new Errand.Heard<Integer>() {
                @Override
                public void done(Integer counted) {
                    look();
                }

                @Override
                public void failed(Trouble why) {
                    tell(why);
                }
            });
        }
    }

    private void look() {
        show(BookState.of(history.now()));
    }

    private void show(BookState now) {
        int count = now.pagination().pageCount();
        // Before the pages are gone, so that nobody looks at one that is not there.
        if (page.get() > count) {
            page.set(count);
        }
        before = Optional.empty();
        if (notice.get() != null && notice.get().undoable()) {
            putAwayNotice();
        }
        // Known before the state is seen, so that whoever shows it shows both of the same moment.
        findings.set(reader.read(now.edition(), unit.get(), all -> {
            findings.set(all);
            if (all.whole()) {
                compare();
            }
        }));
        state.set(now);
        // After the book is seen: whoever hears of what is made looks at it.
        making.attend(now.book());
        countColours(now.edition());
    }
}
