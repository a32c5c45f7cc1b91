package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Set;
import jorn.impose.BlankPlace;
import jorn.impose.FoldKind;
import jorn.impose.Punch;
import jorn.impose.Scheme;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.impose.Unprinted;
import jorn.measure.Length;
import jorn.measure.PaperSize;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ink that a printer or a punch takes away is found on just the pages that have it. Positions are worked by hand. */
class LostInkTest {
    private static final double MM = Length.mm(1).points();

    @TempDir
    Path folder;

    /** Pages of A5 with a spot of 4 mm each; its middle in millimetres from the left and from the head. */
    private PdfSource spots(double[]... at) throws IOException {
        Path file = folder.resolve("spots.pdf");
        try (PDDocument made = new PDDocument()) {
            for (double[] each : at) {
                PDPage page = new PDPage(PDRectangle.A5);
                made.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(made, page)) {
                    float high = PDRectangle.A5.getHeight();
                    out.addRect(
                            (float) ((each[0] - 2) * MM), (float) (high - (each[1] + 2) * MM), (float) (4 * MM), (float)
                                    (4 * MM));
                    out.fill();
                }
            }
            made.save(file.toFile());
        }
        return PdfSource.open(file);
    }

    private static LostInk of(PdfSource source, FoldKind kind, SheetSpec spec) {
        PageBoxes boxes = PageBoxes.whole(source);
        SheetLayout layout = SheetLayout.of(Scheme.of(kind), source.count(), BlankPlace.AT_END, spec, boxes.largest());
        sheets = layout;
        return new LostInk(layout, boxes, new InkFinder(source));
    }

    private static SheetLayout sheets;

    /** ISO 838 on A5: holes 12 mm from the edge, 65 and 145 mm from the head. Backs have them at the other side. */
    @Test
    void inkWhereAHoleComesIsFoundOnFrontsAndBacks() throws IOException {
        Punch punch = new Punch(HolePattern.of("iso-838"), BindingEdge.LEFT);
        try (PdfSource source = spots(
                new double[] {12, 65},
                new double[] {12, 65},
                new double[] {12, 105},
                new double[] {136, 145},
                new double[] {136, 145})) {
            LostInk lost = of(source, FoldKind.LOOSE, SheetSpec.of(PaperSize.A5.size()));
            assertEquals(Set.of(1, 4), lost.inHoles(sheets.imposition().sheets(), punch));
            assertTrue(LostInk.toldOfHoles(new java.util.TreeSet<>(Set.of(4, 1)))
                    .startsWith("2 pages have ink where a hole is punched (1, 4)"));
        }
    }

    /** Two to A4 that lies on its side, 4 mm unprinted: the outer edge is lost, the one at the fold is not. */
    @Test
    void inkInTheRimIsFoundWhereItComesToLieOnTheSheet() throws IOException {
        SheetSpec spec = SheetSpec.of(PaperSize.A4.size()).withRim(Unprinted.all(Length.mm(4)));
        try (PdfSource source =
                spots(new double[] {145, 105}, new double[] {2, 105}, new double[] {2, 105}, new double[] {74, 2.5})) {
            LostInk lost = of(source, FoldKind.NEST, spec);
            // Page 1 and 3 are at the right of the fold, 2 and 4 at the left.
            assertEquals(Set.of(1, 2, 4), lost.inRim(sheets.imposition().sheets()));
        }
    }
}
