package jorn.bench;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.CheckRun;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.deliver.FileStandard;
import jorn.deliver.Handover;
import jorn.deliver.Handover.HandedFile;
import jorn.edition.Edition;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.reception.Order;
import jorn.print.reception.Reception;

/** How long it takes to check a book, to write it for a press, and to be answered by its reception. */
final class PressTimes {
    private static final int ROUNDS = 5;

    private PressTimes() {}

    /** A planner with a page for each day and about five hundred pages. */
    static Book planner(String press) {
        PressProfile profile = PressShelf.shipped().find(press);
        Book book = Starter.DAY_PLANNER.begin().withTitle("The Apiary Year").withAuthor("Skep & Sedge");
        Book longer = book.withCalendar(book.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2028, 2, 15)));
        return longer.withBrief(longer.brief().at(profile));
    }

    /** From a book to all findings, in seconds; every page is made for it. */
    static double checks(Book book) {
        return median(() -> Checker.check(Proof.of(book, Unit.INCH)));
    }

    /** From a laid-out book to what the first portion finds, as the window asks for it. */
    static double first(Book book) {
        Edition edition = Edition.of(book);
        return median(() -> {
            CheckRun run = Checker.begin(new Proof(edition, Unit.INCH));
            run.goOn(20_000_000);
            return run.findings();
        });
    }

    /** How much longer a file by the standard of a trade press takes than an ordinary one. */
    static double standard(Book book, Path folder) {
        Edition edition = Edition.of(book);
        Handover byStandard = Handover.toPress(edition);
        List<HandedFile> plain = byStandard.parts();
        Handover ordinary = new Handover(
                plain.stream()
                        .map(p -> new HandedFile(p.plan(), jorn.deliver.ColourPolicy.AS_MIXED))
                        .toList(),
                FileStandard.PLAIN);
        double one = median(() -> Exporter.export(edition, byStandard, folder, Progress.SILENT));
        double other = median(() -> Exporter.export(edition, ordinary, folder, Progress.SILENT));
        return one / other;
    }

    /** The press's answer to a book's files. */
    static double reception(Book book, Path folder) {
        Edition edition = Edition.of(book);
        Exporter.export(edition, folder, Progress.SILENT);
        return median(() -> Reception.of(folder, book.brief().press(), Order.of(book.brief()), Unit.INCH));
    }

    private static double median(Callable<?> work) {
        double[] times = new double[ROUNDS];
        for (int i = -2; i < ROUNDS; i++) {
            long from = System.nanoTime();
            try {
                work.call();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
            if (i >= 0) {
                times[i] = (System.nanoTime() - from) / 1e9;
            }
        }
        Arrays.sort(times);
        return times[ROUNDS / 2];
    }
}
