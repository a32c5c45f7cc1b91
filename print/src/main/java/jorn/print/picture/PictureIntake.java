package jorn.print.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.measure.Trouble;
import jorn.scratch.Blob;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Takes pictures in from files of any kind that Jorn knows; pages of a PDF as pixels. */
public final class PictureIntake {
    private static final List<String> ENDINGS =
            List.of(".png", ".jpg", ".jpeg", ".tif", ".tiff", ".webp", ".svg", ".pdf");

    /** Pixels to the inch at which a page of a PDF is taken. */
    private static final double DPI = 600;

    private static final double MOST_PIXELS = 7000;
    private static final double POINTS_PER_INCH = 72;

    private PictureIntake() {}

    /** Whether a file is named as a picture is. */
    public static boolean isNamedSo(String name) {
        String small = name.toLowerCase(Locale.ROOT);
        return ENDINGS.stream().anyMatch(small::endsWith);
    }

    /**
     * A picture from a file.
     *
     * @throws IOException where the file cannot be read
     * @throws Trouble where it is no picture, or damaged
     */
    public static Picture of(Path file) throws IOException {
        return of(String.valueOf(file.getFileName()), Blob.of(Files.readAllBytes(file)));
    }

    /** As {@link #of(Path)}, from bytes. */
    public static Picture of(String name, Blob bytes) throws IOException {
        return isPdf(bytes) ? pages(name, bytes, 1).get(0) : Picture.of(name, bytes);
    }

    /**
     * All pictures of a file: of a PDF a picture for each of its pages, their numbers in their names.
     *
     * @param most so many of them
     * @throws IOException where the file cannot be read
     * @throws Trouble where it is no picture, or damaged
     */
    public static List<Picture> all(Path file, int most) throws IOException {
        String name = String.valueOf(file.getFileName());
        Blob bytes = Blob.of(Files.readAllBytes(file));
        return isPdf(bytes) ? pages(name, bytes, most) : List.of(Picture.of(name, bytes));
    }

    private static boolean isPdf(Blob bytes) throws IOException {
        try (InputStream in = bytes.open()) {
            byte[] head = in.readNBytes(5);
            return new String(head, java.nio.charset.StandardCharsets.US_ASCII).equals("%PDF-");
        }
    }

    private static List<Picture> pages(String name, Blob bytes, int most) throws IOException {
        try (PDDocument file = Loader.loadPDF(new RandomAccessReadBuffer(bytes.bytes()))) {
            int count = Math.min(most, file.getNumberOfPages());
            if (count < 1) {
                throw Trouble.of("art.picture.not-picture-jorn-can", name);
            }
            List<Picture> all = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                String called = count == 1 ? name : name.replaceFirst("(?i)\\.pdf$", "") + "-" + (i + 1) + ".pdf";
                all.add(Picture.of(called, page(file, i)));
            }
            return all;
        } catch (org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException e) {
            throw Trouble.because(e, "art.picture.locked", name);
        }
    }

    private static byte[] page(PDDocument file, int index) throws IOException {
        PDRectangle box = file.getPage(index).getCropBox();
        double side = Math.max(box.getWidth(), box.getHeight()) / POINTS_PER_INCH;
        double dpi = Math.min(DPI, MOST_PIXELS / Math.max(0.1, side));
        BufferedImage page = new PDFRenderer(file).renderImageWithDPI(index, (float) dpi, ImageType.RGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(page, "png", out);
        return out.toByteArray();
    }
}
