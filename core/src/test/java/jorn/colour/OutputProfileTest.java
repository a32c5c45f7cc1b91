package jorn.colour;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The profile that files carry, held against the colour engine of the platform, which read it and did not make it. */
class OutputProfileTest {
    @Test
    void whatShipsIsWhatIsMade() throws IOException {
        byte[] made = OutputProfile.made();
        String folder = System.getProperty("approve");
        if (folder != null) {
            Files.write(Path.of(folder, "cgats-tr-001-output.icc"), made);
        }
        assertArrayEquals(made, OutputProfile.shipped());
    }

    @Test
    void itIsAProfileOfAPrinterWithFourInks() {
        ICC_Profile profile = ICC_Profile.getInstance(OutputProfile.shipped());
        assertEquals(ICC_Profile.CLASS_OUTPUT, profile.getProfileClass());
        assertEquals(ColorSpace.TYPE_CMYK, profile.getColorSpaceType());
    }

    @Test
    void thePlatformFindsInksThatLookLikeTheColour() {
        ICC_ColorSpace space = new ICC_ColorSpace(ICC_Profile.getInstance(OutputProfile.shipped()));
        for (int rgb : new int[] {0xA1352A, 0x27496D, 0xC9A24A, 0x808080, 0x6B8E23, 0xE8D8B0}) {
            float[] light = {(rgb >> 16 & 255) / 255f, (rgb >> 8 & 255) / 255f, (rgb & 255) / 255f};
            float[] inks = space.fromRGB(light);
            Lab seen = PrintCondition.shipped().colour(inks[0], inks[1], inks[2], inks[3]);
            Lab wanted = Lab.ofRgb(new int[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255});
            assertEquals(0, seen.distance(wanted), 9, Integer.toHexString(rgb) + " becomes " + seen);
        }
    }
}
