package jorn.print.pdf;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.io.IOException;
import jorn.art.Picture;
import jorn.art.VectorPicture;
import jorn.scratch.Blob;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/** A drawing as a form of lines and areas. */
final class DrawnPicture {
    /** The longer side of the form in its own units. */
    private static final float SIDE = 1000;

    private DrawnPicture() {}

    static PDFormXObject form(PDDocument document, Picture picture) throws IOException {
        VectorPicture drawing = VectorPicture.of(Blob.of(picture.file().bytes()))
                .orElseThrow(() -> new IOException("no drawing: " + picture.name()));
        float scale = SIDE / Math.max(drawing.width(), drawing.height());
        float w = Math.max(1, drawing.width() * scale);
        float h = Math.max(1, drawing.height() * scale);
        PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, w, h);
        drawing.draw(g, w, h);
        g.dispose();
        return g.getXFormObject();
    }
}
