package jorn.print.read;

import java.io.IOException;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.contentstream.PDContentStream;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDShadingPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;

/**
 * What the content of a page uses of all that a PDF may hold: read from its operators, through all forms and patterns that it really draws. Numbers
 * of clauses are those of ISO 15930-1:2001.
 */
public final class ContentScan {
    /** Something that a standard or a press may refuse. */
    public enum Use {
        /** Red, green and blue (6.3.2). */
        RGB,
        /** Colours by measure: calibrated, Lab or with a profile (6.3.2). */
        MEASURED_COLOUR,
        /** Cyan, magenta, yellow and black. */
        FOUR_INKS,
        /** An ink of its own. */
        SPOT,
        /** Anything that shines through: constant or soft masks, blending, groups (6.4). */
        TRANSPARENCY,
        /** A font that is not in the file (6.5). */
        FONT_APART,
        /** Pictures packed as PDF 1.3 cannot have them, or by LZW (6.6). */
        PACKING,
        /** PostScript, pictures kept elsewhere or in other versions (6.7). */
        ELSEWHERE,
        /** Curves that change tones behind everybody's back, halftones (6.9). */
        TRANSFER;

        /** What PDF/X-1a refuses. */
        public static final Set<Use> REFUSED_BY_X1A = java.util.Collections.unmodifiableSet(
                EnumSet.of(RGB, MEASURED_COLOUR, TRANSPARENCY, FONT_APART, PACKING, ELSEWHERE, TRANSFER));
    }

    private final EnumSet<Use> uses = EnumSet.noneOf(Use.class);
    private final Set<String> fontsApart = new HashSet<>();
    private final Set<COSBase> seen = new HashSet<>();
    private boolean bare = true;

    /** Operators that put something on paper (ISO 32000-1, annex A). */
    private static final Set<String> PAINTING =
            Set.of("f", "F", "f*", "B", "B*", "b", "b*", "S", "s", "Do", "Tj", "TJ", "'", "\"", "sh", "BI");

    private ContentScan() {}

    /**
     * Reads a page or a form through.
     *
     * @throws IOException where it cannot be read
     */
    public static ContentScan of(PDContentStream content) throws IOException {
        ContentScan scan = new ContentScan();
        if (content instanceof PDFormXObject form) {
            scan.group(form.getCOSObject());
        }
        scan.read(content);
        return scan;
    }

    public Set<Use> uses() {
        return EnumSet.copyOf(uses.isEmpty() ? EnumSet.noneOf(Use.class) : uses);
    }

    /** Whether nothing is drawn. */
    public boolean isBare() {
        return bare;
    }

    /** Names of fonts that are not in the file. */
    public Set<String> fontsApart() {
        return fontsApart;
    }

    private void read(PDContentStream content) throws IOException {
        PDResources resources = content.getResources() == null ? new PDResources() : content.getResources();
        List<Object> tokens = new PDFStreamParser(content).parse();
        for (int i = 0; i < tokens.size(); i++) {
            if (tokens.get(i) instanceof Operator operator) {
                Object before = i > 0 ? tokens.get(i - 1) : operator;
                bare &= !PAINTING.contains(operator.getName());
                if (operator.getName().equals("Tf")) {
                    // Its name stands before its size. Pages may share resources: only what is chosen counts.
                    font(i > 1 ? tokens.get(i - 2) : operator, resources);
                } else {
                    read(operator, before, resources);
                }
            }
        }
    }

    private void read(Operator operator, Object operand, PDResources resources) throws IOException {
        switch (operator.getName()) {
            case "rg", "RG" -> uses.add(Use.RGB);
            case "k", "K" -> uses.add(Use.FOUR_INKS);
            case "cs", "CS" -> space((COSBase) operand, resources);
            case "gs" -> state((COSName) operand, resources);
            case "sh" -> shading(((COSName) operand), resources);
            case "scn", "SCN" -> {
                if (operand instanceof COSName name) {
                    pattern(name, resources);
                }
            }
            case "Do" -> object((COSName) operand, resources);
            case "BI" -> {
                COSDictionary parameters = operator.getImageParameters();
                image(parameters, resources);
            }
            default -> {
                // Nothing that anybody refuses.
            }
        }
    }

    private void font(Object name, PDResources resources) throws IOException {
        PDFont font = name instanceof COSName n ? resources.getFont(n) : null;
        if (font != null && seen.add(font.getCOSObject()) && !font.isEmbedded()) {
            uses.add(Use.FONT_APART);
            fontsApart.add(String.valueOf(font.getName()));
        }
    }

    private void object(COSName name, PDResources resources) throws IOException {
        COSDictionary all = resources.getCOSObject().getCOSDictionary(COSName.XOBJECT);
        COSStream raw = all == null ? null : all.getCOSStream(name);
        if (raw == null || !seen.add(raw)) {
            return;
        }
        if (COSName.getPDFName("PS").equals(raw.getCOSName(COSName.SUBTYPE)) || raw.containsKey("OPI")) {
            uses.add(Use.ELSEWHERE);
            return;
        }
        PDXObject object = resources.getXObject(name);
        if (object instanceof PDFormXObject form) {
            group(raw);
            if (raw.containsKey("Ref")) {
                uses.add(Use.ELSEWHERE);
            }
            read(form);
        } else if (object instanceof PDImageXObject) {
            image(raw, resources);
        }
    }

    private void group(COSDictionary form) {
        COSDictionary group = form.getCOSDictionary(COSName.GROUP);
        if (group != null && COSName.TRANSPARENCY.equals(group.getCOSName(COSName.S))) {
            uses.add(Use.TRANSPARENCY);
        }
    }

    private void image(COSDictionary image, PDResources resources) throws IOException {
        if (image.containsKey(COSName.SMASK) && image.getDictionaryObject(COSName.SMASK) instanceof COSStream) {
            uses.add(Use.TRANSPARENCY);
        }
        boolean apart = image.getDictionaryObject(COSName.F) instanceof COSDictionary;
        if (apart || image.containsKey("Alternates") || image.containsKey("OPI")) {
            uses.add(Use.ELSEWHERE);
        }
        for (String filter : filters(image)) {
            if (Set.of("JPXDecode", "JBIG2Decode", "LZWDecode", "LZW", "Crypt").contains(filter)) {
                uses.add(Use.PACKING);
            }
        }
        if (!image.getBoolean(COSName.IMAGE_MASK, image.getBoolean(COSName.IM, false))) {
            COSBase space = image.getDictionaryObject(COSName.COLORSPACE, COSName.CS);
            if (space != null) {
                space(space, resources);
            }
        }
    }

    private static List<String> filters(COSDictionary stream) {
        COSBase filter = stream.getDictionaryObject(COSName.FILTER, COSName.F);
        if (filter instanceof COSName name) {
            return List.of(name.getName());
        }
        return filter instanceof COSArray all
                ? all.toList().stream()
                        .filter(COSName.class::isInstance)
                        .map(n -> ((COSName) n).getName())
                        .toList()
                : List.of();
    }

    private void state(COSName name, PDResources resources) {
        COSDictionary states = resources.getCOSObject().getCOSDictionary(COSName.EXT_G_STATE);
        COSDictionary state = states == null ? null : states.getCOSDictionary(name);
        if (state == null) {
            return;
        }
        COSBase blend = state.getDictionaryObject(COSName.BM);
        boolean blends = blend != null && !COSName.NORMAL.equals(blend) && !COSName.COMPATIBLE.equals(blend);
        COSBase mask = state.getDictionaryObject(COSName.SMASK);
        boolean masked = mask != null && !COSName.NONE.equals(mask);
        if (blends || masked || isUnderOne(state, COSName.CA) || isUnderOne(state, COSName.CA_NS)) {
            uses.add(Use.TRANSPARENCY);
        }
        boolean curve = isCurve(state.getDictionaryObject(COSName.TR))
                || isCurve(state.getDictionaryObject(COSName.getPDFName("TR2")));
        if (curve || state.containsKey("HTP")) {
            uses.add(Use.TRANSFER);
        }
    }

    private static boolean isCurve(COSBase curve) {
        return curve != null
                && !COSName.IDENTITY.equals(curve)
                && !COSName.getPDFName("Default").equals(curve);
    }

    private static boolean isUnderOne(COSDictionary state, COSName key) {
        return state.getDictionaryObject(key) instanceof COSNumber n && n.floatValue() < 1;
    }

    private void shading(COSName name, PDResources resources) throws IOException {
        COSDictionary all = resources.getCOSObject().getCOSDictionary(COSName.SHADING);
        COSDictionary shading = all == null ? null : all.getCOSDictionary(name);
        if (shading != null) {
            space(shading.getDictionaryObject(COSName.COLORSPACE, COSName.CS), resources);
        }
    }

    private void pattern(COSName name, PDResources resources) throws IOException {
        PDAbstractPattern pattern = resources.getPattern(name);
        if (pattern == null || !seen.add(pattern.getCOSObject())) {
            return;
        }
        if (pattern instanceof PDShadingPattern shaded && shaded.getShading() != null) {
            space(shaded.getShading().getCOSObject().getDictionaryObject(COSName.COLORSPACE, COSName.CS), resources);
        } else if (pattern instanceof PDTilingPattern tiles) {
            read(tiles);
        }
    }

    private void space(COSBase space, PDResources resources) throws IOException {
        if (space instanceof COSName name) {
            switch (name.getName()) {
                case "DeviceRGB", "RGB" -> uses.add(Use.RGB);
                case "DeviceCMYK", "CMYK" -> uses.add(Use.FOUR_INKS);
                case "DeviceGray", "G", "Pattern" -> {
                    // Black ink alone, or what the pattern says.
                }
                default -> {
                    COSDictionary own = resources.getCOSObject().getCOSDictionary(COSName.COLORSPACE);
                    COSBase meant = own == null ? null : own.getDictionaryObject(name);
                    if (meant != null && !meant.equals(name)) {
                        space(meant, resources);
                    }
                }
            }
        } else if (space instanceof COSArray array && array.size() > 0 && array.getObject(0) instanceof COSName kind) {
            switch (kind.getName()) {
                case "ICCBased" -> {
                    uses.add(Use.MEASURED_COLOUR);
                    int parts = array.getObject(1) instanceof COSStream profile ? profile.getInt(COSName.N) : 0;
                    if (parts == 3) {
                        uses.add(Use.RGB);
                    } else if (parts == 4) {
                        uses.add(Use.FOUR_INKS);
                    }
                }
                case "CalRGB", "Lab" -> {
                    uses.add(Use.MEASURED_COLOUR);
                    uses.add(Use.RGB);
                }
                case "CalGray" -> uses.add(Use.MEASURED_COLOUR);
                case "Separation", "DeviceN" -> {
                    uses.add(Use.SPOT);
                    space(array.getObject(2), resources);
                }
                case "Indexed", "I", "Pattern" -> {
                    if (array.size() > 1) {
                        space(array.getObject(1), resources);
                    }
                }
                default -> space(kind, resources);
            }
        }
    }
}
