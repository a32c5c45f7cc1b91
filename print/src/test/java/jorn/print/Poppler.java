package jorn.print;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;

/** Programs that read PDF and did not write it: poppler's and qpdf. */
public final class Poppler {
    private Poppler() {}

    /** What a program prints; fails where it ends with another code than 0. */
    public static String run(String... command) {
        try {
            Process process =
                    new ProcessBuilder(command).redirectErrorStream(true).start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertTrue(process.waitFor(60, TimeUnit.SECONDS), "still running: " + List.of(command));
            assertTrue(process.exitValue() == 0, () -> String.join(" ", command) + "\n" + said);
            return said;
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One page as poppler paints it. */
    public static BufferedImage picture(Path pdf, int page, int dpi) throws IOException {
        Path target = Files.createTempFile("page", "");
        run(
                "pdftoppm",
                "-r",
                "" + dpi,
                "-f",
                "" + page,
                "-l",
                "" + page,
                "-singlefile",
                "-png",
                pdf.toString(),
                target.toString());
        return ImageIO.read(Path.of(target + ".png").toFile());
    }
}
