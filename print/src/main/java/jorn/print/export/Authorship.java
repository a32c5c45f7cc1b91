package jorn.print.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.measure.Trouble;
import jorn.print.pdf.PdfSink;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Who wrote a file: what Jorn wrote it may write again, what others wrote it does not write over unasked. */
public final class Authorship {
    private static final Logger LOG = Logger.getLogger(Authorship.class.getName());

    private Authorship() {}

    /** Those of the files that are there and were not written by Jorn. */
    public static List<Path> strangers(List<Path> files) {
        return files.stream().filter(f -> Files.exists(f) && !isOwn(f)).toList();
    }

    /**
     * Refuses to write over what others wrote.
     *
     * @throws Trouble that names the first such file
     */
    public static void refuseStrangers(List<Path> files) {
        List<Path> strangers = strangers(files);
        if (!strangers.isEmpty()) {
            throw Trouble.of("print.authorship.not-own", strangers.get(0).getFileName());
        }
    }

    /** Whether a PDF names Jorn as its producer (ISO 32000-1, 14.3.3). */
    private static boolean isOwn(Path file) {
        if (!Files.isRegularFile(file)) {
            return false;
        }
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return PdfSink.PROGRAM.equals(document.getDocumentInformation().getProducer());
        } catch (IOException | RuntimeException e) {
            LOG.log(Level.FINE, "It is no PDF that can be read, so it is none of ours.", e);
            return false;
        }
    }
}
