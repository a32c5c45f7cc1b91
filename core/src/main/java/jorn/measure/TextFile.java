package jorn.measure;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** Text files of other programs, in whichever of the customary encodings they are. */
public final class TextFile {
    private static final int LARGEST_MB = 20;

    private TextFile() {}

    /**
     * A text file: UTF-16 where it says so at its start, otherwise UTF-8 or, failing that, Windows' western letters.
     *
     * @throws Trouble where it cannot be read, is no text, or is larger than 20 MB
     */
    public static String read(Path file) {
        String text = decode(SmallFile.read(file, LARGEST_MB)).replace("\uFEFF", "");
        if (text.indexOf('\0') >= 0) {
            throw Trouble.of("measure.text-file.no-text-file", file.getFileName());
        }
        return text;
    }

    private static String decode(byte[] bytes) {
        boolean wide = bytes.length >= 2
                && (((bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE)
                        || ((bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF));
        if (wide) {
            return new String(bytes, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }
}
