package jorn.art;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.measure.Trouble;

/**
 * Where a picture comes from and what may be done with it, as the user knows it.
 *
 * @param source where it was had: a place or an address; may be empty
 * @param author who made it; may be empty
 * @param licence under which it was had; may be empty
 * @param copies how many printed copies the licence allows; none for no limit
 * @param generated whether a generator made it, which presses ask about
 */
@RecordBuilder
public record PictureCredit(String source, String author, String licence, Optional<Integer> copies, boolean generated)
        implements PictureCreditBuilder.With {
    /** Nothing is known. */
    public static final PictureCredit UNKNOWN = new PictureCredit("", "", "", Optional.empty(), false);

    private static final int LONGEST = 400;

    public PictureCredit {
        source = within(source);
        author = within(author);
        licence = within(licence);
        copies = copies == null ? Optional.empty() : copies;
        if (copies.isPresent() && copies.get() < 1) {
            throw Trouble.of("art.picture-credit.bad-copies", copies.get());
        }
    }

    private static String within(String words) {
        String said = words == null ? "" : words.strip();
        return said.length() <= LONGEST ? said : said.substring(0, LONGEST);
    }
}
