package jorn.art;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.util.HexFormat;
import java.util.Optional;
import jorn.art.PictureFile.Facts.Kind;
import jorn.art.PictureFile.Harm;
import jorn.scratch.Blob;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files of pictures read through, segment by segment: ITU-T T.81, annex B, written here byte by byte. */
class PictureScanTest {
    private static Blob bytes(String hex) {
        return Blob.of(HexFormat.of().parseHex(hex.replace(" ", "")));
    }

    @ParameterizedTest
    @CsvSource({
        // Start, a scan with coded pixels, end; a stuffed zero is no marker, nor is a filled FF.
        "FFD8 FFDA 0003 00 1234 FFD9, ",
        "FFD8 FFDA 0003 00 12 FF00 34 FFFF FFD9, ",
        // Markers that stand alone: restarts within the scan, the first and the last of them, and the temporary one
        // before it.
        "FFD8 FFDA 0003 00 12 FFD0 34 FFD7 56 FFD9, ",
        "FFD8 FF01 FFDA 0003 00 12 FFD9, ",
        // A comment before the scan is passed over whole, whatever is in it.
        "FFD8 FFFE 0006 FFD9FFD9 FFDA 0003 00 12 FFD9, ",
        "FFD8 FFFE 0002 FFDA 0003 00 12 FFD9, ",
        // Nothing was scanned; a segment that is shorter than its length; no start.
        "FFD8 FFD9, BROKEN",
        "FFD8 FFFE 0002 FFD9, BROKEN",
        "FFD8 FFFE 0001 FFDA 0003 00 12 FFD9, BROKEN",
        "FFD9 FFDA 0003 00 12 FFD9, BROKEN",
        // Cut: in the scan, in a length, in a comment.
        "FFD8 FFDA 0003 00 12, CUT",
        "FFD8 FFDA 00, CUT",
        "FFD8 FFFE 0010 0000, CUT",
        "FF, CUT"
    })
    void aJpeg(String hex, String harm) throws IOException {
        assertEquals(Optional.ofNullable(harm).map(Harm::valueOf), PictureScan.harm(bytes(hex), Kind.JPEG));
    }

    /** Frames of every kind say bits and bands; C4, C8 and CC are none. */
    @ParameterizedTest
    @CsvSource({
        "FFD8 FFC0 0011 08 0010 0010 03 00, 3, 8",
        "FFD8 FFC2 000B 08 0010 0010 01 00, 1, 8",
        "FFD8 FFCF 000B 0C 0010 0010 04 00, 4, 12",
        "FFD8 FFC4 0004 0000 FFC0 0011 08 0010 0010 03 00, 3, 8",
        "FFD8 FFC8 0004 0000 FFC1 0011 08 0010 0010 03 00, 3, 8",
        "FFD8 FFCC 0004 0000 FFC3 0011 08 0010 0010 03 00, 3, 8",
        "FFD8 FFE0 0004 0000 FFC0 0011 08 0010 0010 01 00, 1, 8",
        "FFD8 FFBF 0004 0000 FFD0 0004 0000 FFC0 0011 08 0010 0010 01 00, 1, 8"
    })
    void howDeepAJpegIs(String hex, int bands, int bits) throws IOException {
        assertArrayEquals(new int[] {bands, bits}, PictureScan.depth(bytes(hex), Kind.JPEG));
    }
}
