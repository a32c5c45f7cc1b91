package jorn.print.bindery;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import jorn.text.TypeShelf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDestinationNameTreeNode;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDPageLabelRange;
import org.apache.pdfbox.pdmodel.common.PDPageLabels;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDNamedDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/** Makes files for tests, and looks at what became of them. */
final class PdfBench {
    private PdfBench() {}

    /** Each page says its name and number, has a picture, a bookmark, a named place and a link to the first page. */
    static Path file(Path to, String name, int pages, PDRectangle size) throws IOException {
        try (PDDocument file = new PDDocument()) {
            byte[] face = TypeShelf.typeface("atkinson").regular().bytes();
            PDFont font = PDType0Font.load(file, new ByteArrayInputStream(face), false);
            PDImageXObject picture = LosslessFactory.createFromImage(file, picture());
            PDDocumentOutline outline = new PDDocumentOutline();
            file.getDocumentCatalog().setDocumentOutline(outline);
            java.util.Map<
                            String,
                            org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination>
                    places = new java.util.TreeMap<>();
            for (int i = 1; i <= pages; i++) {
                PDPage page = new PDPage(size);
                file.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(file, page)) {
                    out.beginText();
                    out.setFont(font, 14);
                    out.newLineAtOffset(40, size.getHeight() - 60);
                    out.showText(name + " page " + i + ".");
                    out.endText();
                    out.drawImage(picture, 40 + 3f * i, 40, 60, 60);
                    out.addRect(0.5f, 0.5f, size.getWidth() - 1, size.getHeight() - 1);
                    out.stroke();
                }
                PDPageFitDestination place = new PDPageFitDestination();
                place.setPage(page);
                places.put("page." + i, place);
                PDOutlineItem item = new PDOutlineItem();
                item.setTitle(name + " " + i);
                item.setDestination(place);
                outline.addLast(item);
                PDAnnotationLink link = new PDAnnotationLink();
                link.setRectangle(new PDRectangle(40, 40, 60, 60));
                PDActionGoTo go = new PDActionGoTo();
                go.setDestination(new PDNamedDestination("page.1"));
                link.setAction(go);
                page.getAnnotations().add(link);
            }
            PDDestinationNameTreeNode tree = new PDDestinationNameTreeNode();
            tree.setNames(places);
            PDDocumentNameDictionary names = new PDDocumentNameDictionary(file.getDocumentCatalog());
            names.setDests(tree);
            file.getDocumentCatalog().setNames(names);
            PDPageLabels labels = new PDPageLabels(file);
            PDPageLabelRange roman = new PDPageLabelRange();
            roman.setStyle(PDPageLabelRange.STYLE_ROMAN_LOWER);
            labels.setLabelItem(0, roman);
            file.getDocumentCatalog().setPageLabels(labels);
            file.getDocumentInformation().setTitle(name);
            file.save(to.toFile());
        }
        return to;
    }

    private static BufferedImage picture() {
        BufferedImage image = new BufferedImage(120, 120, BufferedImage.TYPE_INT_RGB);
        java.util.Random chance = new java.util.Random(5);
        for (int i = 0; i < 120 * 120; i++) {
            image.setRGB(i % 120, i / 120, chance.nextInt(1 << 24));
        }
        return image;
    }

    static String text(Path file, int page) throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setStartPage(page);
            stripper.setEndPage(page);
            return stripper.getText(read).strip();
        }
    }

    /** A page, painted small and grey. */
    static BufferedImage picture(Path file, int page) throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            return new PDFRenderer(read).renderImageWithDPI(page - 1, 40, ImageType.GRAY);
        }
    }

    /** How many pixels of two pictures differ by more than a little, as a share. */
    static double unlike(BufferedImage a, BufferedImage b) {
        if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
            return 1;
        }
        int off = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                off += Math.abs((a.getRGB(x, y) & 255) - (b.getRGB(x, y) & 255)) > 24 ? 1 : 0;
            }
        }
        return (double) off / (a.getWidth() * a.getHeight());
    }

    /** How many streams of a kind a file has. */
    static long streams(Path file, String subtype) throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            return read.getDocument().getXrefTable().keySet().stream()
                    .map(k -> read.getDocument().getObjectFromPool(k).getObject())
                    .filter(o -> o instanceof org.apache.pdfbox.cos.COSStream s
                            && COSName.getPDFName(subtype).equals(s.getCOSName(COSName.SUBTYPE)))
                    .count();
        }
    }
}
