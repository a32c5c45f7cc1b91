package jorn.print;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
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
        return pictures(pdf, dpi, "-f", "" + page, "-l", "" + page).get(0);
    }

    /** All pages as poppler paints them. */
    public static List<BufferedImage> pictures(Path pdf, int dpi, String... which) throws IOException {
        Path target = Files.createTempDirectory("pages");
        List<String> command = new ArrayList<>(List.of("pdftoppm", "-r", "" + dpi, "-png"));
        command.addAll(List.of(which));
        command.addAll(List.of(pdf.toString(), target.resolve("p").toString()));
        run(command.toArray(String[]::new));
        List<BufferedImage> pictures = new ArrayList<>();
        try (Stream<Path> files = Files.list(target)) {
            for (Path file : files.sorted().toList()) {
                pictures.add(ImageIO.read(file.toFile()));
            }
        }
        return pictures;
    }
}
