package jorn.bench;

import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import jorn.impose.BlankPlace;
import jorn.impose.FoldKind;
import jorn.impose.HandMarks;
import jorn.impose.Scheme;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.measure.PaperSize;
import jorn.print.bindery.JoinList;
import jorn.print.bindery.Joiner;
import jorn.print.bindery.PageBoxes;
import jorn.print.bindery.PagePictures;
import jorn.print.bindery.PdfImposer;
import jorn.print.bindery.PdfSource;
import jorn.print.export.Progress;
import jorn.text.TypeShelf;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** How long files take to be joined and laid on sheets, beside another program that joins files. */
final class BinderyTimes {
    private static final int BOOKMARKED = 10;

    private final Path folder;

    /** @param folder for what is made; a folder of its own */
    BinderyTimes(Path folder) {
        this.folder = folder;
    }

    /** Makes files of so many pages, each page with a hundred lines, words and a picture that is in all files; each file with bookmarks. */
    void files(int count, int pages) throws IOException {
        Files.createDirectories(folder.resolve("parts"));
        for (int f = 1; f <= count; f++) {
            file(folder.resolve("parts").resolve("part " + f + ".pdf"), f, pages, true);
        }
    }

    private static void file(Path to, int seed, int pages, boolean rich) throws IOException {
        try (PDDocument file = new PDDocument()) {
            PDFont font = PDType0Font.load(
                    file,
                    new ByteArrayInputStream(
                            TypeShelf.typeface("atkinson").regular().bytes()),
                    false);
            PDImageXObject picture = LosslessFactory.createFromImage(file, noise());
            PDDocumentOutline outline = new PDDocumentOutline();
            for (int i = 0; i < pages; i++) {
                PDPage page = new PDPage(PDRectangle.A5);
                file.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(file, page)) {
                    lines(out, seed * 31 + i * 17);
                    if (rich) {
                        out.drawImage(picture, 300, 20, 90, 90);
                        out.beginText();
                        out.setFont(font, 9);
                        out.newLineAtOffset(20, 8);
                        out.showText("Part " + seed + ", page " + (i + 1));
                        out.endText();
                    }
                }
                if (rich && i % BOOKMARKED == 0) {
                    PDPageFitDestination place = new PDPageFitDestination();
                    place.setPage(page);
                    PDOutlineItem item = new PDOutlineItem();
                    item.setTitle("Page " + (i + 1));
                    item.setDestination(place);
                    outline.addLast(item);
                }
            }
            if (rich) {
                file.getDocumentCatalog().setDocumentOutline(outline);
            }
            file.save(to.toFile());
        }
    }

    private static void lines(PDPageContentStream out, int chance) throws IOException {
        for (int k = 0; k < 100; k++) {
            Line2D line = new Line2D.Float(20, 20 + 5.5f * k, 20 + (chance + k * 7) % 380, 20 + 5.5f * k);
            out.moveTo((float) line.getX1(), (float) line.getY1());
            out.lineTo((float) line.getX2(), (float) line.getY2());
            out.stroke();
        }
    }

    private static BufferedImage noise() {
        BufferedImage image = new BufferedImage(160, 160, BufferedImage.TYPE_INT_RGB);
        Random chance = new Random(5);
        for (int i = 0; i < 160 * 160; i++) {
            image.setRGB(i % 160, i / 160, chance.nextInt(1 << 24));
        }
        return image;
    }

    /** Joins them. @return in seconds */
    double join() {
        long from = System.nanoTime();
        Joiner.join(
                JoinList.folder(folder.resolve("parts")),
                Joiner.Manner.CUSTOMARY,
                folder.resolve("joined.pdf"),
                Progress.SILENT);
        return (System.nanoTime() - from) / 1e9;
    }

    /** The other program joins the same files. @return in seconds; less than 0 where the machine has it not */
    double joinedByOther() throws IOException {
        List<String> command = new ArrayList<>(List.of("qpdf", "--empty", "--pages"));
        JoinList.folder(folder.resolve("parts"))
                .forEach(p -> command.add(p.file().orElseThrow().toString()));
        command.addAll(List.of("--", folder.resolve("other.pdf").toString()));
        long from = System.nanoTime();
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return process.waitFor(5, TimeUnit.MINUTES) ? (System.nanoTime() - from) / 1e9 : -1;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return -1;
        } catch (IOException e) {
            return -1;
        }
    }

    /**
     * A file laid on sheets, folded in one nest.
     *
     * @param seconds that it took
     * @param larger how many times as large as the source
     * @param shown seconds until the pages of the first sheet are painted, small
     */
    record Imposed(double seconds, double larger, double shown) {}

    /** Lays a file of so many pages on sheets. */
    Imposed impose(int pages) throws IOException {
        Path file = folder.resolve("book.pdf");
        file(file, 7, pages, false);
        long from = System.nanoTime();
        try (PdfSource source = PdfSource.open(file)) {
            PageBoxes boxes = PageBoxes.whole(source);
            SheetLayout layout = SheetLayout.of(
                    Scheme.of(FoldKind.NEST),
                    source.count(),
                    BlankPlace.AT_END,
                    SheetSpec.of(PaperSize.A4.size()),
                    boxes.largest());
            layout.imposition().sheets().get(0).front().stream()
                    .filter(s -> !s.isBlank())
                    .forEach(s -> PagePictures.of(source, s.page(), 150));
            double shown = (System.nanoTime() - from) / 1e9;
            from = System.nanoTime();
            Path sheets = folder.resolve("sheets.pdf");
            try (var out = Files.newOutputStream(sheets)) {
                new PdfImposer(source, layout, new HandMarks(layout, Set.of()), boxes)
                        .write(PdfImposer.Pass.DUPLEX, out, Progress.SILENT);
            }
            double seconds = (System.nanoTime() - from) / 1e9;
            return new Imposed(seconds, (double) Files.size(sheets) / Files.size(file), shown);
        }
    }

    /** All in turn. */
    static BinderyTimes in(Path folder) {
        try {
            BinderyTimes times = new BinderyTimes(Files.createDirectories(folder));
            times.files(200, 50);
            return times;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
