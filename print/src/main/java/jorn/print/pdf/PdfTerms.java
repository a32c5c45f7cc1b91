package jorn.print.pdf;

import jorn.deliver.ColourPolicy;
import jorn.deliver.FileStandard;

/**
 * How a file is written.
 *
 * @param colours in which inks
 * @param standard that it follows
 */
public record PdfTerms(ColourPolicy colours, FileStandard standard) {
    /** An ordinary file with inks as they are mixed. */
    public static final PdfTerms ORDINARY = new PdfTerms(ColourPolicy.AS_MIXED, FileStandard.PLAIN);
}
