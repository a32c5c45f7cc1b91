package jorn.print.read;

import java.io.IOException;
import java.io.InputStream;
import java.util.IdentityHashMap;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDPage;
import org.jspecify.annotations.Nullable;

/**
 * Whether what pages are made of can be unpacked to its end: their content streams, and the forms and pictures that they draw (ISO 32000-1, 7.4.4;
 * RFC 1950 for the checksum). Readers draw what comes before a damaged place and say nothing. Each stream is unpacked once. A stream that has its last
 * block and lacks its checksum is whole: many programs write such.
 */
public final class WholeStreams {
    private static final int CHUNK = 1 << 16;
    private static final int HEAD = 2;
    private static final int DEEPEST = 12;

    /** What comes to more is not unpacked further: no page of a book does. */
    private static final long MOST = 1L << 30;

    private final IdentityHashMap<COSStream, Boolean> known = new IdentityHashMap<>();

    /** Whether all of a page can be unpacked. */
    public boolean isWhole(PDPage page) throws IOException {
        COSBase contents = page.getCOSObject().getDictionaryObject(COSName.CONTENTS);
        if (contents instanceof COSArray several) {
            for (int i = 0; i < several.size(); i++) {
                if (!isWhole(several.getObject(i), 0)) {
                    return false;
                }
            }
        } else if (!isWhole(contents, 0)) {
            return false;
        }
        COSDictionary resources =
                page.getResources() == null ? null : page.getResources().getCOSObject();
        return resources == null || areWhole(resources, 0);
    }

    private boolean areWhole(COSDictionary resources, int depth) throws IOException {
        COSDictionary drawn = resources.getCOSDictionary(COSName.XOBJECT);
        if (drawn == null || depth > DEEPEST) {
            return true;
        }
        for (COSName name : drawn.keySet()) {
            if (!isWhole(drawn.getDictionaryObject(name), depth + 1)) {
                return false;
            }
        }
        return true;
    }

    private boolean isWhole(@Nullable COSBase what, int depth) throws IOException {
        if (!(what instanceof COSStream stream)) {
            return true;
        }
        Boolean before = known.get(stream);
        if (before != null) {
            return before;
        }
        // A form may draw itself.
        known.put(stream, true);
        boolean whole = !isFlate(stream) || canBeUnpacked(stream);
        COSDictionary resources = stream.getCOSDictionary(COSName.RESOURCES);
        whole = whole && (resources == null || areWhole(resources, depth));
        known.put(stream, whole);
        return whole;
    }

    private static boolean isFlate(COSStream stream) {
        COSBase filters = stream.getFilters();
        COSBase first = filters instanceof COSArray all && all.size() > 0 ? all.getObject(0) : filters;
        return COSName.FLATE_DECODE.equals(first) || COSName.FLATE_DECODE_ABBREVIATION.equals(first);
    }

    private static boolean canBeUnpacked(COSStream stream) throws IOException {
        byte[] packed;
        try (InputStream in = stream.createRawInputStream()) {
            packed = in.readAllBytes();
        }
        return packed.length == 0
                || switch (unpacked(packed, 0)) {
                    case WHOLE -> true;
                    case ENDS_EARLY -> packed.length > HEAD && unpacked(packed, HEAD) == Outcome.WHOLE;
                    case DAMAGED -> false;
                };
    }

    private enum Outcome {
        WHOLE,
        ENDS_EARLY,
        DAMAGED
    }

    /** @param from 0 to look at the checksum too */
    private static Outcome unpacked(byte[] packed, int from) {
        Inflater inflater = new Inflater(from > 0);
        try {
            inflater.setInput(packed, from, packed.length - from);
            byte[] chunk = new byte[CHUNK];
            while (!inflater.finished() && inflater.getBytesWritten() < MOST) {
                if (inflater.inflate(chunk) == 0 && !inflater.finished()) {
                    return Outcome.ENDS_EARLY;
                }
            }
            return Outcome.WHOLE;
        } catch (DataFormatException e) {
            return Outcome.DAMAGED;
        } finally {
            inflater.end();
        }
    }
}
