package jorn.desk.model;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import jorn.book.Book;
import jorn.book.History;
import jorn.measure.Trouble;
import jorn.store.KeptBook;
import jorn.store.KeptBooks;
import jorn.store.UnsavedWork;
import jorn.store.Waiting;
import org.jspecify.annotations.Nullable;

/**
 * Keeps this window's work until it is saved, and what was saved as an earlier version, beside the interface thread. The newest
 * work alone is kept: what waits its turn when newer work comes is passed over.
 */
final class Keeper {
    private final KeptBooks all;
    private final Hands hands;
    private final AtomicLong latest = new AtomicLong();
    /** Where work on the present book is kept; touched by the hand alone. */
    private Optional<UnsavedWork> work = Optional.empty();
    /** Touched by the interface thread alone. */
    private boolean keeps;

    private KeptBook book;

    Keeper(Path folder, Book first, java.util.concurrent.Executor later) {
        all = new KeptBooks(folder);
        hands = new Hands("keeper", later);
        book = all.of(first.identity().id());
    }

    /** The work at one moment. */
    record Work(History steps, Waiting.Whereabouts place) {
        static Work on(Desk desk) {
            return new Work(desk.steps(), desk.place());
        }
    }

    KeptBooks all() {
        return all;
    }

    /** What is kept of the book on the desk. */
    KeptBook book() {
        return book;
    }

    /** Another book lies on the desk. What is kept of the one before waits, where it was not saved. */
    void attend(Book now, Optional<UnsavedWork> resumed) {
        keeps = resumed.isPresent();
        book = all.of(now.identity().id());
        latest.incrementAndGet();
        quietly(() -> {
            work.ifPresent(UnsavedWork::letGo);
            work = resumed;
        });
    }

    /** Keeps this, a moment later. */
    void keep(Work now, Consumer<Throwable> failed) {
        keeps = true;
        long turn = latest.incrementAndGet();
        KeptBook of = book;
        hands.fetch(
                () -> {
                    if (turn == latest.get()) {
                        keepIn(of, now);
                    }
                    return now;
                },
                kept -> {},
                failed);
    }

    private void keepIn(KeptBook of, Work now) {
        if (work.isEmpty()) {
            work = Optional.of(of.open());
        }
        work.get().keep(now.steps(), now.place());
    }

    /**
     * Keeps this before anything else happens.
     *
     * @throws Trouble where it cannot be kept
     */
    void keepNow(Work now) {
        latest.incrementAndGet();
        keeps = true;
        KeptBook of = book;
        AtomicReference<@Nullable Trouble> failed = new AtomicReference<>();
        hands.fetch(
                () -> {
                    try {
                        keepIn(of, now);
                    } catch (RuntimeException | Error e) {
                        failed.set(Mishap.told(e));
                    }
                    return now;
                },
                kept -> {},
                Mishap::log);
        if (!hands.finish()) {
            throw Trouble.of("desk.keeper.takes-long");
        }
        Trouble why = failed.get();
        if (why != null) {
            throw why;
        }
    }

    /** Nothing is unsaved any more. */
    void forget() {
        if (keeps) {
            keeps = false;
            latest.incrementAndGet();
            quietly(() -> {
                work.ifPresent(w -> {
                    w.forget();
                    w.letGo();
                });
                work = Optional.empty();
            });
        }
    }

    /** A state of the book was saved: it is a version. */
    void saved(Book now, Path file) {
        KeptBook of = book;
        quietly(() -> of.versions().add(now, file));
    }

    private void quietly(Runnable deed) {
        hands.fetch(
                () -> {
                    deed.run();
                    return deed;
                },
                done -> {},
                Mishap::log);
    }

    /** The window closes: what is kept waits for another. */
    void letGo() {
        quietly(() -> {
            work.ifPresent(UnsavedWork::letGo);
            work = Optional.empty();
        });
        hands.finish();
    }

    /** Waits until all that was begun is on the disk. */
    void finish() {
        hands.finish();
    }
}
