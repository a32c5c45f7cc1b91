package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.measure.Trouble;

/**
 * What stands on the back and the spine beside the description.
 *
 * @param headline above the description; the book's subtitle where it is empty
 * @param publisher the imprint; the author where it is empty
 * @param price in words as it is printed: "12.99"; empty for none
 * @param insides whether small pictures of inside pages are shown
 * @param sample whether a piece of a page is shown at true size
 * @param upward whether the words on the spine read upward; by the language's habit where absent
 * @param qr what a QR code leads to; empty for none
 * @param portrait id of the picture of whoever made the book
 */
@RecordBuilder
public record BackMatter(
        String headline,
        String publisher,
        String price,
        Boolean insides,
        boolean sample,
        Optional<Boolean> upward,
        String qr,
        Optional<String> portrait)
        implements BackMatterBuilder.With {
    /** Pictures of inside pages, and nothing typed yet. */
    public static final BackMatter CUSTOMARY =
            new BackMatter("", "", "", true, false, Optional.empty(), "", Optional.empty());

    private static final int LONGEST = 600;

    public BackMatter {
        headline = within(headline);
        publisher = within(publisher);
        price = within(price);
        insides = insides == null || insides;
        upward = upward == null ? Optional.empty() : upward;
        qr = within(qr);
        portrait = portrait == null ? Optional.empty() : portrait;
    }

    private static String within(String words) {
        String said = words == null ? "" : words;
        if (said.length() > LONGEST) {
            throw Trouble.of("book.part-edit.too-long", said.length(), LONGEST);
        }
        return said;
    }
}
