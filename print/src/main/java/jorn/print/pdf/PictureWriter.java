package jorn.print.pdf;

import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.art.BareJpeg;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Orientation;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.art.PictureFile.Facts;
import jorn.art.PictureFile.Facts.Kind;
import jorn.art.Turn;
import jorn.deliver.ColourPolicy.Pictures;
import jorn.print.pdf.ArtWriter.Form;
import jorn.print.picture.Pixels;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.color.PDICCBased;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * Puts pictures into a file: of each the pixels that are seen, and nothing that is noted beside them. A JPEG that is seen whole goes in as it is
 * coded; a part of one is coded anew.
 */
final class PictureWriter {
    private static final Logger LOG = Logger.getLogger(PictureWriter.class.getName());

    /** Below so many pixels to the inch a picture is seen to be coarse (common practice). */
    private static final double LEAST_PPI = 300;

    /** More pixels of a drawing are not seen (common practice). */
    private static final double MOST_PPI = 600;

    private static final double POINTS_PER_INCH = 72;

    /** Nothing of it is seen to be lost (common practice). */
    private static final float JPEG_QUALITY = 0.95f;

    private final PDDocument document;
    private final PdfTerms terms;
    private final Map<Key, PDImageXObject> pictures = new HashMap<>();
    private final Map<Key, COSName> names = new HashMap<>();
    private final Map<Drawn, Optional<Form>> drawings = new HashMap<>();
    private final Map<ByteBuffer, PDICCBased> profiles = new HashMap<>();

    /**
     * A part of a picture, in whole pixels of it upright, as it is coloured.
     *
     * @param halvings how often its pixels are halved
     */
    private record Key(Picture picture, Pixels.PixelLook shown, Box part, int halvings) {}

    /** A drawing as it is coloured. */
    private record Drawn(Picture picture, Pixels.PixelLook shown) {}

    PictureWriter(PDDocument document, PdfTerms terms) {
        this.document = document;
        this.terms = terms;
    }

    /** Half a picture is not printed. */
    void write(Mark.Image image, PDResources resources, Operators out) throws IOException {
        if (image.picture().file().harm().isPresent() || image.to().isEmpty()) {
            return;
        }
        Optional<Form> drawing = drawing(image);
        if (drawing.isPresent()) {
            lines(image, drawing.get(), resources, out);
            return;
        }
        Key key = new Key(
                image.picture(), new Pixels.PixelLook(image.opacity(), image.tone()), seen(image), halvings(image));
        PDImageXObject object = pictures.get(key);
        if (object == null) {
            object = object(image, key);
            pictures.put(key, object);
        }
        COSName name = names.computeIfAbsent(key, k -> COSName.getPDFName("P" + (names.size() + 1)));
        resources.put(name, object);
        Box from = image.from();
        Box to = image.to();
        Box part = key.part();
        double sx = to.width() / from.width();
        double sy = to.height() / from.height();
        out.op("q");
        if (!part.within(0.01).holds(from) || !from.outset(0.01).holds(part)) {
            out.path(Path.box(to)).op("W").op("n");
        }
        // The unit square of a picture has y up; what the camera noted is from its top down.
        Orientation orientation = goesAsItIs(image, part)
                ? image.picture().file().facts().map(Facts::orientation).orElse(Orientation.UPRIGHT)
                : Orientation.UPRIGHT;
        Turn placed = new Turn(
                        part.width() * sx,
                        0,
                        0,
                        part.height() * sy,
                        to.x() + (part.x() - from.x()) * sx,
                        to.y() + (part.y() - from.y()) * sy)
                .after(orientation.turn(1, 1))
                .after(new Turn(1, 0, 0, -1, 0, 1));
        out.op("cm", placed.a(), placed.b(), placed.c(), placed.d(), placed.e(), placed.f());
        out.raw("/" + name.getName() + " Do\n").op("Q");
    }

    /** The pixels of which at least a part is seen. */
    private static Box seen(Mark.Image image) {
        Box from = image.from();
        double slack = 0.01;
        return Box.between(
                Math.max(0, Math.floor(from.x() + slack)),
                Math.max(0, Math.floor(from.y() + slack)),
                Math.min(image.picture().width(), Math.ceil(from.right() - slack)),
                Math.min(image.picture().height(), Math.ceil(from.bottom() - slack)));
    }

    private static boolean isWhole(Picture picture, Box part) {
        return part.width() >= picture.width() && part.height() >= picture.height();
    }

    private static Optional<Kind> kind(Picture picture) {
        return picture.file().facts().map(Facts::kind);
    }

    /** A JPEG whose pixels need no change; the page turns it upright. */
    private boolean goesAsItIs(Mark.Image image, Box part) {
        return terms.colours().pictures() == Pictures.AS_THEY_ARE
                && image.opacity() == 1
                && image.tone().isNone()
                && isWhole(image.picture(), part)
                && kind(image.picture()).filter(k -> k == Kind.JPEG).isPresent();
    }

    /** A drawing that has to become pixels gets no more of them than are seen. */
    private static int halvings(Mark.Image image) {
        int halvings = 0;
        if (kind(image.picture()).filter(k -> k == Kind.SVG).isPresent()) {
            double ppi = Math.max(
                            image.from().width() / image.to().width(),
                            image.from().height() / image.to().height())
                    * POINTS_PER_INCH;
            while (ppi / (1 << halvings) > MOST_PPI) {
                halvings++;
            }
        }
        return halvings;
    }

    private PDImageXObject object(Mark.Image image, Key key) throws IOException {
        Box part = key.part();
        if (goesAsItIs(image, part)) {
            byte[] file = image.picture().file().bytes();
            Optional<byte[]> bare = BareJpeg.of(file);
            if (bare.isPresent()) {
                PDImageXObject coded = JPEGFactory.createFromByteArray(document, bare.get());
                Optional<PDICCBased> meant =
                        meant(bare.get(), coded.getColorSpace().getNumberOfComponents());
                if (meant.isPresent()) {
                    coded.setColorSpace(meant.get());
                }
                return coded;
            }
        }
        BufferedImage pixels = pixels(image, key);
        if (terms.colours().pictures() == Pictures.FOUR_INKS) {
            return FourInkPicture.of(document, pixels);
        }
        BufferedImage inked = terms.colours().pictures() == Pictures.GREY ? Pixels.grey(pixels) : pixels;
        return kind(image.picture()).filter(k -> k == Kind.JPEG).isPresent()
                ? JPEGFactory.createFromImage(document, inked, JPEG_QUALITY)
                : LosslessFactory.createFromImage(document, inked);
    }

    /** What the pixels mean by the file's own profile, where it has one that fits them; equal profiles are written once. */
    private Optional<PDICCBased> meant(byte[] bare, int components) throws IOException {
        Optional<byte[]> profile = BareJpeg.profile(bare);
        if (profile.isEmpty()) {
            return Optional.empty();
        }
        try {
            if (ICC_Profile.getInstance(profile.get()).getNumComponents() != components) {
                return Optional.empty();
            }
        } catch (IllegalArgumentException damaged) {
            // Readers show such a picture as if it had none.
            LOG.log(Level.FINE, "A picture's profile is damaged.", damaged);
            return Optional.empty();
        }
        ByteBuffer key = ByteBuffer.wrap(profile.get());
        PDICCBased known = profiles.get(key);
        if (known == null) {
            known = new PDICCBased(document);
            try (OutputStream out = known.getPDStream().createOutputStream(COSName.FLATE_DECODE)) {
                out.write(profile.get());
            }
            known.getPDStream().getCOSObject().setInt(COSName.N, components);
            profiles.put(key, known);
        }
        return Optional.of(known);
    }

    /** The pixels of a part alone, in memory of their own. */
    private static BufferedImage pixels(Mark.Image image, Key key) {
        Box part = key.part();
        double shown = image.from().width() / image.to().width() * POINTS_PER_INCH;
        Picture picture = image.picture();
        BufferedImage all = key.halvings() > 0
                ? Pixels.halved(picture, key.shown(), key.halvings())
                : Pixels.forPrint(picture, key.shown(), LEAST_PPI, shown);
        if (isWhole(picture, part)) {
            return all;
        }
        // A very large picture may have been read with fewer pixels.
        double sx = all.getWidth() / (double) picture.width();
        double sy = all.getHeight() / (double) picture.height();
        int x = (int) Math.floor(part.x() * sx);
        int y = (int) Math.floor(part.y() * sy);
        int right = Math.min(all.getWidth(), (int) Math.ceil(part.right() * sx));
        int bottom = Math.min(all.getHeight(), (int) Math.ceil(part.bottom() * sy));
        BufferedImage cut = new BufferedImage(Math.max(1, right - x), Math.max(1, bottom - y), all.getType());
        var g = cut.createGraphics();
        g.drawImage(all, -x, -y, null);
        g.dispose();
        return cut;
    }

    /** A drawing stays one of lines and areas where it is seen whole and the standard takes it so. */
    private Optional<Form> drawing(Mark.Image image) throws IOException {
        boolean lines =
                kind(image.picture()).filter(k -> k == Kind.SVG).isPresent() && isWhole(image.picture(), seen(image));
        if (!lines) {
            return Optional.empty();
        }
        Drawn key = new Drawn(image.picture(), new Pixels.PixelLook(image.opacity(), image.tone()));
        Optional<Form> known = drawings.get(key);
        if (known == null) {
            Optional<PDFormXObject> form = DrawnPicture.form(document, key.picture(), key.shown(), terms);
            COSName name = COSName.getPDFName("V" + (drawings.size() + 1));
            known = form.map(f -> new Form(name, f));
            drawings.put(key, known);
        }
        return known;
    }

    private static void lines(Mark.Image image, Form form, PDResources resources, Operators out) {
        resources.put(form.name(), form.object());
        Box to = image.to();
        double w = form.object().getBBox().getWidth();
        double h = form.object().getBBox().getHeight();
        out.op("q").path(Path.box(to)).op("W").op("n");
        out.op("cm", to.width() / w, 0, 0, -to.height() / h, to.x(), to.bottom());
        out.raw("/" + form.name().getName() + " Do\n").op("Q");
    }
}
