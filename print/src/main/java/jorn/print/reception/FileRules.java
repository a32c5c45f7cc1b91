package jorn.print.reception;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import jorn.check.Finding;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.check.Proof;
import jorn.deliver.FileStandard;
import jorn.measure.Length;
import jorn.press.PdfRule;
import jorn.press.PressProfile;
import jorn.print.read.ContentScan.Use;
import jorn.print.read.FileClauses;
import jorn.print.read.ReadPage;
import jorn.say.Message;
import jorn.say.Wording;
import org.apache.pdfbox.pdmodel.PDDocument;

/** What a press refuses of a file, whatever is drawn in it. */
final class FileRules {
    private static final double SLACK = 0.75;
    private static final int MOST_OF_A_KIND = 5;

    private final PressProfile press;
    private final Consumer<Finding> found;

    FileRules(PressProfile press, Consumer<Finding> found) {
        this.press = press;
        this.found = found;
    }

    /** A refusal. */
    static Finding of(String id, Place place, Message what, Message has, Message wants, Message advice) {
        return new Finding(id, Severity.ERROR, place, what, has, wants, advice);
    }

    /** The standard that the press asks for. */
    void document(PDDocument document) throws IOException {
        Optional<FileStandard> wanted =
                press.pdf().flatMap(PdfRule::standard).flatMap(FileStandard::of).filter(s -> s != FileStandard.PLAIN);
        if (wanted.isEmpty()) {
            return;
        }
        Set<String> told = new TreeSet<>();
        for (FileClauses.Broken broken : FileClauses.broken(document, wanted.get())) {
            if (told.add(broken.number() + broken.what().text())) {
                found.accept(of(
                        "pdf.standard",
                        broken.page() == 0 ? Place.book() : Place.page(broken.page()),
                        broken.what(),
                        Message.of("print.reception.clause", broken.number()),
                        Message.plain(wanted.get().called()),
                        Message.of("print.reception.standard.do")));
            }
        }
    }

    /** What the pages use. */
    void pages(List<ReadPage> pages) {
        Optional<PdfRule> rule = press.pdf();
        Set<String> fonts = new TreeSet<>();
        int light = 0;
        int shining = 0;
        for (int i = 0; i < pages.size(); i++) {
            ReadPage page = pages.get(i);
            Place place = Place.page(i + 1);
            fonts.addAll(page.fontsApart());
            boolean fourInks =
                    rule.filter(r -> r.colour() != PdfRule.Colour.RGB).isPresent();
            if (fourInks
                    && (page.uses().contains(Use.RGB) || page.uses().contains(Use.SPOT))
                    && light++ < MOST_OF_A_KIND) {
                boolean rgb = page.uses().contains(Use.RGB);
                found.accept(of(
                        "ink.colour",
                        place,
                        Message.of(rgb ? "print.reception.rgb" : "print.reception.spot", press.name()),
                        Message.of(rgb ? "print.reception.rgb-has" : "print.reception.spot-has"),
                        Message.of("print.reception.four-inks"),
                        Message.of("print.reception.rgb.do")));
            }
            boolean flat = rule.filter(r -> !r.transparency()).isPresent();
            if (flat && page.uses().contains(Use.TRANSPARENCY) && shining++ < MOST_OF_A_KIND) {
                found.accept(of(
                        "transparency",
                        place,
                        Message.of("check.transparency.found", press.name()),
                        Message.NOTHING,
                        Message.of("check.transparency.required"),
                        Message.of("print.reception.transparency.do")));
            }
            rule.flatMap(PdfRule::totalInk)
                    .filter(most -> page.pictureInk() > most + 1)
                    .ifPresent(most -> found.accept(of(
                            "ink.coverage",
                            place,
                            Message.of("check.coverage.found", press.name()),
                            Message.of("check.coverage.per-cent", Math.round(page.pictureInk())),
                            Message.of("check.coverage.required", most),
                            Message.of("check.coverage.do"))));
        }
        if (!fonts.isEmpty()) {
            found.accept(of(
                    "font.embedded",
                    Place.book(),
                    Message.of("print.reception.fonts", fonts.size()),
                    Message.plain(String.join(", ", fonts)),
                    Message.of("print.reception.fonts-in"),
                    Message.of("print.reception.fonts.do")));
        }
    }

    /** Where pages of the inside are cut, and which are blank. */
    void inside(List<ReadPage> pages, Proof proof) {
        boxes(pages, proof);
        List<Integer> blanks = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            if (pages.get(i).isBlank()) {
                blanks.add(i + 1);
            }
        }
        blanks(blanks, pages.size());
    }

    private void boxes(List<ReadPage> pages, Proof proof) {
        ReadPage first = pages.get(0);
        boolean asked = press.pdf().map(PdfRule::boxes).orElse(false);
        boolean untold = pages.stream().anyMatch(p -> !p.trimTold());
        if (untold && (asked || proof.page().bleeds())) {
            found.accept(new Finding(
                    "page.boxes",
                    asked ? Severity.ERROR : Severity.NOTE,
                    Place.page(1),
                    Message.of("print.reception.boxes"),
                    Message.NOTHING,
                    Message.of("print.reception.boxes-wanted"),
                    Message.of("print.reception.boxes.do")));
        }
        boolean marked = press.pdf().map(r -> !r.marks().isEmpty()).orElse(false);
        var art = first.art();
        double beyond = Math.max(
                art.media().width() - art.bleed().width(),
                art.media().height() - art.bleed().height());
        if (press.pdf().isEmpty() && !marked && beyond > SLACK) {
            found.accept(of(
                    "page.size",
                    Place.page(1),
                    Message.of("print.reception.sheet"),
                    Message.of("print.reception.beyond", Length.points(beyond).format(proof.unit())),
                    Message.of("print.reception.no-marks"),
                    Message.of("print.reception.sheet.do")));
        }
        double bleed = proof.page().bleed().length().points();
        double there = art.trim().y() - art.bleed().y();
        if (proof.page().bleeds() && there < bleed - SLACK) {
            found.accept(of(
                    "bleed.missing",
                    Place.page(1),
                    Message.of("print.reception.bleed"),
                    Message.plain(Length.points(there).format(proof.unit())),
                    Message.plain(proof.page().bleed().length().format(proof.unit())),
                    Message.of("print.reception.bleed.do")));
        }
    }

    private void blanks(List<Integer> blanks, int pages) {
        List<String> inside =
                blanks.stream().filter(b -> b < pages - 1).map(String::valueOf).toList();
        if (!inside.isEmpty()) {
            String some = Wording.some(inside, 8);
            found.accept(new Finding(
                    "page.blank",
                    Severity.NOTE,
                    Place.page(blanks.get(0)),
                    Message.of("print.reception.blanks", inside.size()),
                    Message.plain(some),
                    Message.NOTHING,
                    Message.of("print.reception.blanks.do")));
        }
        if (press.limits().lastPageBlank() && !blanks.contains(pages)) {
            found.accept(of(
                    "page.last",
                    Place.page(pages),
                    Message.of("check.last-page.found", press.name()),
                    Message.NOTHING,
                    Message.of("check.last-page.required"),
                    Message.of("check.last-page.do")));
        }
    }
}
