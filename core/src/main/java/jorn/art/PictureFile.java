package jorn.art;

import com.twelvemonkeys.imageio.metadata.Directory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.exif.EXIF;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegment;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import jorn.scratch.Blob;

/** The file of a picture, untouched, and what it says of itself. What is asked once is kept. */
public final class PictureFile {
    /** The picture is not there. */
    public static final PictureFile MISSING = new PictureFile(Blob.EMPTY, Optional.empty());

    private static final Logger LOG = Logger.getLogger(PictureFile.class.getName());

    private final Blob blob;
    /** By which it is told whether it is the file that it should be; nothing where it is known to be. */
    private final Optional<String> id;

    private Optional<Facts> facts = Optional.empty();
    private Optional<Harm> harm = Optional.empty();
    private boolean factsRead;
    private boolean harmRead;

    /**
     * What a file says of its picture.
     *
     * @param width in pixels, upright
     * @param height in pixels, upright
     * @param orientation how it is turned to be upright
     * @param bands how many inks or lights each pixel has, with transparency as one of them
     * @param bits of each of them
     * @param kind of file
     */
    public record Facts(int width, int height, Orientation orientation, int bands, int bits, Kind kind) {
        /** Kinds of file. */
        public enum Kind {
            JPEG,
            PNG,
            TIFF,
            WEBP,
            /** A drawing of lines and areas, sharp at any size. */
            SVG,
            OTHER
        }
    }

    /** What may be wrong with a file that is there. */
    public enum Harm {
        /** Its end is missing. */
        CUT("art.picture-file.cut"),
        /** It cannot be read through. */
        BROKEN("art.picture-file.broken"),
        /** It is another file than the one that was brought in. */
        CHANGED("art.picture-file.changed");

        private final String key;

        Harm(String key) {
            this.key = key;
        }

        /** Key of the sentence that says so of a name. */
        public String key() {
            return key;
        }
    }

    private PictureFile(Blob blob, Optional<String> id) {
        this.blob = blob;
        this.id = id;
    }

    public static PictureFile of(Blob blob) {
        return blob.isEmpty() ? MISSING : new PictureFile(blob, Optional.empty());
    }

    /** A file of which it is not known yet whether it is the one of this id. */
    static PictureFile claimed(Blob blob, String id) {
        return blob.isEmpty() ? MISSING : new PictureFile(blob, Optional.of(id));
    }

    public boolean isMissing() {
        return blob.isEmpty();
    }

    public long length() {
        return blob.length();
    }

    /** The caller closes it. */
    public InputStream open() throws IOException {
        return blob.open();
    }

    Blob blob() {
        return blob;
    }

    public byte[] bytes() throws IOException {
        return blob.bytes();
    }

    /** What it says of itself; nothing where it is no picture that Jorn reads. */
    public synchronized Optional<Facts> facts() {
        if (!factsRead) {
            facts = readFacts();
            factsRead = true;
        }
        return facts;
    }

    /** What is wrong with it, found by reading the file through without making a picture of it: it takes a while. */
    public synchronized Optional<Harm> harm() {
        if (!harmRead) {
            harmRead = true;
            harm = isMissing() ? Optional.empty() : isChanged() ? Optional.of(Harm.CHANGED) : readHarm();
        }
        return harm;
    }

    private boolean isChanged() {
        return id.filter(i -> !i.equals(Picture.idOf(blob))).isPresent();
    }

    private Optional<Harm> readHarm() {
        Facts.Kind kind = facts().map(Facts::kind).orElse(Facts.Kind.OTHER);
        if (kind == Facts.Kind.SVG) {
            // It has been read as a whole to know how large it is.
            return Optional.empty();
        }
        if (kind == Facts.Kind.TIFF || kind == Facts.Kind.WEBP) {
            return PictureDecoder.harm(this);
        }
        try {
            return PictureScan.harm(blob, kind);
        } catch (IOException e) {
            LOG.log(Level.FINE, "A picture cannot be read through.", e);
            return Optional.of(Harm.BROKEN);
        }
    }

    private Optional<Facts> readFacts() {
        if (isMissing()) {
            return Optional.empty();
        }
        try (InputStream file = blob.open();
                ImageInputStream in = ImageIO.createImageInputStream(file)) {
            if (VectorPicture.isOne(blob)) {
                return VectorPicture.of(blob)
                        .map(v -> new Facts(v.width(), v.height(), Orientation.UPRIGHT, 4, 8, Facts.Kind.SVG));
            }
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return Optional.of(facts(reader));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Readers say in many ways that a head is damaged.
            LOG.log(Level.FINE, "A picture's head cannot be read.", e);
            return Optional.empty();
        }
    }

    private Facts facts(ImageReader reader) throws IOException {
        int w = reader.getWidth(0);
        int h = reader.getHeight(0);
        Facts.Kind kind =
                switch (reader.getFormatName().toLowerCase(java.util.Locale.ROOT)) {
                    case "jpeg", "jpg" -> Facts.Kind.JPEG;
                    case "png" -> Facts.Kind.PNG;
                    case "tif", "tiff" -> Facts.Kind.TIFF;
                    case "webp" -> Facts.Kind.WEBP;
                    default -> Facts.Kind.OTHER;
                };
        Orientation turned =
                kind == Facts.Kind.JPEG ? orientation() : kind == Facts.Kind.TIFF ? ofTiff() : Orientation.UPRIGHT;
        boolean known = kind == Facts.Kind.PNG || kind == Facts.Kind.JPEG;
        int[] depth = known ? PictureScan.depth(blob, kind) : depth(reader);
        return new Facts(turned.swapped() ? h : w, turned.swapped() ? w : h, turned, depth[0], depth[1], kind);
    }

    private static int[] depth(ImageReader reader) throws IOException {
        var type = reader.getRawImageType(0);
        if (type == null) {
            return new int[] {4, 8};
        }
        return new int[] {type.getNumBands(), Math.max(8, type.getBitsPerBand(0))};
    }

    private Orientation ofTiff() {
        try (InputStream file = blob.open();
                ImageInputStream in = ImageIO.createImageInputStream(file)) {
            Entry tag = new TIFFReader().read(in).getEntryById(TIFF.TAG_ORIENTATION);
            return tag != null && tag.getValue() instanceof Number n
                    ? Orientation.ofTag(n.intValue())
                    : Orientation.UPRIGHT;
        } catch (IOException | RuntimeException e) {
            LOG.log(Level.FINE, "What is noted in a picture cannot be read.", e);
            return Orientation.UPRIGHT;
        }
    }

    private Orientation orientation() {
        return exif().map(d -> d.getEntryById(TIFF.TAG_ORIENTATION))
                .map(Entry::getValue)
                .filter(Number.class::isInstance)
                .map(v -> Orientation.ofTag(((Number) v).intValue()))
                .orElse(Orientation.UPRIGHT);
    }

    /**
     * What a camera noted in the file.
     *
     * @param description in words; may be empty
     * @param taken when, as {@code 2026:05:03 14:20:11}; may be empty
     */
    public record CameraNotes(String description, String taken) {}

    /** What a camera noted; empty words where it did not. */
    public CameraNotes notes() {
        Optional<Directory> own = exif();
        Optional<Directory> more = own.map(d -> d.getEntryById(TIFF.TAG_EXIF_IFD))
                .map(Entry::getValue)
                .filter(Directory.class::isInstance)
                .map(Directory.class::cast);
        return new CameraNotes(text(own, TIFF.TAG_IMAGE_DESCRIPTION), text(more, EXIF.TAG_DATE_TIME_ORIGINAL));
    }

    private static String text(Optional<Directory> directory, int tag) {
        return directory
                .map(d -> d.getEntryById(tag))
                .map(e -> String.valueOf(e.getValue()).strip())
                .orElse("");
    }

    /** What stands beside the picture in a JPEG. */
    private Optional<Directory> exif() {
        try (InputStream file = blob.open();
                ImageInputStream in = ImageIO.createImageInputStream(file)) {
            List<JPEGSegment> segments = JPEGSegmentUtil.readSegments(in, JPEG.APP1, "Exif");
            if (segments.isEmpty()) {
                return Optional.empty();
            }
            byte[] data;
            try (InputStream segment = segments.get(0).data()) {
                // The name ends with two zeros, of which one has been read.
                data = segment.readNBytes(1).length == 0 ? new byte[0] : segment.readAllBytes();
            }
            return Optional.of(new TIFFReader().read(new ByteArrayImageInputStream(data)));
        } catch (IOException | RuntimeException e) {
            LOG.log(Level.FINE, "What the camera noted cannot be read.", e);
            return Optional.empty();
        }
    }
}
