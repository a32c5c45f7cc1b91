package jorn.print.read;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import jorn.art.ForeignPage;
import jorn.measure.Trouble;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Looks at a PDF file that has been written, by reading it back. */
public final class PdfLook {
    private static final double LEAST_SCALE = 0.1;
    private static final double MOST_SCALE = 8;

    private PdfLook() {}

    /**
     * How many different forms and pictures the pages of a file place.
     *
     * @throws Trouble where the file cannot be read
     */
    public static int forms(Path file) {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            Set<COSBase> found = new HashSet<>();
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    found.add(page.getResources().getXObject(name).getCOSObject());
                }
            }
            return found.size();
        } catch (IOException e) {
            throw unreadable(file, e);
        }
    }

    private static Trouble unreadable(Path file, IOException e) {
        return Trouble.because(e, "print.pdf-look.was-written-but-cannot", file.getFileName());
    }

    /**
     * The first page as a picture.
     *
     * @param height in pixels
     * @throws Trouble where the file cannot be read
     */
    public static BufferedImage firstPage(Path file, int height) {
        return page(file, 0, height);
    }

    /**
     * A page as a picture.
     *
     * @param index from 0
     * @param height in pixels
     * @throws Trouble where the file cannot be read
     */
    public static BufferedImage page(Path file, int index, int height) {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            float points = document.getPage(index).getMediaBox().getHeight();
            PDFRenderer renderer = new PDFRenderer(document);
            // A small look at a large photograph needs few of its pixels.
            renderer.setSubsamplingAllowed(true);
            BufferedImage raw = renderer.renderImage(index, height / points, ImageType.RGB);
            BufferedImage picture = new BufferedImage(raw.getWidth(), raw.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
            var g = picture.createGraphics();
            g.drawImage(raw, 0, 0, null);
            g.dispose();
            return picture;
        } catch (IOException e) {
            throw unreadable(file, e);
        }
    }

    /**
     * A page of a file made elsewhere as a picture.
     *
     * @param width wanted, in pixels
     * @throws Trouble where the file is damaged
     */
    public static BufferedImage page(ForeignPage page, double width) {
        try (PDDocument document = Loader.loadPDF(page.bytes())) {
            float scale = (float) Math.min(MOST_SCALE, Math.max(LEAST_SCALE, width / page.width()));
            return new PDFRenderer(document).renderImage(page.number() - 1, scale, ImageType.ARGB);
        } catch (IOException | RuntimeException e) {
            // The library says in many ways that a file is damaged.
            throw Trouble.because(e, "print.pdf-look.cannot-read-any-more", page.name());
        }
    }
}
