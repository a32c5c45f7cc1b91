package jorn.print.pdf;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DColorMapper;
import java.awt.Color;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Picture;
import jorn.art.VectorPicture;
import jorn.deliver.ColourPolicy.Pictures;
import jorn.print.picture.Pixels;
import jorn.print.read.ContentScan;
import jorn.print.read.ContentScan.Use;
import jorn.scratch.Blob;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** A drawing as a form of lines and areas, in the inks of the file. */
final class DrawnPicture {
    /** The longer side of the form in its own units. */
    private static final float SIDE = 1000;

    private DrawnPicture() {}

    /**
     * The form; nothing where it would hold what the file must not.
     *
     * @param look how its colours are shown: in other inks, mixed with white
     */
    static Optional<PDFormXObject> form(PDDocument document, Picture picture, Pixels.PixelLook look, PdfTerms terms)
            throws IOException {
        VectorPicture drawing = VectorPicture.of(Blob.of(picture.file().bytes()))
                .orElseThrow(() -> new IOException("no drawing: " + picture.name()));
        float scale = SIDE / Math.max(drawing.width(), drawing.height());
        float w = Math.max(1, drawing.width() * scale);
        float h = Math.max(1, drawing.height() * scale);
        PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, w, h);
        boolean inked = terms.colours().pictures() != Pictures.AS_THEY_ARE;
        boolean changed = look.opacity() < 1 || !look.tone().isNone();
        PdfBoxGraphics2DColorMapper asTheyAre = new PdfBoxGraphics2DColorMapper();
        if (inked || changed) {
            g.setColorMapper((color, env) ->
                    inked ? inked(shown(color, look), terms) : asTheyAre.mapColor(shown(color, look), env));
        }
        drawing.draw(g, w, h);
        g.dispose();
        PDFormXObject form = g.getXFormObject();
        if (changed && hasPixels(form.getResources())) {
            // Pixels inside of it would stay as they are.
            return Optional.empty();
        }
        EnumSet<Use> refused = EnumSet.noneOf(Use.class);
        if (terms.colours().pictures() != Pictures.AS_THEY_ARE) {
            refused.addAll(EnumSet.of(Use.RGB, Use.MEASURED_COLOUR));
        }
        if (terms.standard().isFlat()) {
            refused.addAll(Use.REFUSED_BY_X1A);
        }
        if (refused.isEmpty()) {
            return Optional.of(form);
        }
        refused.retainAll(ContentScan.of(form).uses());
        return refused.isEmpty() ? Optional.of(form) : Optional.empty();
    }

    /** A colour as it is shown: in other inks, and mixed with the white of the paper. */
    private static Color shown(Color color, Pixels.PixelLook look) {
        int rgb = look.tone().isNone() ? color.getRGB() : look.tone().of(color.getRGB());
        Color toned = new Color(rgb);
        double share = look.opacity();
        return new Color(
                mixed(toned.getRed(), share),
                mixed(toned.getGreen(), share),
                mixed(toned.getBlue(), share),
                color.getAlpha());
    }

    private static int mixed(int level, double share) {
        return (int) Math.round(255 - (255 - level) * share);
    }

    private static boolean hasPixels(PDResources resources) throws IOException {
        for (COSName name : resources.getXObjectNames()) {
            PDXObject object = resources.getXObject(name);
            boolean inside = object instanceof PDFormXObject inner
                    && inner.getResources() != null
                    && hasPixels(inner.getResources());
            if (inside || object instanceof PDImageXObject) {
                return true;
            }
        }
        return false;
    }

    private static PDColor inked(Color color, PdfTerms terms) {
        boolean grey = color.getRed() == color.getGreen() && color.getGreen() == color.getBlue();
        Ink ink = terms.colours()
                .ink(
                        grey && color.getRed() == 0
                                ? Ink.BLACK
                                : new Ink.Rgb(color.getRed(), color.getGreen(), color.getBlue()));
        if (ink instanceof Ink.Cmyk c) {
            return new PDColor(
                    new float[] {(float) c.cyan(), (float) c.magenta(), (float) c.yellow(), (float) c.black()},
                    PDDeviceCMYK.INSTANCE);
        }
        return new PDColor(new float[] {ink.rgb()[0] / 255f}, PDDeviceGray.INSTANCE);
    }
}
