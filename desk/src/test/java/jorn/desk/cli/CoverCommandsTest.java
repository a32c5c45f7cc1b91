package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Covers from the command line: what there is, what one is made of, as a picture, with a number. */
class CoverCommandsTest extends CommandTest {
    private String made(String... more) {
        String file = folder.resolve("hive.jorn").toString();
        List<String> args = new ArrayList<>(
                List.of("new", "lined-journal", "-o", file, "--replace", "--title", "Hive Notes", "--author", "Ada"));
        args.addAll(List.of(more));
        assertEquals(0, jorn(args.toArray(String[]::new)), err.toString());
        return file;
    }

    private String picture(int width, int height) throws IOException {
        Path file = folder.resolve("p.png");
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file.toString();
    }

    private JsonNode part(String id) {
        for (JsonNode part : json().path("parts")) {
            if (part.path("id").asText().equals(id)) {
                return part;
            }
        }
        throw new AssertionError(id + " is not in " + json());
    }

    @Test
    void compositionsAreListed() {
        assertEquals(0, jorn("covers", "--json"));
        assertTrue(json().size() >= 36);
        assertTrue(json().get(0).path("name").asText().length() > 2);
        assertEquals(0, jorn("covers"));
        assertTrue(out.toString().contains("wreath\tWreath\t"), out.toString());
    }

    @Test
    void allFrontsFitIntoOnePicture() throws IOException {
        Path sheet = folder.resolve("sheet.png");
        assertEquals(0, jorn("covers", "--to", sheet.toString(), "--style", "kite", "--columns", "10"));
        assertTrue(ImageIO.read(sheet.toFile()).getWidth() > 2000);
        assertEquals(2, jorn("covers", "--to", sheet.toString(), "--columns", "0", "--replace"));
    }

    @Test
    void aCoverTellsItsPartsAndItsJudgement() {
        assertEquals(0, jorn("cover", made("--cover", "wreath", "--subtitle", "for the bee yard"), "--json"));
        assertEquals("wreath", json().path("composition").asText());
        JsonNode title = part("title");
        assertEquals("lettering", title.path("is").asText());
        assertEquals("Hive Notes", title.path("text").asText());
        assertEquals(4, title.path("box").size());
        assertTrue(title.path("box").get(0).asDouble() > 432, "it stands on the front, right of the back");
        assertTrue(json().at("/judgement/xHeightAt160").asDouble() >= 5);
        assertTrue(json().at("/judgement/contrast").asDouble() >= 3);
    }

    @Test
    void aPictureAloneFillsTheFront() throws IOException {
        assertEquals(0, jorn("cover", made("--picture", picture(1838, 2775)), "--json"));
        assertEquals("full-picture", json().path("composition").asText());
        JsonNode shown = json().path("pictures").get(0);
        assertEquals("p.png", shown.path("file").asText());
        // 6.125 × 9.25 in with bleed: 1838 × 2775 pixels are 300 to the inch.
        assertEquals(300, shown.path("dpi").asInt());
        made("--picture", picture(600, 600), "--cover", "arch");
        assertEquals(0, jorn("cover", folder.resolve("hive.jorn").toString(), "--json"));
        assertEquals("arch", json().path("composition").asText());
    }

    @Test
    void aNumberAndAPriceMakeABarcodeWhereThePublisherSuppliesIt() {
        String file = made("--press", "trade", "--isbn", "978-0-306-40615-7", "--cover-price", "12.99");
        assertEquals(0, jorn("cover", file, "--json"));
        // With the add-on 165 modules of 0.33 mm.
        assertEquals(165 * 0.33 * 72 / 25.4, part("barcode").path("box").get(2).asDouble(), 0.01);
        assertEquals("12.99", part("price").path("text").asText());
    }

    @Test
    void theCoverIsWrittenAsAPicture() throws IOException {
        Path png = folder.resolve("front.png");
        String file = made("--cover", "hills");
        assertEquals(0, jorn("cover", file, "--to", png.toString(), "--width", "400", "--front"));
        BufferedImage front = ImageIO.read(png.toFile());
        assertEquals(400, front.getWidth());
        assertEquals(600, front.getHeight());
        assertEquals(2, jorn("cover", file, "--to", png.toString(), "--width", "2", "--replace"));
    }

    @Test
    void numbersAreCheckedAndConverted() {
        assertEquals(0, jorn("isbn", "0-306-40615-2"));
        assertTrue(out.toString().contains("978-0-306-40615-7"), out.toString());
        assertEquals(0, jorn("isbn", "978", "0", "306", "40615", "7"));
        assertEquals(2, jorn("isbn", "978-0-306-40615-8"));
        assertTrue(err.toString().contains("7, not 8"), err.toString());
    }

    @Test
    void whatCannotBeIsRefusedInWords() {
        assertEquals(
                2, jorn("new", "lined-journal", "-o", folder.resolve("x.jorn").toString(), "--cover", "hologram"));
        assertTrue(err.toString().contains("wreath"), err.toString());
        assertEquals(
                2, jorn("new", "lined-journal", "-o", folder.resolve("x.jorn").toString(), "--cover-price", "dear"));
        assertTrue(err.toString().contains("9.99"), err.toString());
        assertEquals(
                2,
                jorn("new", "lined-journal", "-o", folder.resolve("x.jorn").toString(), "--picture", "/nowhere.png"));
        assertTrue(err.toString().contains("nowhere.png"), err.toString());
    }
}
