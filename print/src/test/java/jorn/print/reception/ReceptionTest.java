package jorn.print.reception;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.Finding;
import jorn.deliver.Handover;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressLimits;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.press.PrinterMark;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.reception.Verdict.Answer;
import jorn.text.TypeShelf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Files that Jorn wrote are accepted; spoiled by another program in one way each, they are refused for that and nothing else. */
class ReceptionTest {
    @TempDir
    static Path folder;

    private static Path good;
    private static Path trade;

    private static Book journal(String press) {
        Book book = Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        PressProfile of = press(press);
        return book.withBrief(
                book.brief().at(of).withTrim(of.nearestTrim(book.brief().trim())));
    }

    private static PressProfile press(String id) {
        return PressShelf.shipped().find(id);
    }

    private static Path exported(Book book, String name) throws IOException {
        Path target = Files.createDirectories(folder.resolve(name));
        Exporter.export(Edition.of(book), target, Progress.SILENT);
        return target;
    }

    @BeforeAll
    static void write() throws IOException {
        good = exported(journal("online"), "good");
        trade = exported(journal("trade"), "trade");
    }

    private static Verdict received(Path place, PressProfile press) {
        return Reception.of(place, press, Order.CUSTOMARY, Unit.INCH);
    }

    /** What is more than good to know. */
    private static Set<String> ids(Verdict verdict) {
        Set<String> ids = new TreeSet<>();
        for (Answer answer : verdict.answers()) {
            if (answer.finding().severity() != Finding.Severity.NOTE) {
                ids.add(answer.finding().id());
            }
            assertFalse(answer.terse().isBlank());
        }
        return ids;
    }

    @ParameterizedTest
    @CsvSource({"online", "casebound", "trade", "copyshop", "home"})
    void whatJornWritesIsAcceptedByThePressForWhichItWasWritten(String press) throws IOException {
        Verdict verdict = received(exported(journal(press), "own-" + press), press(press));
        assertEquals(Set.of(), ids(verdict), verdict.answers().toString());
        assertTrue(verdict.accepted());
        assertTrue(verdict.hours() > 0);
    }

    @Test
    void aPlannerWithBleedIsAccepted() throws IOException {
        Book book = Starter.UNDATED_PLANNER.begin().withTitle("The Apiary Year").withAuthor("Skep & Sedge");
        Book bled = book.withBrief(book.brief().at(press("online")).withBleed(true));
        Verdict verdict = received(exported(bled, "bled"), press("online"));
        assertEquals(Set.of(), ids(verdict), verdict.answers().toString());
    }

    @Test
    void aBookThatReadsFromTheRightSaysSoAndIsAccepted() throws IOException {
        Book book = journal("online");
        Book turned = book.withBrief(book.brief().withReading(jorn.art.Reading.RIGHT_TO_LEFT));
        Verdict verdict = received(exported(turned, "turned"), press("online"));
        assertEquals(Set.of(), ids(verdict), verdict.answers().toString());
    }

    @Test
    void coverAndInsideInOneFileAreToldApart() throws IOException {
        Book book = journal("copyshop");
        Edition edition = Edition.of(book.withBrief(book.brief().withBinding(jorn.press.Binding.COIL)));
        Path target = Files.createDirectories(folder.resolve("one-file"));
        var files = Exporter.export(
                edition, Handover.toPress(edition, new Handover.Asked(true, Set.of())), target, Progress.SILENT);
        assertEquals(1, files.size());
        assertEquals(124, files.get(0).pages(), "the front and its back, 120 pages, the back and its front");
        Verdict verdict = received(target, press("copyshop"));
        assertEquals(Set.of(), ids(verdict), verdict.answers().toString());
    }

    @Test
    void marksStandOutsideTheBleedAndAnOnlinePressRefusesThem() throws IOException {
        Edition edition = Edition.of(journal("online"));
        Path target = Files.createDirectories(folder.resolve("marked"));
        Handover marked = Handover.toPress(edition, new Handover.Asked(false, Set.of(PrinterMark.values())));
        var files = Exporter.export(edition, marked, target, Progress.SILENT);
        try (PDDocument document = Loader.loadPDF(files.get(0).file().toFile())) {
            PDPage page = document.getPage(6);
            assertEquals(432, page.getTrimBox().getWidth(), 0.01);
            assertEquals(492, page.getMediaBox().getWidth(), 0.01);
            jorn.print.read.ReadPage read =
                    new jorn.print.read.PageReader.FileReading(document).page(7, sheet -> sheet);
            var plain =
                    new jorn.deliver.SinglePages(edition).sheet(6).art().bleed().outset(0.5);
            long outside = jorn.art.Marks.standing(read.art().marks()).stream()
                    .filter(s -> !plain.meets(s.bounds()))
                    .count();
            assertTrue(outside > 12, "cuts, four crosses, bars and words: " + outside);
        }
        Verdict refused = received(target, press("online"));
        assertEquals(Set.of("page.size"), ids(refused), refused.answers().toString());
    }

    /** A change that another program makes to the inside. */
    private interface Change {
        void make(PDDocument document) throws IOException;
    }

    private record Spoiled(String id, String what, Change change) {
        @Override
        public String toString() {
            return id + ": " + what;
        }
    }

    private static PDFont embedded(PDDocument document) throws IOException {
        byte[] face = TypeShelf.typeface("alegreya").regular().bytes();
        return PDType0Font.load(document, new ByteArrayInputStream(face));
    }

    private interface Drawing {
        void draw(PDPageContentStream on) throws IOException;
    }

    private static void draw(PDDocument document, int page, Drawing drawing) throws IOException {
        PDPage on = document.getPage(page - 1);
        try (PDPageContentStream content = new PDPageContentStream(document, on, AppendMode.APPEND, true, true)) {
            drawing.draw(content);
        }
    }

    private static void words(PDDocument document, int page, PDFont font, float size, float x, float y)
            throws IOException {
        draw(document, page, content -> {
            content.beginText();
            content.setFont(font, size);
            content.newLineAtOffset(x, y);
            content.showText("Smoke first");
            content.endText();
        });
    }

    private static void picture(PDDocument document, int pixels, Color colour) throws IOException {
        BufferedImage image = new BufferedImage(pixels, pixels, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < pixels; i++) {
            image.setRGB(i, i, colour.getRGB());
        }
        var object = LosslessFactory.createFromImage(document, image);
        draw(document, 7, content -> content.drawImage(object, 100, 300, 144, 144));
    }

    static Stream<Spoiled> spoiled() {
        return Stream.of(
                new Spoiled("page.count", "a page is gone", d -> d.removePage(60)),
                new Spoiled("margin.gutter", "words in the gutter", d -> words(d, 7, embedded(d), 10, 3, 400)),
                new Spoiled("margin.outside", "words at the knife", d -> words(d, 7, embedded(d), 10, 375, 400)),
                new Spoiled(
                        "font.embedded",
                        "a font that is not in the file",
                        d -> words(d, 7, new PDType1Font(Standard14Fonts.FontName.HELVETICA), 10, 100, 400)),
                new Spoiled("text.small", "five points", d -> words(d, 7, embedded(d), 5, 100, 400)),
                new Spoiled(
                        "line.thin",
                        "a hairline",
                        d -> draw(d, 7, content -> {
                            content.setLineWidth(0.1f);
                            content.moveTo(100, 300);
                            content.lineTo(300, 300);
                            content.stroke();
                        })),
                new Spoiled(
                        "ink.colour",
                        "a red area",
                        d -> draw(d, 7, content -> {
                            content.setNonStrokingColor(Color.RED);
                            content.addRect(100, 300, 100, 100);
                            content.fill();
                        })),
                new Spoiled(
                        "bleed.missing",
                        "an area that reaches the trim",
                        d -> draw(d, 7, content -> {
                            content.setNonStrokingColor(0.5f);
                            content.addRect(300, 300, 132, 100);
                            content.fill();
                        })),
                new Spoiled("picture.dpi", "a coarse picture", d -> picture(d, 200, Color.GRAY)),
                new Spoiled("link.target", "a link to nowhere", d -> {
                    PDAnnotationLink link = new PDAnnotationLink();
                    link.setRectangle(new PDRectangle(100, 100, 50, 50));
                    PDPageFitDestination to = new PDPageFitDestination();
                    to.setPageNumber(900);
                    link.setDestination(to);
                    d.getPage(6).setAnnotations(List.of(link));
                }));
    }

    private static Path changed(Path from, String name, Change change) throws IOException {
        Path target = Files.createDirectories(folder.resolve(name));
        try (Stream<Path> files = Files.list(from)) {
            for (Path file : files.toList()) {
                Path copy = target.resolve(file.getFileName());
                if (file.toString().endsWith("interior.pdf")) {
                    try (PDDocument document = Loader.loadPDF(file.toFile())) {
                        change.make(document);
                        document.save(copy.toFile());
                    }
                } else {
                    Files.copy(file, copy, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
        return target;
    }

    @ParameterizedTest
    @MethodSource("spoiled")
    void aSpoiledFileIsFoundForThatAndNothingElse(Spoiled spoiled) throws IOException {
        Path place = changed(good, "spoiled-" + spoiled.what().replace(' ', '-'), spoiled.change());
        Verdict verdict = received(place, press("online"));
        Set<String> ids = new TreeSet<>();
        verdict.answers().stream()
                .map(Answer::finding)
                .filter(f -> !f.id().equals("page.blank"))
                .forEach(f -> ids.add(f.id()));
        if (spoiled.id().equals("page.count")) {
            // A page less makes the cover too wide by a leaf at most, which is less than presses see.
            ids.remove("cover.size");
        }
        assertEquals(Set.of(spoiled.id()), ids, verdict.answers().toString());
    }

    @Test
    void aTradePressRefusesLightAndWhatShinesAndNamesTheClause() throws IOException {
        Path place = changed(
                trade,
                "shining",
                d -> draw(d, 7, content -> {
                    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                    state.setNonStrokingAlphaConstant(0.5f);
                    content.setGraphicsStateParameters(state);
                    content.setNonStrokingColor(Color.ORANGE);
                    content.addRect(100, 300, 100, 100);
                    content.fill();
                }));
        Verdict verdict = received(place, press("trade"));
        assertFalse(verdict.accepted());
        assertTrue(ids(verdict).containsAll(Set.of("ink.colour", "transparency", "pdf.standard")), verdict.toString());
        Set<String> clauses = new TreeSet<>(verdict.answers().stream()
                .map(Answer::finding)
                .filter(f -> f.id().equals("pdf.standard"))
                .map(Finding::measured)
                .toList());
        assertTrue(clauses.containsAll(Set.of("clause 6.3.2", "clause 6.4")), clauses.toString());
    }

    @Test
    void anOrdinaryFileIsNoneForATradePress() {
        Verdict verdict = received(good, press("trade"));
        assertFalse(verdict.accepted());
        assertTrue(ids(verdict).contains("pdf.standard"));
    }

    @Test
    void whatIsRefusedIsMendedAsFarAsItCanBe() throws IOException {
        Path place = changed(good, "to-mend", d -> {
            d.removePage(100);
            words(d, 7, embedded(d), 12, 100, 400);
            draw(d, 9, content -> {
                content.setNonStrokingColor(Color.RED);
                content.addRect(100, 300, 100, 100);
                content.fill();
            });
            words(d, 11, new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12, 100, 400);
        });
        // The cover of an online press is no sheet of this one; the inside alone is mended.
        Files.delete(place.resolve("hive-notes-cover.pdf"));
        assertTrue(ids(received(place, press("trade")))
                .containsAll(Set.of("pdf.standard", "page.count", "ink.colour", "font.embedded")));
        Path target = folder.resolve("mended");
        List<Path> written = Mending.mend(place, press("trade"), Order.CUSTOMARY, target);
        // This press wants a wider gutter: what stands in it stays there.
        assertEquals(Set.of("cover.missing", "margin.gutter"), ids(received(target, press("trade"))));
        try (PDDocument document = Loader.loadPDF(written.get(0).toFile())) {
            assertEquals(120, document.getNumberOfPages());
            org.apache.pdfbox.text.PDFTextStripper text = new org.apache.pdfbox.text.PDFTextStripper();
            text.setStartPage(7);
            text.setEndPage(7);
            assertTrue(text.getText(document).contains("Smoke first"), "words stay words");
        }
        BufferedImage seen = jorn.print.Poppler.picture(written.get(0), 9, 36);
        int red = seen.getRGB(75, 148);
        assertTrue(
                (red >> 16 & 255) < 200 && (red >> 16 & 255) == (red & 255),
                "black ink alone: " + Integer.toHexString(red));
        assertThrows(Trouble.class, () -> Mending.mend(place, press("trade"), Order.CUSTOMARY, place));
    }

    @Test
    void pagesOfAnotherSizeAreMadeToFitInProportion() throws IOException {
        Book book = journal("online");
        Path a5 = exported(
                book.withBrief(book.brief().withTrim(jorn.measure.Size.of(5, 8, jorn.measure.Unit.INCH))), "small");
        Path target = folder.resolve("larger");
        List<Path> written = Mending.mend(a5, press("copyshop"), Order.CUSTOMARY, target);
        try (PDDocument document = Loader.loadPDF(written.get(0).toFile())) {
            PDRectangle trim = document.getPage(0).getTrimBox();
            assertTrue(press("copyshop")
                    .takes(new jorn.measure.Size(
                            jorn.measure.Length.points(trim.getWidth()),
                            jorn.measure.Length.points(trim.getHeight()))));
        }
    }

    @Test
    void aCoverForAnotherPageCountIsRefused() throws IOException {
        Path place = Files.createDirectories(folder.resolve("other-cover"));
        Book thick = journal("online");
        Path other = exported(thick.withBrief(thick.brief().withPages(240)), "thick");
        Files.copy(good.resolve("hive-notes-interior.pdf"), place.resolve("hive-notes-interior.pdf"));
        Files.copy(other.resolve("hive-notes-cover.pdf"), place.resolve("hive-notes-cover.pdf"));
        Verdict verdict = received(place, press("online"));
        assertEquals(Set.of("cover.size"), ids(verdict));
        Finding finding = verdict.answers().get(0).finding();
        // 120 pages of white paper at 0.002252 in: 2 × 6.125 + 0.27 in (handbook, common practice).
        assertTrue(
                finding.required().startsWith("12.52 in") || finding.required().contains("12.27"), finding.required());
    }

    @Test
    void aMissingCoverALockedFileAndHalfAFileAreRefused() throws IOException {
        Path bare = Files.createDirectories(folder.resolve("bare"));
        Files.copy(good.resolve("hive-notes-interior.pdf"), bare.resolve("hive-notes-interior.pdf"));
        assertEquals(Set.of("cover.missing"), ids(received(bare, press("online"))));
        Path locked = changed(
                good, "locked", d -> d.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission())));
        assertEquals(Set.of("file.unreadable"), ids(received(locked, press("online"))));
        Path half = Files.createDirectories(folder.resolve("half"));
        byte[] bytes = Files.readAllBytes(good.resolve("hive-notes-interior.pdf"));
        Files.write(half.resolve("hive-notes-interior.pdf"), java.util.Arrays.copyOf(bytes, 300));
        assertEquals(Set.of("file.unreadable"), ids(received(half, press("online"))));
        assertThrows(Trouble.class, () -> received(Files.createDirectories(folder.resolve("empty")), press("online")));
    }

    @Test
    void aPressWithLimitsRefusesWhatIsLargerAndALastPageThatIsPrinted() {
        PressProfile strict = press("online").withLimits(new PressLimits(List.of(), Optional.of(0.01), true));
        assertEquals(Set.of("file.size", "page.last"), ids(received(good, strict)));
    }

    /** Two hundred bytes of zeros within a page's stream: readers show a bare page and say nothing (RFC 1950: the checksum tells). */
    @Test
    void aPageWhoseStreamIsDamagedIsNamedAndNotTakenForBlank() throws IOException {
        Path own = exported(journal("online"), "damaged");
        Path inside;
        try (Stream<Path> all = Files.list(own)) {
            inside = all.filter(p -> p.toString().contains("interior"))
                    .findFirst()
                    .orElseThrow();
        }
        assertTrue(
                Reception.of(inside, Optional.empty(), press("online"), Order.CUSTOMARY, Unit.INCH).answers().stream()
                        .noneMatch(a -> a.finding().id().equals("file.unreadable")));
        Path spoiled = folder.resolve("spoiled.pdf");
        try (PDDocument document = Loader.loadPDF(inside.toFile())) {
            PDPage page = document.getPage(4);
            byte[] content = page.getContents().readAllBytes();
            java.io.ByteArrayOutputStream packed = new java.io.ByteArrayOutputStream();
            try (var out = new java.util.zip.DeflaterOutputStream(packed)) {
                out.write(content);
                out.write(new java.util.Random(7)
                        .doubles(400)
                        .mapToObj(d -> "% " + d + "\n")
                        .reduce("", String::concat)
                        .getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            }
            byte[] bytes = packed.toByteArray();
            java.util.Arrays.fill(bytes, bytes.length / 2, bytes.length / 2 + 200, (byte) 0);
            var stream = new org.apache.pdfbox.cos.COSStream();
            try (var raw = stream.createRawOutputStream()) {
                raw.write(bytes);
            }
            stream.setItem(org.apache.pdfbox.cos.COSName.FILTER, org.apache.pdfbox.cos.COSName.FLATE_DECODE);
            page.getCOSObject().setItem(org.apache.pdfbox.cos.COSName.CONTENTS, stream);
            document.save(spoiled.toFile(), org.apache.pdfbox.pdfwriter.compress.CompressParameters.NO_COMPRESSION);
        }
        List<Answer> answers = Reception.of(spoiled, Optional.empty(), press("online"), Order.CUSTOMARY, Unit.INCH)
                .answers();
        List<Finding> broken = answers.stream()
                .map(Answer::finding)
                .filter(f -> f.id().equals("file.unreadable"))
                .toList();
        assertEquals(1, broken.size());
        assertEquals(5, broken.get(0).place().page());
        assertEquals(Finding.Severity.ERROR, broken.get(0).severity());
        assertTrue(
                broken.get(0).message().toString().contains("Page 5"),
                broken.get(0).message().toString());
    }

    /** A book may be called anything; which file is its cover is told by our own endings, else by pages and size. */
    @Test
    void aTitleThatSaysCoverIsNoCover() throws IOException {
        Path own = exported(journal("online").withTitle("Cover Story"), "cover-story");
        assertEquals("cover-story-interior.pdf", name(SentFiles.in(own).inside()));
        assertEquals("cover-story-cover.pdf", name(SentFiles.in(own).cover().orElseThrow()));
        Path renamed = Files.createDirectories(folder.resolve("renamed"));
        Files.copy(own.resolve("cover-story-interior.pdf"), renamed.resolve("cover.pdf"));
        assertEquals(
                "cover.pdf", name(SentFiles.in(renamed).inside()), "one alone is the inside, whatever it is called");
        Files.copy(own.resolve("cover-story-cover.pdf"), renamed.resolve("pages.pdf"));
        assertEquals("cover.pdf", name(SentFiles.in(renamed).inside()), "a hundred pages are no cover");
        assertEquals("pages.pdf", name(SentFiles.in(renamed).cover().orElseThrow()));
        Files.copy(own.resolve("cover-story-cover.pdf"), renamed.resolve("third.pdf"));
        assertTrue(
                assertThrows(Trouble.class, () -> SentFiles.in(renamed))
                        .getMessage()
                        .contains("-cover.pdf"),
                "then it is asked");
        Path alike = Files.createDirectories(folder.resolve("alike"));
        Files.copy(own.resolve("cover-story-interior.pdf"), alike.resolve("a.pdf"));
        Files.copy(own.resolve("cover-story-interior.pdf"), alike.resolve("b.pdf"));
        assertThrows(Trouble.class, () -> SentFiles.in(alike));
    }

    private static String name(Path file) {
        return String.valueOf(file.getFileName());
    }
}
