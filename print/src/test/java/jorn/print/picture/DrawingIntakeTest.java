package jorn.print.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.measure.Trouble;
import jorn.pattern.motif.OutlineMotif;
import jorn.pattern.motif.ShapePoints;
import jorn.print.picture.DrawingIntake.Folder;
import jorn.scan.Cleaning;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Drawings come in from a folder, in the order of their numbers; what is none is left out and named. */
class DrawingIntakeTest {
    @TempDir
    Path folder;

    private BufferedImage ring(int level) {
        BufferedImage image = new BufferedImage(300, 240, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 300, 240);
        g.setColor(new Color(level, level, level));
        g.setStroke(new BasicStroke(8));
        g.draw(new Ellipse2D.Double(60, 40, 160, 160));
        g.dispose();
        return image;
    }

    private void drawing(String name) throws IOException {
        ImageIO.write(ring(0), "png", folder.resolve(name).toFile());
    }

    private void pdf(String name, int pages) throws IOException {
        try (PDDocument file = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                PDPage page = new PDPage(new PDRectangle(200, 200));
                file.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(file, page)) {
                    out.setLineWidth(4);
                    out.addRect(40, 40, 60 + 20f * i, 80);
                    out.stroke();
                }
            }
            file.save(folder.resolve(name).toFile());
        }
    }

    @Test
    void eachPageOfAPdfIsADrawingAndWhatIsNoneIsNamed() throws IOException {
        drawing("10.png");
        drawing("2.png");
        pdf("3.pdf", 3);
        Files.writeString(folder.resolve("4.mp4"), "film");
        Folder read = DrawingIntake.folder(folder, Cleaning.LINE_ART);
        assertEquals(
                List.of("2.png", "3-1.pdf", "3-2.pdf", "3-3.pdf", "10.png"),
                read.taken().stream().map(t -> t.original().name()).toList());
        assertEquals(1, read.left().size());
        assertTrue(
                read.left().get(0).text().contains("4.mp4"), read.left().get(0).text());
        assertTrue(read.taken().stream()
                .allMatch(t -> t.clean().size() == 1 && t.clean().get(0).name().endsWith(".svg")));
        assertEquals(
                3,
                read.taken().subList(1, 4).stream()
                        .map(t -> t.original().id())
                        .distinct()
                        .count(),
                "pages differ");
    }

    @Test
    void itTellsHowFarItIsAndStopsWhenToldTo() throws IOException {
        drawing("1.png");
        drawing("2.png");
        drawing("3.png");
        List<String> told = new ArrayList<>();
        Folder read = DrawingIntake.folder(folder, Cleaning.NONE, (name, number, of) -> {
            told.add(number + "/" + of + " " + name);
            return number < 3;
        });
        assertEquals(List.of("1/3 1.png", "2/3 2.png", "3/3 3.png"), told);
        assertTrue(read.stopped());
        assertEquals(2, read.taken().size());
    }

    /** Both sides of a ring of ink are circles about its middle, the outer one first. */
    @Test
    void aPictureIsTracedToAMotif() throws IOException {
        drawing("ring.png");
        OutlineMotif motif = DrawingIntake.motif(folder.resolve("ring.png"), 0);
        assertEquals(2, motif.lines().size());
        Path2D outer = new Path2D.Double(motif.lines().get(0).path().asShape());
        assertEquals(1, outer.getBounds2D().getMaxX(), 0.03);
        assertEquals(-1, outer.getBounds2D().getMinY(), 0.03);
        Path2D inner = new Path2D.Double(motif.lines().get(1).path().asShape());
        assertEquals(76.0 / 84, inner.getBounds2D().getMaxX(), 0.04);
        assertEquals(ShapePoints.BEGINNING, ShapePoints.of(motif));
    }

    /** A grey ring is ink for a threshold above it, and paper for one below. */
    @Test
    void theThresholdSaysWhatIsInk() throws IOException {
        Path file = folder.resolve("grey.png");
        ImageIO.write(ring(140), "png", file.toFile());
        assertEquals(2, DrawingIntake.motif(file, 80).lines().size());
        assertThrows(Trouble.class, () -> DrawingIntake.motif(file, 20));
        Files.writeString(folder.resolve("no.png"), "no picture");
        assertThrows(Trouble.class, () -> DrawingIntake.motif(folder.resolve("no.png"), 0));
        assertThrows(Trouble.class, () -> DrawingIntake.motif(folder, 0));
    }
}
