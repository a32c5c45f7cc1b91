package jorn.print.bindery;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javax.print.Doc;
import javax.print.DocFlavor;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.StreamPrintServiceFactory;
import jorn.art.Box;
import jorn.measure.Trouble;
import jorn.store.SafeFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.Orientation;
import org.apache.pdfbox.printing.PDFPageable;

/** Sends sheets to the machine's own printer, as large as they are; where it has none, writes what a printer would get into a file. */
public final class SheetPrinter {
    private static final DocFlavor PAGES = DocFlavor.SERVICE_FORMATTED.PAGEABLE;

    private SheetPrinter() {}

    /**
     * Where sheets went.
     *
     * @param printer its name; nothing where they were written into the file
     */
    public record Printed(Optional<String> printer) {}

    /**
     * Prints.
     *
     * @param pdf the sheets
     * @param otherwise where they are written as PostScript where the machine has no printer
     * @throws Trouble where the printer does not take them
     */
    public static Printed print(byte[] pdf, Box sheet, Path otherwise) {
        PrintService own = PrintServiceLookup.lookupDefaultPrintService();
        try (PDDocument file = Loader.loadPDF(pdf)) {
            boolean wide = sheet.width() > sheet.height();
            Doc pages = new SimpleDoc(
                    new PDFPageable(file, wide ? Orientation.LANDSCAPE : Orientation.PORTRAIT), PAGES, null);
            if (own != null && own.isDocFlavorSupported(PAGES)) {
                own.createPrintJob().print(pages, null);
                return new Printed(Optional.of(own.getName()));
            }
            StreamPrintServiceFactory[] writers =
                    StreamPrintServiceFactory.lookupStreamPrintServiceFactories(PAGES, "application/postscript");
            if (writers.length == 0) {
                throw Trouble.of("print.bindery.no-printer");
            }
            SafeFile.write(otherwise, out -> {
                try {
                    writers[0].getPrintService(out).createPrintJob().print(pages, null);
                } catch (PrintException e) {
                    throw new IOException(e);
                }
            });
            return new Printed(Optional.empty());
        } catch (IOException | PrintException e) {
            throw Trouble.because(e, "print.bindery.not-printed");
        }
    }
}
