package jorn.print.reception;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.check.Proof;
import jorn.check.Proof.CoverElsewhere;
import jorn.edition.Edition;
import jorn.edition.Edition.Sighting;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingOffer;
import jorn.press.PressProfile;
import jorn.print.read.ContentScan;
import jorn.print.read.PageReader;
import jorn.print.read.ReadPage;
import jorn.print.read.WholeStreams;
import jorn.print.reception.Verdict.Answer;
import jorn.recipe.Recipes;
import jorn.say.Message;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** Takes files as a press would: it reads the PDFs and the profile, and knows nothing of the book that they were made of. */
public final class Reception {
    private static final double MEGABYTE = 1e6;
    private static final int MOST_OF_A_KIND = 5;

    /** Paler than this is bare paper. */
    private static final double PAPER = 0.97;

    private final PressProfile press;
    private final Order order;
    private final Unit unit;
    private final List<Answer> answers = new ArrayList<>();

    private Reception(PressProfile press, Order order, Unit unit) {
        this.press = press;
        this.order = order;
        this.unit = unit;
    }

    /**
     * Looks at the files in a folder, or at a single one.
     *
     * @param unit for lengths in what is answered
     * @throws jorn.measure.Trouble where there are no files, or the press has no such ink or paper
     */
    public static Verdict of(Path place, PressProfile press, Order order, Unit unit) {
        return of(SentFiles.in(place), press, order, unit);
    }

    /**
     * Looks at files of which it is known what they are.
     *
     * @param inside the pages
     * @param cover apart, if there is one
     */
    public static Verdict of(Path inside, Optional<Path> cover, PressProfile press, Order order, Unit unit) {
        return of(new SentFiles(inside, cover), press, order, unit);
    }

    private static Verdict of(SentFiles sent, PressProfile press, Order order, Unit unit) {
        order.require(press);
        Reception reception = new Reception(press, order, unit);
        int pages = reception.receive(sent);
        List<Answer> all = new ArrayList<>(reception.answers);
        all.sort(Comparator.comparing(a -> a.finding().severity()));
        return new Verdict(press, sent.all(), all, 20 + pages % 53);
    }

    private void say(Path file, Finding finding) {
        answers.add(new Answer(Optional.of(file), finding));
    }

    /** @return how many pages there are */
    private int receive(SentFiles sent) {
        for (Path file : sent.all()) {
            size(file);
        }
        try (PDDocument inside = Loader.loadPDF(sent.inside().toFile())) {
            Optional<PDDocument> cover = sent.cover().flatMap(this::opened);
            try {
                inside(sent, inside, cover);
            } finally {
                if (cover.isPresent()) {
                    cover.get().close();
                }
            }
            return inside.getNumberOfPages();
        } catch (IOException | RuntimeException e) {
            unreadable(sent.inside(), e);
            return 0;
        }
    }

    private Optional<PDDocument> opened(Path file) {
        try {
            return Optional.of(Loader.loadPDF(file.toFile()));
        } catch (IOException | RuntimeException e) {
            unreadable(file, e);
            return Optional.empty();
        }
    }

    private void unreadable(Path file, Exception why) {
        if (why instanceof jorn.measure.Trouble t) {
            throw t;
        }
        boolean locked = why instanceof InvalidPasswordException;
        say(
                file,
                new Finding(
                        "file.unreadable",
                        Severity.ERROR,
                        Place.book(),
                        Message.of(locked ? "print.reception.locked" : "print.reception.broken", file.getFileName()),
                        Message.NOTHING,
                        Message.of("print.reception.open"),
                        Message.of(locked ? "print.reception.locked.do" : "print.reception.broken.do")));
    }

    private void size(Path file) {
        press.limits().largestFile().ifPresent(most -> {
            double megabytes = length(file) / MEGABYTE;
            if (megabytes > most) {
                say(
                        file,
                        FileRules.of(
                                "file.size",
                                Place.book(),
                                Message.of("print.reception.large", press.name()),
                                Message.of("print.reception.megabytes", Numeral.fixed(megabytes, 1)),
                                Message.of("print.reception.megabytes", Numeral.trimmed(most, 1)),
                                Message.of("print.reception.large.do")));
            }
        });
    }

    private static long length(Path file) {
        try {
            return Files.size(file);
        } catch (IOException e) {
            return 0;
        }
    }

    private void inside(SentFiles sent, PDDocument document, Optional<PDDocument> cover) throws IOException {
        int before = sent.isWhole(press) ? 1 : 0;
        int count = document.getNumberOfPages() - before;
        if (count < 1) {
            unreadable(sent.inside(), new IOException("no pages"));
            return;
        }
        PageSize size = PageSize.of(document.getPage(before), press);
        if (before > 0 && size.isThatOf(document.getPage(0), press)) {
            // Front and back are pages of their own, each with its inside where the page beside it is blank.
            int last = document.getNumberOfPages();
            boolean leaf = order.binding().equals(Optional.of(Binding.LOOSE));
            boolean backed = last > 4 && isBare(document, 2) && (leaf || isBare(document, last - 1));
            before = backed ? 2 : 1;
            count = last - (leaf ? 1 : 2) * before;
        }
        Book known = CoverRules.likeliest(known(document, size, count), cover, press, order);
        Proof bare = new Proof(Edition.of(known), unit);
        FileRules rules = new FileRules(press, f -> say(sent.inside(), f));
        rules.document(document);
        sizes(sent.inside(), document, size, before);
        int first = before;
        whole(sent.inside(), document, i -> i < first ? Place.book() : Place.page(i + 1 - first));
        if (cover.isPresent()) {
            whole(sent.cover().orElseThrow(), cover.get(), i -> Place.cover(Optional.empty()));
        }
        BindingOffer.PageRule rule = known.brief().pageRule();
        if (!rule.takes(count)) {
            say(
                    sent.inside(),
                    FileRules.of(
                            "page.count",
                            Place.book(),
                            Message.of("check.page-count.found", press.name(), Numeral.grouped(count)),
                            Message.of("check.page-count.pages", Numeral.grouped(count)),
                            Message.plain(rule.inWords()),
                            Message.of("print.reception.count.do")));
        }
        PageReader.FileReading reading = new PageReader.FileReading(document);
        List<ReadPage> pages = new ArrayList<>();
        List<Sighting> sightings = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            Slot slot = bare.pagination().page(i);
            Side side = slot.side();
            ReadPage page = reading.page(
                    before + i, sheet -> size.cut(sheet, known.brief().isRightHand(side), press));
            pages.add(page);
            // Marks for those who cut stand outside the bleed.
            List<Marks.Standing> printed = Marks.standing(page.art().marks()).stream()
                    .filter(s -> page.art().bleed().outset(1).meets(s.bounds()) || s.mark() instanceof Mark.Link)
                    .toList();
            sightings.add(new Sighting(slot, page.art(), printed));
        }
        rules.pages(pages);
        rules.inside(pages, bare);
        CoverRules covers = new CoverRules(press, bare, (f, c) -> say(f, c));
        CoverElsewhere marks = new CoverElsewhere(
                cover.isPresent() ? covers.look(sent.cover().orElseThrow(), cover.get()) : List.of());
        boolean within = before > 0 || known.brief().offer().selfCover();
        if (sent.cover().isEmpty() && bare.cover().isDelivered() && !within) {
            answers.add(new Answer(Optional.empty(), covers.missing()));
        }
        Proof proof = new Proof(bare.edition(), unit, java.util.Map.of(), Optional.of(marks));
        boolean onPages =
                sent.cover().isEmpty() && before == 0 && !known.brief().hasCoverApart();
        if (onPages || known.brief().offer().selfCover()) {
            // The first and the last page serve as the cover where they are one picture; a press looks at them as such.
            sightings.removeIf(s -> (s.slot().number() == 1 || s.slot().number() == pages.size()) && isFilled(s));
        }
        for (Finding finding : Checker.checkElsewhere(proof, sightings)) {
            say(finding.place().onCover() ? sent.cover().orElse(sent.inside()) : sent.inside(), finding);
        }
    }

    /** Whether a picture or a ground takes half of a page or more. */
    private static boolean isFilled(Sighting page) {
        double half = page.art().trim().width() * page.art().trim().height() / 2;
        return page.standing().stream()
                .filter(s -> !(s.mark() instanceof Mark.Fill fill) || fill.ink().luminance() < PAPER)
                .map(s -> s.bounds().common(page.art().trim()))
                .anyMatch(b -> b.width() * b.height() >= half);
    }

    private static boolean isBare(PDDocument document, int number) throws IOException {
        return ContentScan.of(document.getPage(number - 1)).isBare();
    }

    /** Whether the file says so (ISO 32000-1, 12.2). */
    private static boolean readsFromRight(PDDocument document) {
        var preferences = document.getDocumentCatalog().getViewerPreferences();
        return preferences != null && "R2L".equals(preferences.getReadingDirection());
    }

    /**
     * Names pages of which not all can be unpacked.
     *
     * @param places what is at a page of the file, from 0
     */
    private void whole(Path file, PDDocument document, IntFunction<Place> places) throws IOException {
        WholeStreams streams = new WholeStreams();
        int told = 0;
        for (int i = 0; i < document.getNumberOfPages() && told < MOST_OF_A_KIND; i++) {
            if (!streams.isWhole(document.getPage(i))) {
                told++;
                say(
                        file,
                        FileRules.of(
                                "file.unreadable",
                                places.apply(i),
                                Message.of("print.reception.broken-page", file.getFileName(), i + 1),
                                Message.NOTHING,
                                Message.of("print.reception.whole-page"),
                                Message.of("print.reception.broken.do")));
            }
        }
    }

    /** A book of which nothing is known but its pages. */
    private Book known(PDDocument document, PageSize size, int count) {
        Brief brief =
                Brief.at(press, size.trim(), Math.min(Brief.MOST_PAGES, count)).withBleed(size.bleeds());
        Brief ordered = (readsFromRight(document) ? order.fromRight() : order).on(brief);
        return Starter.NOTEBOOK
                .begin()
                .withTitle("-")
                .withBrief(ordered)
                .withRuns(List.of(Run.of("Pages", Recipes.bare("Page"), count, Start.ANYWHERE)));
    }

    private void sizes(Path file, PDDocument document, PageSize size, int before) {
        Size trim = size.trim();
        if (!size.offered()) {
            Size nearest = press.nearestTrim(trim);
            say(
                    file,
                    FileRules.of(
                            "page.size",
                            Place.book(),
                            Message.of("check.trim.found", press.name()),
                            Message.plain(trim.format(unit)),
                            Message.of("check.trim.required", nearest.format(unit)),
                            Message.of("print.reception.size.do", nearest.format(unit))));
        }
        int told = 0;
        for (int i = before; i < document.getNumberOfPages() && told < MOST_OF_A_KIND; i++) {
            if (!size.isThatOf(document.getPage(i), press)) {
                told++;
                PageSize other = PageSize.of(document.getPage(i), press);
                say(
                        file,
                        FileRules.of(
                                "page.size",
                                Place.page(i + 1 - before),
                                Message.of("print.reception.other-size"),
                                Message.plain(other.trim().format(unit)),
                                Message.plain(trim.format(unit)),
                                Message.of("print.reception.other-size.do")));
            }
        }
    }
}
