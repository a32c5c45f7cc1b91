package jorn.print.export;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Brief;
import jorn.book.SentParcel;
import jorn.book.SentParcel.SentFile;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.deliver.Handover;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.reception.Order;
import jorn.print.reception.Reception;
import jorn.print.reception.Verdict;
import jorn.say.Wording;
import jorn.scratch.Checksum;
import jorn.store.SafeFile;

/**
 * All that is handed over to one press: its files, the order slip, and a summary of what was checked. The files are taken by the press's reception as
 * soon as they are there.
 *
 * @param files for the press
 * @param verdict of its reception
 * @param summary the file in which all of this is told
 * @param parcel for the record
 */
public record HandoverSet(List<WrittenFile> files, Verdict verdict, Path summary, SentParcel parcel) {
    public HandoverSet {
        files = List.copyOf(files);
    }

    /**
     * What is known when the files are written.
     *
     * @param findings of the proof
     * @param unit for lengths
     * @param now when it is
     */
    public record Circumstance(List<Finding> findings, Unit unit, LocalDateTime now) {
        /** Ids of the errors that stand. */
        List<String> errors() {
            return findings.stream()
                    .filter(f -> f.severity() == Severity.ERROR)
                    .map(Finding::id)
                    .distinct()
                    .toList();
        }
    }

    /**
     * Writes them to a folder.
     *
     * @throws Trouble where they cannot be written
     * @throws java.util.concurrent.CancellationException where the progress stopped it
     */
    public static HandoverSet write(
            Edition edition, Handover handover, Path folder, Circumstance occasion, Progress progress) {
        List<WrittenFile> files = Exporter.export(edition, handover, folder, progress);
        Brief brief = edition.book().brief();
        Verdict verdict = received(edition, files, occasion.unit());
        SlipFile.write(edition, occasion.unit(), folder.resolve(SlipFile.name(edition, true)));
        List<SentFile> sent = new ArrayList<>();
        for (WrittenFile file : files) {
            String name = file.file().getFileName().toString();
            sent.add(new SentFile(name, file.pages(), file.bytes(), checksum(file.file())));
        }
        String when = SentParcel.when(occasion.now());
        SentParcel parcel = new SentParcel(when, brief.press().name(), sent, verdict.accepted(), occasion.errors());
        Path summary = folder.resolve(FileNames.of(edition.book()) + "-summary.txt");
        String text = text(edition, handover, occasion, verdict, parcel);
        SafeFile.write(summary, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
        return new HandoverSet(files, verdict, summary, parcel);
    }

    /** The answer of the press's reception to files of a book, with what its brief says of the order. */
    public static Verdict received(Edition edition, List<WrittenFile> files, Unit unit) {
        Brief brief = edition.book().brief();
        Optional<Path> cover = files.stream()
                .filter(f -> f.role() == FileRole.COVER)
                .map(WrittenFile::file)
                .findFirst();
        return Reception.of(files.get(0).file(), cover, brief.press(), Order.of(brief), unit);
    }

    private static String checksum(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Checksum.of(in);
        } catch (IOException e) {
            throw Trouble.because(e, "print.exporter.has-gone-since-was", file);
        }
    }

    private static String text(
            Edition edition, Handover handover, Circumstance occasion, Verdict verdict, SentParcel parcel) {
        List<String> lines = new ArrayList<>();
        lines.add(Wording.of("print.handover-set.head", edition.book().shownTitle(), parcel.press(), parcel.when()));
        lines.add("");
        for (SentFile file : parcel.files()) {
            lines.add(Wording.of("print.handover-set.file", file.name(), file.pages(), Numeral.grouped(file.bytes())));
            lines.add("  SHA-256 " + file.checksum());
        }
        lines.add(Wording.of("print.handover-set.standard", handover.standard().called()));
        lines.add("");
        lines.add(Wording.of("print.handover-set.proof", occasion.findings().size()));
        occasion.findings().forEach(f -> lines.add(line(f)));
        if (!parcel.overridden().isEmpty()) {
            lines.add(Wording.of("print.handover-set.overridden", String.join(", ", parcel.overridden())));
        }
        lines.add("");
        lines.add(Wording.of(
                verdict.accepted() ? "print.handover-set.accepted" : "print.handover-set.refused", parcel.press()));
        verdict.answers()
                .forEach(a -> lines.add("- " + a.terse() + ": " + a.finding().message()));
        lines.add("");
        return String.join("\n", lines);
    }

    private static String line(Finding f) {
        String numbers = f.measured().isEmpty() ? "" : " (" + f.measured() + ")";
        return "- " + f.severity().id() + ", " + f.place().inWords() + ": " + f.message() + numbers;
    }
}
