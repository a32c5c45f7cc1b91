package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.print.Poppler;
import jorn.print.bindery.Joiner.Manner;
import jorn.print.export.Progress;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDEmbeddedFilesNameTreeNode;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import org.apache.pdfbox.pdmodel.interactive.form.PDTextField;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What belongs to a whole file comes along when its pages are joined with others: fields, tags, layers, attached files. */
class CarriedAlongTest {
    private static final COSName STRUCT_PARENTS = COSName.getPDFName("StructParents");

    @TempDir
    Path folder;

    /** A page with a field that holds a word, a tag, a layer, and an attached file. */
    private Path file(String name, String value, boolean shown, String attached) throws IOException {
        Path to = folder.resolve(name + ".pdf");
        try (PDDocument file = new PDDocument()) {
            PDPage page = new PDPage(PDRectangle.A5);
            file.addPage(page);
            field(file, page, value);
            tag(file, page, name);
            PDOptionalContentProperties layers = new PDOptionalContentProperties();
            PDOptionalContentGroup group = new PDOptionalContentGroup("layer");
            layers.addGroup(group);
            PDResources things = new PDResources();
            things.add(group);
            page.setResources(things);
            if (!shown) {
                layers.setBaseState(PDOptionalContentProperties.BaseState.OFF);
            }
            file.getDocumentCatalog().setOCProperties(layers);
            attach(file, attached);
            file.save(to.toFile());
        }
        return to;
    }

    private static void field(PDDocument file, PDPage page, String value) {
        PDAcroForm form = new PDAcroForm(file);
        file.getDocumentCatalog().setAcroForm(form);
        PDTextField field = new PDTextField(form);
        field.setPartialName("who");
        field.getCOSObject().setString(COSName.V, value);
        PDAnnotationWidget widget = field.getWidgets().get(0);
        widget.setRectangle(new PDRectangle(40, 40, 100, 20));
        widget.setPage(page);
        page.getCOSObject().setItem(COSName.ANNOTS, new COSArray(List.of(widget.getCOSObject())));
        form.setFields(List.of(field));
    }

    private static void tag(PDDocument file, PDPage page, String name) {
        PDStructureTreeRoot root = new PDStructureTreeRoot();
        file.getDocumentCatalog().setStructureTreeRoot(root);
        PDStructureElement paragraph = new PDStructureElement("P", root);
        paragraph.setTitle(name);
        paragraph.setPage(page);
        paragraph.appendKid(0);
        root.appendKid(paragraph);
        page.getCOSObject().setInt(STRUCT_PARENTS, 0);
        COSArray own = new COSArray();
        own.add(paragraph.getCOSObject());
        PDNumberTreeNode numbers = new PDNumberTreeNode(PDParentTreeValue.class);
        numbers.setNumbers(Map.of(0, new PDParentTreeValue(own)));
        root.setParentTree(numbers);
    }

    private static void attach(PDDocument file, String text) throws IOException {
        PDComplexFileSpecification spec = new PDComplexFileSpecification();
        spec.setFile("note.txt");
        spec.setEmbeddedFile(
                new PDEmbeddedFile(file, new ByteArrayInputStream(text.getBytes(StandardCharsets.US_ASCII))));
        PDEmbeddedFilesNameTreeNode tree = new PDEmbeddedFilesNameTreeNode();
        tree.setNames(Map.of("note.txt", spec));
        PDDocumentNameDictionary names = new PDDocumentNameDictionary(file.getDocumentCatalog());
        names.setEmbeddedFiles(tree);
        file.getDocumentCatalog().setNames(names);
    }

    private Path joined(Path... files) {
        Path out = folder.resolve("all.pdf");
        List<JoinPart> parts =
                java.util.stream.Stream.of(files).map(JoinPart::of).toList();
        Joiner.join(parts, Manner.CUSTOMARY, out, Progress.SILENT);
        Poppler.run("qpdf", "--check", out.toString());
        return out;
    }

    @Test
    void fieldsOfOneNameStayTwoAndKeepWhatIsFilledIn() throws IOException {
        Path out = joined(file("a", "Ann", true, "x"), file("b", "Ben", true, "y"));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            Map<String, String> values = new TreeMap<>();
            List<PDPage> pages = new ArrayList<>();
            read.getPages().forEach(pages::add);
            for (PDField field : read.getDocumentCatalog().getAcroForm().getFields()) {
                values.put(field.getFullyQualifiedName(), field.getValueAsString());
                int on = field.getFullyQualifiedName().equals("who") ? 0 : 1;
                assertEquals(on, pages.indexOf(field.getWidgets().get(0).getPage()));
                assertEquals(
                        field.getCOSObject(),
                        pages.get(on).getAnnotations().get(0).getCOSObject(),
                        "the page shows that very field");
            }
            assertEquals(Map.of("who", "Ann", "who-2", "Ben"), values);
        }
    }

    /** Each page's number leads to the tag that has its name (ISO 32000-1, 14.7.4.4). */
    @Test
    void tagsLeadFromEachPageToItsOwn() throws IOException {
        Path out = joined(file("a", "Ann", true, "x"), file("b", "Ben", true, "y"));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            PDNumberTreeNode tree =
                    read.getDocumentCatalog().getStructureTreeRoot().getParentTree();
            for (int i = 0; i < 2; i++) {
                int number = read.getPage(i).getCOSObject().getInt(STRUCT_PARENTS);
                PDParentTreeValue value = (PDParentTreeValue) tree.getValue(number);
                COSDictionary tag = (COSDictionary) ((COSArray) value.getCOSObject()).getObject(0);
                assertEquals(i == 0 ? "a" : "b", tag.getString(COSName.T));
                assertEquals(read.getPage(i).getCOSObject(), tag.getDictionaryObject(COSName.PG));
            }
        }
    }

    /** A file that hides all its layers hides its own, and none of another's. */
    @Test
    void layersAreShownOrHiddenAsTheyWere() throws IOException {
        Path out = joined(file("a", "Ann", false, "x"), file("b", "Ben", true, "y"));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            PDOptionalContentProperties layers = read.getDocumentCatalog().getOCProperties();
            assertEquals(List.of("layer", "layer"), List.of(layers.getGroupNames()));
            assertEquals(PDOptionalContentProperties.BaseState.ON, layers.getBaseState());
            for (int i = 0; i < 2; i++) {
                PDResources things = read.getPage(i).getResources();
                PDOptionalContentGroup own = (PDOptionalContentGroup) things.getProperties(
                        things.getPropertiesNames().iterator().next());
                assertEquals(i == 1, layers.isGroupEnabled(own), "page " + (i + 1));
            }
        }
    }

    @Test
    void attachedFilesComeAlongEqualOnesOnceOthersOfThatNameToo() throws IOException {
        Path out = joined(file("a", "Ann", true, "one"), file("b", "Ben", true, "two"), file("c", "Cy", true, "one"));
        assertEquals(Map.of("note.txt", "one", "note.txt-2", "two"), attached(out));
        Path parts = folder.resolve("parts");
        java.nio.file.Files.createDirectory(parts);
        try (PdfSource source = PdfSource.open(out, Optional.empty())) {
            List<Path> pieces = Splitter.write(source, Splitter.every(source, 2), parts, Progress.SILENT);
            assertEquals(2, attached(pieces.get(0)).size());
            assertEquals(Map.of(), attached(pieces.get(1)), "not with every part");
        }
    }

    private static Map<String, String> attached(Path file) throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            PDDocumentNameDictionary names = read.getDocumentCatalog().getNames();
            if (names == null || names.getEmbeddedFiles() == null) {
                return all;
            }
            for (Map.Entry<String, PDComplexFileSpecification> each :
                    names.getEmbeddedFiles().getNames().entrySet()) {
                assertNotNull(each.getValue().getEmbeddedFile());
                assertTrue(each.getValue().getFilename().equals("note.txt"));
                all.put(
                        each.getKey(),
                        new String(each.getValue().getEmbeddedFile().toByteArray(), StandardCharsets.US_ASCII));
            }
        }
        return all;
    }
}
