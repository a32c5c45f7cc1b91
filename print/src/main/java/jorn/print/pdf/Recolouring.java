package jorn.print.pdf;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jorn.art.Ink;
import jorn.deliver.ColourPolicy.Pictures;
import jorn.print.picture.Pixels;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdfwriter.ContentStreamWriter;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * Brings a page that was made elsewhere into the inks of the new file: each colour of light that its content chooses becomes inks, so that its words
 * stay words, and black words are black ink alone. Pictures become pictures in inks. Passages and patterns of light are left as they are; whoever
 * asked looks whether any are left.
 */
final class Recolouring {
    private final PDDocument document;
    private final PdfTerms terms;
    private final Set<COSBase> done = new HashSet<>();

    Recolouring(PDDocument document, PdfTerms terms) {
        this.document = document;
        this.terms = terms;
    }

    /** A colour space that is chosen, as far as it matters. */
    private record Chosen(boolean lightFill, boolean lightStroke) {
        static final Chosen INKS = new Chosen(false, false);

        Chosen with(boolean stroke, boolean light) {
            return stroke ? new Chosen(lightFill, light) : new Chosen(light, lightStroke);
        }

        boolean isLight(boolean stroke) {
            return stroke ? lightStroke : lightFill;
        }
    }

    /** Changes a form and all that it draws; each of them once. */
    void change(PDFormXObject form) throws IOException {
        if (!done.add(form.getCOSObject())) {
            return;
        }
        PDResources resources = form.getResources() == null ? new PDResources() : form.getResources();
        List<Object> changed = changed(new PDFStreamParser(form).parse(), resources);
        try (OutputStream out = form.getCOSObject().createOutputStream(COSName.FLATE_DECODE)) {
            new ContentStreamWriter(out).writeTokens(changed);
        }
        for (COSName name : resources.getXObjectNames()) {
            COSDictionary all = resources.getCOSObject().getCOSDictionary(COSName.XOBJECT);
            if (all == null || !(all.getDictionaryObject(name) instanceof COSStream raw) || done.contains(raw)) {
                continue;
            }
            PDXObject object = resources.getXObject(name);
            if (object instanceof PDFormXObject inner) {
                change(inner);
            } else if (object instanceof PDImageXObject image && isLight(image)) {
                PDImageXObject inked = inked(image);
                done.add(inked.getCOSObject());
                all.setItem(name, inked);
            }
        }
    }

    private static boolean isLight(PDImageXObject image) throws IOException {
        return !image.isStencil() && isLight(image.getColorSpace());
    }

    private PDImageXObject inked(PDImageXObject image) throws IOException {
        var pixels = image.getOpaqueImage(null, 1);
        PDImageXObject inked = terms.colours().pictures() == Pictures.FOUR_INKS
                ? FourInkPicture.of(document, pixels)
                : LosslessFactory.createFromImage(document, Pixels.grey(pixels));
        for (COSName mask : List.of(COSName.SMASK, COSName.MASK)) {
            COSBase own = image.getCOSObject().getItem(mask);
            if (own != null && image.getCOSObject().getDictionaryObject(mask) instanceof COSStream) {
                inked.getCOSObject().setItem(mask, own);
            }
        }
        return inked;
    }

    private static boolean isLight(PDColorSpace space) {
        if (space == null) {
            return false;
        }
        String name = space.getName();
        return switch (name) {
            case "DeviceRGB", "CalRGB", "Lab", "CalGray" -> true;
            case "ICCBased" -> space.getNumberOfComponents() != 4;
            case "Indexed" -> isLightTable(space);
            default -> false;
        };
    }

    private static boolean isLightTable(PDColorSpace indexed) {
        String base = String.valueOf(((org.apache.pdfbox.cos.COSArray) indexed.getCOSObject()).getObject(1));
        return !base.contains("DeviceCMYK") && !base.contains("DeviceGray");
    }

    private List<Object> changed(List<Object> tokens, PDResources resources) throws IOException {
        List<Object> out = new ArrayList<>(tokens.size());
        List<COSBase> operands = new ArrayList<>();
        Deque<Chosen> kept = new ArrayDeque<>();
        Chosen now = Chosen.INKS;
        for (Object token : tokens) {
            if (!(token instanceof Operator operator)) {
                operands.add((COSBase) token);
                continue;
            }
            String name = operator.getName();
            boolean stroke = Character.isUpperCase(name.charAt(0));
            switch (name) {
                case "q" -> kept.push(now);
                case "Q" -> now = kept.isEmpty() ? Chosen.INKS : kept.pop();
                default -> {
                    // It chooses, or it changes nothing of what is chosen.
                }
            }
            switch (name) {
                case "rg", "RG" -> {
                    now = now.with(stroke, false);
                    ink(numbers(operands), stroke, out);
                }
                case "g", "G", "k", "K" -> {
                    now = now.with(stroke, false);
                    kept(name, operands, stroke, out, operator);
                }
                case "cs", "CS" -> {
                    boolean light = operands.get(0) instanceof COSName space && isLight(resources.getColorSpace(space));
                    now = now.with(stroke, light);
                    if (light) {
                        ink(new double[] {0, 0, 0}, stroke, out);
                    } else {
                        out.addAll(operands);
                        out.add(operator);
                    }
                }
                case "sc", "scn", "SC", "SCN" -> {
                    double[] parts = numbers(operands);
                    if (now.isLight(stroke) && (parts.length == 3 || parts.length == 1)) {
                        ink(parts, stroke, out);
                    } else {
                        out.addAll(operands);
                        out.add(operator);
                    }
                }
                default -> {
                    out.addAll(operands);
                    out.add(operator);
                }
            }
            operands.clear();
        }
        return out;
    }

    /** Inks stay as they are, unless all has to be black. */
    private void kept(String name, List<COSBase> operands, boolean stroke, List<Object> out, Operator operator) {
        double[] parts = numbers(operands);
        if (name.equalsIgnoreCase("k") && parts.length == 4 && terms.colours().pictures() == Pictures.GREY) {
            write(
                    terms.colours().ink(new Ink.Cmyk(part(parts[0]), part(parts[1]), part(parts[2]), part(parts[3]))),
                    stroke,
                    out);
            return;
        }
        out.addAll(operands);
        out.add(operator);
    }

    private static double part(double value) {
        return Math.min(1, Math.max(0, value));
    }

    private static double[] numbers(List<COSBase> operands) {
        return operands.stream()
                .filter(COSNumber.class::isInstance)
                .mapToDouble(n -> ((COSNumber) n).floatValue())
                .toArray();
    }

    private void ink(double[] light, boolean stroke, List<Object> out) {
        int[] rgb = new int[3];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = (int) Math.round(part(light[light.length == 1 ? 0 : i]) * 255);
        }
        boolean black = rgb[0] == 0 && rgb[1] == 0 && rgb[2] == 0;
        write(terms.colours().ink(black ? Ink.BLACK : new Ink.Rgb(rgb[0], rgb[1], rgb[2])), stroke, out);
    }

    private static void write(Ink ink, boolean stroke, List<Object> out) {
        if (ink instanceof Ink.Cmyk c) {
            for (double each : new double[] {c.cyan(), c.magenta(), c.yellow(), c.black()}) {
                out.add(new COSFloat((float) each));
            }
            out.add(Operator.getOperator(stroke ? "K" : "k"));
        } else {
            out.add(new COSFloat(ink.rgb()[0] / 255f));
            out.add(Operator.getOperator(stroke ? "G" : "g"));
        }
    }
}
