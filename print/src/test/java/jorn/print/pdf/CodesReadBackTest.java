package jorn.print.pdf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.ResultMetadataType;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.code.AddOn;
import jorn.code.BookBarcode;
import jorn.code.Isbn;
import jorn.code.QrSymbol;
import jorn.print.Poppler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Symbols are read back from the file by programs that did not draw them: poppler paints, ZXing and zbar read. */
class CodesReadBackTest {
    private static final int DPI = 600;
    private static final Path ZBAR = Path.of("/usr/bin/zbarimg");

    @TempDir
    Path folder;

    private BufferedImage painted(List<Mark> marks, Box room) throws IOException {
        Path pdf = folder.resolve("symbol.pdf");
        try (PdfSink sink = new PdfSink("t", "a");
                var out = Files.newOutputStream(pdf)) {
            sink.add(new PageArt(room, room, marks));
            sink.writeTo(out);
        }
        return Poppler.picture(pdf, 1, DPI);
    }

    private static Result read(BufferedImage image, Map<DecodeHintType, ?> hints) throws NotFoundException {
        int w = image.getWidth();
        int h = image.getHeight();
        int[] rgb = image.getRGB(0, 0, w, h, null, 0, w);
        return new MultiFormatReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(w, h, rgb))), hints);
    }

    @ParameterizedTest
    @CsvSource({"0.8, false", "1, false", "2, false", "0.8, true", "1, true", "2, true"})
    void aBooksNumberIsReadAtEverySize(double size, boolean priced) throws Exception {
        Optional<AddOn> price = priced ? Optional.of(new AddOn("51299")) : Optional.empty();
        BookBarcode code = new BookBarcode(Isbn.parse("978-0-306-40615-7"), price, size);
        Box room =
                new Box(0, 0, code.room().width().points(), code.room().height().points());
        BufferedImage image = painted(code.marks(), room);
        Map<DecodeHintType, ?> hints = priced
                ? Map.of(
                        DecodeHintType.POSSIBLE_FORMATS,
                        List.of(BarcodeFormat.EAN_13),
                        DecodeHintType.ALLOWED_EAN_EXTENSIONS,
                        new int[] {5})
                : Map.of(DecodeHintType.POSSIBLE_FORMATS, List.of(BarcodeFormat.EAN_13));
        Result result = read(image, hints);
        assertEquals("9780306406157", result.getText());
        if (priced) {
            assertEquals("51299", result.getResultMetadata().get(ResultMetadataType.UPC_EAN_EXTENSION));
        }
        module(image, size);
    }

    /** The first bar behind the light margin begins after 11 modules of 0.33 mm and is one module wide (GS1, 5.2.3). */
    private static void module(BufferedImage image, double size) {
        int y = image.getHeight() / 2;
        int x = 0;
        while ((image.getRGB(x, y) & 255) > 128) {
            x++;
        }
        int end = x;
        while ((image.getRGB(end, y) & 255) < 128) {
            end++;
        }
        double module = 0.33 * size / 25.4 * DPI;
        assertEquals(11 * module, x, 1.5);
        assertEquals(module, end - x, 1.5);
    }

    @Test
    void anotherReaderReadsItToo() throws Exception {
        assumeTrue(Files.exists(ZBAR), "zbar is not installed here");
        BookBarcode code = new BookBarcode(Isbn.parse("978-3-16-148410-0"), Optional.empty(), 1);
        Box room =
                new Box(0, 0, code.room().width().points(), code.room().height().points());
        Path png = folder.resolve("symbol.png");
        ImageIO.write(painted(code.marks(), room), "png", png.toFile());
        assertTrue(Poppler.run(ZBAR.toString(), "-q", png.toString()).contains("9783161484100"));
    }

    @Test
    void aQrCodeIsReadAtTheLeastModule() throws Exception {
        QrSymbol code = QrSymbol.of("https://skep-and-sedge.example/hive?page=7");
        double side = code.smallestSide().points();
        Box room = new Box(0, 0, side, side);
        Result result = read(
                painted(code.marks(room), room),
                Map.of(DecodeHintType.POSSIBLE_FORMATS, List.of(BarcodeFormat.QR_CODE)));
        assertEquals("https://skep-and-sedge.example/hive?page=7", result.getText());
    }
}
