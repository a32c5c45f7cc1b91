package jorn.print.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.IntStream;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.content.Hurry;
import jorn.deliver.Handover;
import jorn.deliver.SheetPlan;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.print.pdf.PdfSink;
import jorn.print.pdf.PdfTerms;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.store.SafeFile;
import jorn.text.TypeShelf;

/** Writes the files of a hand-over: for each of its plans one PDF. */
public final class Exporter {
    private static final double MEGABYTE = 1e6;

    private final Edition edition;
    private final Handover handover;
    private final Progress progress;

    private Exporter(Edition edition, Handover handover, Progress progress) {
        this.edition = edition;
        this.handover = handover;
        this.progress = progress;
    }

    /**
     * Writes what the book's press takes to a folder.
     *
     * @throws Trouble where the folder cannot be written to
     * @throws CancellationException where the progress stopped it; earlier files stay as they were
     */
    public static List<WrittenFile> export(Edition edition, Path folder, Progress progress) {
        return export(edition, Handover.toPress(edition), folder, progress);
    }

    /** Writes the files of a hand-over; see {@link #export(Edition, Path, Progress)}. */
    public static List<WrittenFile> export(Edition edition, Handover handover, Path folder, Progress progress) {
        if (Hurry.isOn()) {
            // There a page shows what is not made yet as not made; nothing of that may be written.
            throw new IllegalStateException("files are written beside the interface thread");
        }
        return new Exporter(edition, handover, progress).run(folder);
    }

    /** The files that {@link #export} would write. */
    public static List<Path> files(Edition edition, Path folder) {
        return files(edition, Handover.toPress(edition), folder);
    }

    /** The files of a hand-over. */
    public static List<Path> files(Edition edition, Handover handover, Path folder) {
        return handover.plans().stream()
                .map(p -> file(edition.book(), folder, p.role()))
                .toList();
    }

    /** What a press would say of files that are larger than it takes; nothing where all are small enough. */
    public static List<Message> tooLarge(PressProfile press, List<WrittenFile> written) {
        return press.limits()
                .largestFile()
                .map(most -> written.stream()
                        .filter(w -> w.bytes() > most * MEGABYTE)
                        .map(w -> Message.of(
                                "print.exporter.too-large",
                                w.file().getFileName(),
                                Numeral.fixed(w.bytes() / MEGABYTE, 1),
                                press.name(),
                                Numeral.trimmed(most, 1)))
                        .toList())
                .orElse(List.of());
    }

    private List<WrittenFile> run(Path folder) {
        prepare(folder);
        List<WrittenFile> written = new ArrayList<>();
        // Writing each file takes a step of its own.
        int steps = handover.sheets() + handover.plans().size();
        int done = 0;
        for (Handover.HandedFile part : handover.parts()) {
            SheetPlan plan = part.plan();
            Path file = file(edition.book(), folder, plan.role());
            write(part, file, done, steps);
            done += plan.sheets() + 1;
            written.add(written(plan, file));
        }
        return written;
    }

    private void write(Handover.HandedFile part, Path file, int done, int steps) {
        SheetPlan plan = part.plan();
        PdfTerms terms = new PdfTerms(part.colours(), handover.standard());
        String title = edition.book().shownTitle()
                + (plan.role() == FileRole.INTERIOR ? "" : " – " + plan.role().id());
        SafeFile.write(file, out -> {
            try (PdfSink sink = new PdfSink(title, edition.book().author(), terms)) {
                if (edition.book().brief().reading() == Reading.RIGHT_TO_LEFT) {
                    sink.readFromRight();
                }
                sink.startsAt(plan.sheetOf(1));
                for (int i = 0; i < plan.sheets(); i++) {
                    step(done + i, steps, Wording.of("print.exporter.page", i + 1, plan.sheets()));
                    PageArt art = plan.sheet(i).art();
                    requireLetters(art, plan.role(), i + 1);
                    sink.add(art);
                }
                step(
                        done + plan.sheets(),
                        steps,
                        Wording.of("print.exporter.writing", plan.role().id()));
                sink.writeTo(out);
            }
        });
    }

    /** A letter that no typeface has would be printed as an empty box: such a file is not written. */
    private static void requireLetters(PageArt art, FileRole role, int page) {
        Marks.walk(art.marks(), standing -> {
            if (standing.mark() instanceof Mark.Words words
                    && IntStream.of(words.run().glyphs()).anyMatch(g -> g == 0)) {
                Set<String> lacking = TypeShelf.lacking(
                        TypeShelf.face(words.run().face()), words.run().text());
                if (!lacking.isEmpty()) {
                    throw Trouble.of("print.exporter.no-letter", String.join(" ", lacking), page, role.id());
                }
            }
        });
    }

    /**
     * Makes ready, on a thread of its own, what every file needs: whoever reads the book meanwhile waits less for the files. Nothing
     * is lost where it fails; the first file then says what is wrong.
     */
    public static void makeReady() {
        Thread ready = new Thread(
                () -> {
                    try (PdfSink sink = new PdfSink("", "")) {
                        sink.writeTo(OutputStream.nullOutputStream());
                    } catch (IOException e) {
                        Logger.getLogger(Exporter.class.getName()).log(Level.FINE, "PDF is not ready yet", e);
                    }
                },
                "make ready");
        ready.setDaemon(true);
        ready.start();
    }

    private static void prepare(Path folder) {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw Trouble.of("print.exporter.file-not-folder", folder);
        }
    }

    private void step(int done, int of, String what) {
        if (!progress.at(done, of, what)) {
            throw new CancellationException("stopped at: " + what);
        }
    }

    private static WrittenFile written(SheetPlan plan, Path file) {
        try {
            return new WrittenFile(plan.role(), file, plan.sheets(), Files.size(file));
        } catch (IOException e) {
            throw Trouble.because(e, "print.exporter.has-gone-since-was", file);
        }
    }

    static Path file(Book book, Path folder, FileRole role) {
        return folder.resolve(FileNames.of(book) + role.ending());
    }
}
