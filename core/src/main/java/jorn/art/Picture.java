package jorn.art;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.IOException;
import java.io.InputStream;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.scratch.Blob;
import jorn.scratch.Checksum;

/**
 * A picture as it was brought in: its file, untouched. Two pictures with the same bytes are the same picture.
 *
 * @param id first part of the SHA-256 of its bytes
 * @param name of the file that it came from
 * @param width in pixels, upright; 0 where the picture is missing
 * @param height in pixels, upright; 0 where the picture is missing
 * @param file what is in it; empty where the picture is missing
 * @param credit where it comes from and what may be done with it
 */
public record Picture(
        @Required String id,
        @Required String name,
        int width,
        int height,
        @JsonIgnore PictureFile file,
        PictureCredit credit) {
    /** More pixels than this on a side cannot be handled well. */
    private static final int MOST_PIXELS = 20_000;

    private static final int ID_LETTERS = 24;

    public Picture {
        file = file == null ? PictureFile.MISSING : file;
        credit = credit == null ? PictureCredit.UNKNOWN : credit;
    }

    /** Of which it is not said where it comes from. */
    public Picture(String id, String name, int width, int height, PictureFile file) {
        this(id, name, width, height, file, PictureCredit.UNKNOWN);
    }

    /** Its name without the ending of its file. */
    @JsonIgnore
    public String bareName() {
        return name.replaceFirst("\\.[A-Za-z]{3,4}$", "");
    }

    /** The same with what is known of its source. */
    public Picture withCredit(PictureCredit other) {
        return new Picture(id, name, width, height, file, other);
    }

    /** As {@link #of(String, Blob)}. */
    public static Picture of(String name, byte[] bytes) {
        return of(name, Blob.of(bytes));
    }

    /**
     * A picture from a file's bytes.
     *
     * @throws Trouble where the bytes are no picture of a kind that Jorn reads (PNG, JPEG, TIFF, WebP, SVG), or the file is cut short or damaged
     */
    public static Picture of(String name, Blob bytes) {
        PictureFile file = PictureFile.of(bytes);
        PictureFile.Facts facts = file.facts()
                .filter(f -> f.kind() != PictureFile.Facts.Kind.OTHER)
                .orElseThrow(() -> Trouble.of("art.picture.not-picture-jorn-can", name));
        if (facts.width() > MOST_PIXELS || facts.height() > MOST_PIXELS) {
            throw Trouble.of("art.picture.has-pixels-more-than", name, facts.width(), facts.height(), MOST_PIXELS);
        }
        file.harm().ifPresent(harm -> {
            throw Trouble.of(Message.of(harm.key(), name), Message.of("art.picture-file.do"));
        });
        return new Picture(idOf(bytes), name, facts.width(), facts.height(), file);
    }

    /** The first part of the SHA-256 of the bytes. */
    static String idOf(Blob bytes) {
        return Checksum.of(bytes, ID_LETTERS);
    }

    /** The same picture with its file, which is known to be its own. */
    public Picture withFile(PictureFile own) {
        return new Picture(id, name, width, height, own, credit);
    }

    /**
     * The same picture with the file that a book holds for it. Whether it is the one that was brought in shows in its checksum; how
     * large it is and which way up, in the file itself.
     *
     * @param most bytes that are read
     * @throws IOException where it cannot be read
     */
    public Picture withFile(InputStream in, long most) throws IOException {
        PictureFile own = PictureFile.claimed(Blob.of(in, most), id);
        return own.facts()
                .filter(f -> f.width() <= MOST_PIXELS && f.height() <= MOST_PIXELS)
                .map(f -> new Picture(id, name, f.width(), f.height(), own, credit))
                .orElseGet(() -> withFile(own));
    }

    @JsonIgnore
    public boolean isMissing() {
        return file.isMissing();
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Picture p && id.equals(p.id) && isMissing() == p.isMissing() && credit.equals(p.credit);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return name + " (" + width + " × " + height + ")";
    }
}
