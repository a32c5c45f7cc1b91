package jorn.print.pdf;

import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSNull;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.pdfparser.xref.NormalXReference;
import org.apache.pdfbox.pdfparser.xref.XReferenceEntry;
import org.apache.pdfbox.pdfwriter.COSWriter;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;

/**
 * Writes a document straight to its file. The cross-reference stream at the end has an entry for itself too, which the
 * library's own writer leaves out, so that its Size is one more than the highest object number (ISO 32000-1, 7.5.8.2).
 */
final class CompleteWriter extends COSWriter {
    CompleteWriter(OutputStream out) {
        super(out, CompressParameters.DEFAULT_COMPRESSION);
    }

    @Override
    protected void addXRefEntry(XReferenceEntry entry) {
        super.getXRefEntries().add(entry);
    }

    /** Asked for when all objects are written and the cross-reference stream comes next, at this very place. */
    @Override
    protected List<XReferenceEntry> getXRefEntries() {
        List<XReferenceEntry> all = new ArrayList<>(super.getXRefEntries());
        long last = all.stream()
                .mapToLong(e -> e.getReferencedKey().getNumber())
                .max()
                .orElse(0);
        all.add(new NormalXReference(getStandardOutput().getPos(), new COSObjectKey(last + 1, 0), COSNull.NULL));
        return all;
    }
}
