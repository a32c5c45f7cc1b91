package jorn.print.read;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jorn.deliver.FileStandard;
import jorn.print.read.ContentScan.Use;
import jorn.say.Message;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;

/**
 * Holds a file against PDF/X-1a, clause by clause (ISO 15930-1:2001; the numbers of its clauses are from memory, what they ask is the standard's), and
 * against what PDF/X-4 says of itself (ISO 15930-7).
 */
public final class FileClauses {
    /**
     * A clause that a file breaks.
     *
     * @param number of the clause
     * @param page from 1; 0 for the whole file
     * @param what is wrong, in words
     */
    public record Broken(String number, int page, Message what) {}

    private static final float SLACK = 0.01f;

    /** Clauses of what content must not use. */
    private static final Map<Use, String> USES = Map.of(
            Use.RGB, "6.3.2",
            Use.MEASURED_COLOUR, "6.3.2",
            Use.TRANSPARENCY, "6.4",
            Use.FONT_APART, "6.5",
            Use.PACKING, "6.6",
            Use.ELSEWHERE, "6.7",
            Use.TRANSFER, "6.9");

    private final PDDocument document;
    private final List<Broken> broken = new ArrayList<>();

    private FileClauses(PDDocument document) {
        this.document = document;
    }

    /**
     * The clauses that a file breaks; none for an ordinary PDF.
     *
     * @throws IOException where it cannot be read through
     */
    public static List<Broken> broken(PDDocument document, FileStandard standard) throws IOException {
        FileClauses clauses = new FileClauses(document);
        switch (standard) {
            case X1A -> clauses.first();
            case X4 -> clauses.fourth();
            case PLAIN -> {
                // It promises nothing.
            }
        }
        return List.copyOf(clauses.broken);
    }

    /** The standard that a file says it follows. */
    public static FileStandard claimed(PDDocument document) {
        COSDictionary info = document.getDocumentInformation().getCOSObject();
        String conformance = info.getString("GTS_PDFXConformance", "");
        String version = info.getString("GTS_PDFXVersion", "");
        if (conformance.startsWith("PDF/X-1a") || version.startsWith("PDF/X-1:")) {
            return FileStandard.X1A;
        }
        return metadata(document).contains("PDF/X-4<") ? FileStandard.X4 : FileStandard.PLAIN;
    }

    private static String metadata(PDDocument document) {
        COSStream stream = document.getDocumentCatalog().getCOSObject().getCOSStream(COSName.METADATA);
        return stream == null ? "" : stream.toTextString();
    }

    private void say(String number, int page, String key, Object... arguments) {
        broken.add(new Broken(number, page, Message.of("print.clauses." + key, arguments)));
    }

    private void first() throws IOException {
        COSDictionary info = document.getDocumentInformation().getCOSObject();
        if (!"PDF/X-1:2001".equals(info.getString("GTS_PDFXVersion"))
                || !"PDF/X-1a:2001".equals(info.getString("GTS_PDFXConformance"))) {
            say("6.1", 0, "unnamed", FileStandard.X1A.called());
        }
        if (document.getVersion() > 1.3f + SLACK) {
            say("6.1", 0, "version", String.valueOf(document.getVersion()));
        }
        if (document.getDocument().isXRefStream()
                || document.getDocument().getXrefTable().values().stream().anyMatch(at -> at < 0)) {
            say("6.1", 0, "object-streams");
        }
        common(info);
        COSDictionary catalogue = document.getDocumentCatalog().getCOSObject();
        if (catalogue.containsKey(COSName.OPEN_ACTION) || catalogue.containsKey(COSName.AA) || hasScripts(catalogue)) {
            say("6.10", 0, "actions");
        }
        int number = 0;
        for (PDPage page : document.getPages()) {
            number++;
            boxes(page, number);
            annotations(page, number);
            content(page, number);
        }
    }

    private void fourth() throws IOException {
        if (!metadata(document).contains("PDF/X-4")) {
            say("6.16", 0, "unnamed", FileStandard.X4.called());
        }
        common(document.getDocumentInformation().getCOSObject());
        int number = 0;
        for (PDPage page : document.getPages()) {
            number++;
            boxes(page, number);
            annotations(page, number);
            Set<Use> uses = ContentScan.of(page).uses();
            if (uses.contains(Use.FONT_APART)) {
                say("6.5", number, "font-apart");
            }
        }
    }

    private void common(COSDictionary info) {
        for (COSName key : List.of(COSName.TITLE, COSName.CREATION_DATE, COSName.MOD_DATE)) {
            if (info.getString(key, "").isBlank()) {
                say("6.1", 0, "info", key.getName());
            }
        }
        String trapped = info.getNameAsString(COSName.TRAPPED);
        if (!"True".equals(trapped) && !"False".equals(trapped)) {
            say("6.11", 0, "trapped");
        }
        if (document.isEncrypted()) {
            say("6.12", 0, "encrypted");
        }
        if (document.getDocument().getDocumentID() == null) {
            say("6.1", 0, "no-id");
        }
        intent();
    }

    private void intent() {
        var all = document.getDocumentCatalog().getCOSObject().getCOSArray(COSName.OUTPUT_INTENTS);
        if (all != null) {
            for (int i = 0; i < all.size(); i++) {
                if (all.getObject(i) instanceof COSDictionary intent
                        && "GTS_PDFX".equals(intent.getNameAsString(COSName.S))) {
                    boolean named = !intent.getString(COSName.OUTPUT_CONDITION_IDENTIFIER, "")
                            .isBlank();
                    boolean registered =
                            !intent.getString(COSName.REGISTRY_NAME, "").isBlank();
                    if (named && (registered || intent.containsKey(COSName.DEST_OUTPUT_PROFILE))) {
                        return;
                    }
                }
            }
        }
        say("6.2", 0, "intent");
    }

    private static boolean hasScripts(COSDictionary catalogue) {
        COSDictionary names = catalogue.getCOSDictionary(COSName.NAMES);
        return names != null && (names.containsKey("JavaScript") || names.containsKey("EmbeddedFiles"));
    }

    /** TrimBox or ArtBox and not both, inside BleedBox, inside MediaBox. */
    private void boxes(PDPage page, int number) {
        COSDictionary all = page.getCOSObject();
        boolean trim = all.containsKey(COSName.TRIM_BOX);
        if (trim == all.containsKey(COSName.ART_BOX)) {
            say("6.8", number, "trim-box");
        } else if (trim && !holds(page.getBleedBox(), page.getTrimBox())) {
            say("6.8", number, "boxes");
        }
        if (!holds(page.getMediaBox(), page.getBleedBox())) {
            say("6.8", number, "boxes");
        }
    }

    private static boolean holds(PDRectangle outer, PDRectangle inner) {
        return inner.getLowerLeftX() >= outer.getLowerLeftX() - SLACK
                && inner.getLowerLeftY() >= outer.getLowerLeftY() - SLACK
                && inner.getUpperRightX() <= outer.getUpperRightX() + SLACK
                && inner.getUpperRightY() <= outer.getUpperRightY() + SLACK;
    }

    private void annotations(PDPage page, int number) throws IOException {
        PDRectangle bleed = page.getBleedBox();
        for (PDAnnotation each : page.getAnnotations()) {
            PDRectangle at = each.getRectangle();
            boolean inside = at == null
                    || (at.getLowerLeftX() < bleed.getUpperRightX()
                            && at.getUpperRightX() > bleed.getLowerLeftX()
                            && at.getLowerLeftY() < bleed.getUpperRightY()
                            && at.getUpperRightY() > bleed.getLowerLeftY());
            if (inside && !"TrapNet".equals(each.getSubtype())) {
                say("6.10", number, "annotation", String.valueOf(each.getSubtype()));
                return;
            }
        }
        if (page.getCOSObject().containsKey(COSName.AA)) {
            say("6.10", number, "actions");
        }
    }

    private void content(PDPage page, int number) throws IOException {
        COSDictionary group = page.getCOSObject().getCOSDictionary(COSName.GROUP);
        if (group != null && COSName.TRANSPARENCY.equals(group.getCOSName(COSName.S))) {
            say("6.4", number, "transparency");
        }
        if (hasLzw(page)) {
            say("6.6", number, "packing");
        }
        ContentScan scan = ContentScan.of(page);
        for (Use use : scan.uses()) {
            String clause = USES.get(use);
            if (clause != null && Use.REFUSED_BY_X1A.contains(use)) {
                say(
                        clause,
                        number,
                        use.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
            }
        }
    }

    private static boolean hasLzw(PDPage page) {
        COSBase contents = page.getCOSObject().getItem(COSName.CONTENTS);
        COSBase stream = contents instanceof COSObject o ? o.getObject() : contents;
        return stream instanceof COSStream s
                && (COSName.LZW_DECODE.equals(s.getFilters())
                        || String.valueOf(s.getFilters()).contains("LZWDecode"));
    }
}
