package jorn.print.read;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import jorn.art.Mark;
import jorn.art.Marks;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.junit.jupiter.api.Test;

/** Pages made elsewhere are read as they are seen. */
class PageReaderTest {
    private interface Drawing {
        void on(PDPageContentStream out) throws IOException;
    }

    private static List<Mark> read(Drawing drawing) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(PDRectangle.A5);
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                drawing.on(out);
            }
            return new PageReader.FileReading(document)
                    .page(1, sheet -> sheet)
                    .art()
                    .marks();
        }
    }

    private static void words(PDPageContentStream out, String text, float x, float y) throws IOException {
        out.beginText();
        out.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
        out.newLineAtOffset(x, y);
        out.showText(text);
        out.endText();
    }

    @Test
    void wordsThatAreClippedAwayAreNotThere() throws IOException {
        List<Mark> marks = read(out -> {
            out.saveGraphicsState();
            out.addRect(50, 50, 100, 100);
            out.clip();
            words(out, "away", 200, 300);
            words(out, "here", 60, 100);
            words(out, "half of a line", 120, 120);
            out.restoreGraphicsState();
            words(out, "free", 200, 300);
        });
        List<String> said = Marks.single(marks)
                .filter(Mark.Words.class::isInstance)
                .map(m -> ((Mark.Words) m).run().text())
                .toList();
        assertEquals(List.of("here", "half of a line", "free"), said);
        assertEquals(1, marks.stream().filter(Mark.Clip.class::isInstance).count(), "cut where the clip cuts it");
    }

    @Test
    void wordsThatShineThroughAreSaidTo() throws IOException {
        List<Mark> marks = read(out -> {
            PDExtendedGraphicsState half = new PDExtendedGraphicsState();
            half.setNonStrokingAlphaConstant(0.5f);
            out.setGraphicsStateParameters(half);
            words(out, "pale", 60, 100);
        });
        assertTrue(marks.get(0) instanceof Mark.Group g && Math.abs(g.opacity() - 0.5) < 0.01, marks.toString());
    }
}
