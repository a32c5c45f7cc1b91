package jorn.print.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.measure.NaturalOrder;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.pattern.motif.OutlineMotif;
import jorn.say.Message;
import jorn.scan.Cleaned;
import jorn.scan.Cleaning;
import jorn.scan.Scan;
import jorn.scratch.Blob;

/** Takes drawings in, a folder of them at once, and makes them clean. */
public final class DrawingIntake {
    private static final int MOST = 500;
    /** Finer than presses print; larger scans are halved first, in pixels of the longer side. */
    private static final int LONGEST = 5200;

    private static final int LONGEST_TRACED = 3400;

    /** A motif is small on the page, and repeats. */
    private static final int MOTIF_PIXELS = 480;

    private static final int MOTIF_SPECKS = 14;

    private static final int LARGEST_VECTOR_MB = 20;

    private static final long LARGEST = 200_000_000;

    private DrawingIntake() {}

    /**
     * A drawing that came in.
     *
     * @param original as it was
     * @param clean what became of it: several where there were several on it
     */
    public record Taken(Picture original, List<Picture> clean) {}

    /**
     * What a folder gave.
     *
     * @param taken in the order of their names, 2 before 10
     * @param left what was left out, and why
     * @param stopped whether somebody stopped it before all were read
     */
    public record Folder(List<Taken> taken, List<Message> left, boolean stopped) {}

    /** Hears how far a folder is read. */
    public interface Steps {
        /** @return whether to go on; otherwise no more is read */
        boolean next(String name, int number, int of);
    }

    /**
     * Takes a folder of drawings.
     *
     * @throws Trouble where it is no folder, or has no picture in it
     */
    public static Folder folder(Path folder, Cleaning how) {
        return folder(folder, how, (name, number, of) -> true);
    }

    /**
     * Takes a folder of drawings, which takes a moment for each.
     *
     * @param steps hears of each before it is read
     * @throws Trouble where it is no folder, or has no picture in it
     */
    public static Folder folder(Path folder, Cleaning how, Steps steps) {
        if (!Files.isDirectory(folder)) {
            throw Trouble.of("scan.refused.no-folder", folder.getFileName());
        }
        List<Path> files = new ArrayList<>();
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder)) {
            all.forEach(files::add);
        } catch (IOException e) {
            throw Trouble.because(e, "scan.refused.no-folder", folder.getFileName());
        }
        files.removeIf(
                f -> Files.isDirectory(f) || String.valueOf(f.getFileName()).startsWith("."));
        files.sort(Comparator.comparing(f -> String.valueOf(f.getFileName()), NaturalOrder.NAMES));
        List<Taken> taken = new ArrayList<>();
        List<Message> left = new ArrayList<>();
        int number = 0;
        for (Path file : files) {
            String name = String.valueOf(file.getFileName());
            if (!steps.next(name, ++number, files.size())) {
                return new Folder(taken, left, true);
            }
            if (!PictureIntake.isNamedSo(name)) {
                left.add(Message.of("scan.refused.no-picture", name));
            } else if (taken.size() >= MOST) {
                left.add(Message.of("scan.refused.too-many", name, MOST));
            } else {
                try {
                    taken.addAll(drawings(file, how, MOST - taken.size()));
                } catch (Trouble t) {
                    left.add(Message.plain(t.what()));
                }
            }
        }
        if (taken.isEmpty()) {
            throw left.isEmpty()
                    ? Trouble.of("scan.refused.empty-folder", folder.getFileName())
                    : Trouble.of(
                            "scan.refused.no-pictures",
                            folder.getFileName(),
                            left.get(0).text());
        }
        return new Folder(taken, left, false);
    }

    /**
     * Takes a file: one drawing, or a drawing for each page of a PDF.
     *
     * @param most so many of them
     * @throws Trouble where it is no picture, or damaged
     */
    public static List<Taken> drawings(Path file, Cleaning how, int most) {
        String name = String.valueOf(file.getFileName());
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
                throw Trouble.of("scan.refused.too-large", name);
            }
            return PictureIntake.all(file, most).stream()
                    .map(original -> new Taken(original, clean(original, how)))
                    .toList();
        } catch (IOException e) {
            throw Trouble.because(e, "scan.refused.unreadable", name);
        }
    }

    /**
     * A motif from a picture: the lines of a vector drawing, or the outlines of what is dark on a photograph or a scan.
     *
     * @param threshold below so many hundredths of white is ink, to 99; 0 finds what parts ink from paper
     * @throws Trouble where it is no picture, or nothing on it has an outline
     */
    public static OutlineMotif motif(Path file, int threshold) {
        String name = String.valueOf(file.getFileName());
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
                throw Trouble.of("scan.refused.too-large", name);
            }
            if (isVector(name) || startsAsText(file)) {
                return OutlineMotif.of(SmallFile.read(file, LARGEST_VECTOR_MB), name);
            }
            Picture picture = PictureIntake.of(file);
            BufferedImage image = Pixels.atLeast(picture, Pixels.PixelLook.faded(1), MOTIF_PIXELS);
            Cleaning how = Cleaning.LINE_ART.withThreshold(threshold).withSpecks(MOTIF_SPECKS);
            List<double[]> rings =
                    Cleaned.of(scan(image, MOTIF_PIXELS), how).get(0).outlines().orElseThrow();
            return OutlineMotif.traced(name, rings);
        } catch (IOException e) {
            throw Trouble.because(e, "scan.refused.unreadable", name);
        }
    }

    /** Drawings are text, whatever their file is called. */
    private static boolean startsAsText(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(64), StandardCharsets.UTF_8)
                    .replace("\uFEFF", "")
                    .strip()
                    .startsWith("<");
        }
    }

    private static boolean isVector(String name) {
        return name.toLowerCase(Locale.ROOT).endsWith(".svg");
    }

    /**
     * Makes a picture clean; vectors and pictures to which nothing is done stay as they are.
     *
     * @throws Trouble where it is damaged
     */
    public static List<Picture> clean(Picture original, Cleaning how) {
        if (isVector(original.name()) || how.equals(Cleaning.NONE)) {
            return List.of(original);
        }
        // Outlines lie between pixels, and need fewer of them.
        double longest = how.into() == Cleaning.Into.VECTORS ? LONGEST_TRACED : LONGEST;
        double share = Math.min(1, longest / Math.max(original.width(), original.height()));
        BufferedImage image = Pixels.atLeast(original, Pixels.PixelLook.faded(1), original.width() * share);
        List<Picture> all = new ArrayList<>();
        List<Cleaned> cleaned = Cleaned.of(scan(image, longest), how);
        String base = original.bareName();
        for (int i = 0; i < cleaned.size(); i++) {
            String name = cleaned.size() == 1 ? base : base + "-" + (i + 1);
            Cleaned one = cleaned.get(i);
            boolean lines = one.outlines().filter(r -> !r.isEmpty()).isPresent();
            byte[] bytes = lines ? svg(one) : png(one.scan(), how);
            try {
                all.add(PictureIntake.of(name + (lines ? ".svg" : ".png"), Blob.of(bytes))
                        .withCredit(original.credit()));
            } catch (IOException e) {
                throw Trouble.because(e, "scan.refused.unreadable", original.name());
            }
        }
        return all;
    }

    /** Its pixels on white paper, no more than are wanted. */
    private static Scan scan(BufferedImage image, double longest) {
        double share = Math.min(1, longest / Math.max(image.getWidth(), image.getHeight()));
        int w = Math.max(1, (int) Math.round(image.getWidth() * share));
        int h = Math.max(1, (int) Math.round(image.getHeight() * share));
        BufferedImage white = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D g = white.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.setRenderingHint(
                java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(image, 0, 0, w, h, null);
        g.dispose();
        int[] rgb = white.getRGB(0, 0, w, h, null, 0, w);
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] &= 0xFFFFFF;
        }
        return new Scan(w, h, rgb);
    }

    private static byte[] png(Scan scan, Cleaning how) {
        boolean black = how.into() == Cleaning.Into.BLACK || how.into() == Cleaning.Into.VECTORS;
        int type = black
                ? BufferedImage.TYPE_BYTE_BINARY
                : how.into() == Cleaning.Into.GREY ? BufferedImage.TYPE_BYTE_GRAY : BufferedImage.TYPE_INT_RGB;
        BufferedImage image = new BufferedImage(scan.width(), scan.height(), type);
        if (type == BufferedImage.TYPE_BYTE_GRAY) {
            // Values as they are, without a change of colour space.
            byte[] row = new byte[scan.width()];
            for (int y = 0; y < scan.height(); y++) {
                for (int x = 0; x < row.length; x++) {
                    row[x] = (byte) (scan.rgb(x, y) & 255);
                }
                image.getRaster().setDataElements(0, y, row.length, 1, row);
            }
        } else {
            image.setRGB(0, 0, scan.width(), scan.height(), scan.rgb(), 0, scan.width());
        }
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static byte[] svg(Cleaned one) {
        StringBuilder d = new StringBuilder();
        for (double[] ring : one.outlines().orElse(List.of())) {
            d.append('M');
            for (int i = 0; i + 3 < ring.length; i += 2) {
                d.append(i == 0 ? "" : "L").append(number(ring[i])).append(' ').append(number(ring[i + 1]));
            }
            d.append('Z');
        }
        String size =
                "width=\"" + one.scan().width() + "\" height=\"" + one.scan().height() + "\"";
        String text = "<svg xmlns=\"http://www.w3.org/2000/svg\" " + size + " viewBox=\"0 0 "
                + one.scan().width() + " " + one.scan().height()
                + "\"><path fill=\"#000000\" fill-rule=\"evenodd\" d=\""
                + d + "\"/></svg>\n";
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String number(double v) {
        long tenths = Math.round(v * 10);
        return tenths % 10 == 0 ? Long.toString(tenths / 10) : tenths / 10 + "." + tenths % 10;
    }
}
