package jorn.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.edition.Edition;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A lined book written the plain way, for comparison: the lines of each page drawn anew through PDFBox. */
final class PlainWay {
    private PlainWay() {}

    /** @return the file's length in bytes */
    static long write(Book book, Path file) {
        Edition edition = Edition.of(book);
        try (PDDocument document = new PDDocument()) {
            for (int n = 1; n <= edition.pagination().pageCount(); n++) {
                PageArt art = edition.page(n);
                float height = (float) art.bleed().height();
                PDPage page = new PDPage(new PDRectangle((float) art.bleed().width(), height));
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    for (Mark mark : art.marks()) {
                        for (Mark line : ((Mark.Stamped) mark).stamp().marks()) {
                            draw((Mark.Stroke) line, content, art);
                        }
                    }
                }
            }
            Files.deleteIfExists(file);
            document.save(file.toFile());
            return Files.size(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void draw(Mark.Stroke lines, PDPageContentStream content, PageArt art) throws IOException {
        content.setLineWidth((float) lines.width());
        content.setStrokingColor(0.65f);
        float left = (float) -art.bleed().x();
        float bottom = (float) art.bleed().bottom();
        lines.path().walk(new jorn.art.Path.Walker() {
            @Override
            public void move(double x, double y) {
                with(() -> content.moveTo((float) x + left, bottom - (float) y));
            }

            @Override
            public void line(double x, double y) {
                with(() -> {
                    content.lineTo((float) x + left, bottom - (float) y);
                    content.stroke();
                });
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                throw new IllegalStateException("a lined page has no curves");
            }

            @Override
            public void close() {
                throw new IllegalStateException("a lined page has no closed shapes");
            }
        });
    }

    private interface Step {
        void run() throws IOException;
    }

    private static void with(Step step) {
        try {
            step.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
