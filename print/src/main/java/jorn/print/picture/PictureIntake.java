package jorn.print.picture;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.art.Picture;

/** Takes pictures in from files of any kind that Jorn knows. */
public final class PictureIntake {
    private PictureIntake() {}

    /**
     * A picture from a file.
     *
     * @throws IOException where the file cannot be read
     * @throws jorn.measure.Trouble where it is no picture, or damaged
     */
    public static Picture of(Path file) throws IOException {
        return Picture.of(String.valueOf(file.getFileName()), Files.readAllBytes(file));
    }
}
