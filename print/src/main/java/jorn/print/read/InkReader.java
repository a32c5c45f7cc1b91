package jorn.print.read;

import java.io.IOException;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.art.Ink;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;

/** The ink that a colour of a file stands for. */
final class InkReader {
    private static final Logger LOG = Logger.getLogger(InkReader.class.getName());
    private static final Ink UNKNOWN = Ink.black(0.5);

    private InkReader() {}

    static Ink of(PDColor colour) {
        PDColorSpace space = colour.getColorSpace();
        float[] parts = colour.getComponents();
        try {
            if (space == null || colour.isPattern()) {
                return UNKNOWN;
            }
            if (space == PDDeviceGray.INSTANCE) {
                return Ink.black(part(1 - parts[0]));
            }
            if (space == PDDeviceCMYK.INSTANCE) {
                return four(parts);
            }
            if (space instanceof PDSeparation separation) {
                return separation(separation, colour, parts[0]);
            }
            return light(colour.toRGB());
        } catch (IOException | RuntimeException e) {
            LOG.log(Level.FINE, "A colour cannot be read.", e);
            return UNKNOWN;
        }
    }

    private static Ink separation(PDSeparation separation, PDColor colour, float tint) throws IOException {
        String name = separation.getColorantName();
        if ("Black".equals(name)) {
            return Ink.black(part(tint));
        }
        if ("None".equals(name)) {
            return Ink.WHITE;
        }
        return "All".equals(name)
                ? new Ink.Cmyk(part(tint), part(tint), part(tint), part(tint))
                : new Ink.Spot(name.isBlank() ? "?" : name, 1, light(colour.toRGB()));
    }

    private static Ink four(float[] p) {
        boolean blackAlone = p[0] == 0 && p[1] == 0 && p[2] == 0;
        return blackAlone ? Ink.black(part(p[3])) : new Ink.Cmyk(part(p[0]), part(p[1]), part(p[2]), part(p[3]));
    }

    private static Ink light(int rgb) {
        return new Ink.Rgb(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255);
    }

    private static double part(float value) {
        return Math.min(1, Math.max(0, Math.round(value * 1000) / 1000.0));
    }

    /** Both ends of a passage. */
    static Ink[] ends(PDResources resources, COSName name) {
        try {
            PDShading shading = resources.getShading(name);
            PDColorSpace space = shading.getColorSpace();
            Ink[] ends = new Ink[2];
            for (int i = 0; i < 2; i++) {
                ends[i] = of(new PDColor(shading.evalFunction((float) i), space));
            }
            return ends;
        } catch (IOException | RuntimeException e) {
            LOG.log(Level.FINE, "A passage cannot be read.", e);
            return new Ink[] {UNKNOWN, UNKNOWN};
        }
    }
}
