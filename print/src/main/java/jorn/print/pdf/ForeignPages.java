package jorn.print.pdf;

import java.io.Closeable;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import jorn.art.ForeignPage;
import jorn.print.pdf.ArtWriter.Form;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Pages of PDF files made elsewhere, each taken in once as a form; the files stay open until the new one is written. */
final class ForeignPages implements Closeable {
    private final LayerUtility layers;
    private final Map<String, PDDocument> files = new HashMap<>();
    private final Map<ForeignPage, Form> forms = new HashMap<>();

    ForeignPages(PDDocument document) {
        this.layers = new LayerUtility(document);
    }

    Form form(ForeignPage page) throws IOException {
        Form known = forms.get(page);
        if (known == null) {
            PDDocument file = files.get(page.id());
            if (file == null) {
                file = Loader.loadPDF(page.bytes());
                files.put(page.id(), file);
            }
            COSName name = COSName.getPDFName("X" + (forms.size() + 1));
            known = new Form(name, layers.importPageAsForm(file, page.number() - 1));
            forms.put(page, known);
        }
        return known;
    }

    @Override
    public void close() throws IOException {
        for (PDDocument file : files.values()) {
            file.close();
        }
    }
}
