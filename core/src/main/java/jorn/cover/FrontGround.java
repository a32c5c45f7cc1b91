package jorn.cover;

import java.util.Arrays;
import jorn.art.Box;
import jorn.art.Ink;

/**
 * What lies behind the words of a front, as pixels.
 *
 * @param width in pixels
 * @param height in pixels
 * @param rgb row by row, each 0xRRGGBB
 */
@SuppressWarnings("ArrayRecordComponent") // made once, changed by nobody
public record FrontGround(int width, int height, int[] rgb) {
    /** The share of the ground that words must stand out from: all but the worst tenth. */
    private static final double WORST = 0.1;

    private int[] inside(Box box, Box front) {
        int x0 = clamp((int) Math.floor((box.x() - front.x()) / front.width() * width), width - 1);
        int x1 = clamp((int) Math.ceil((box.right() - front.x()) / front.width() * width), width);
        int y0 = clamp((int) Math.floor((box.y() - front.y()) / front.height() * height), height - 1);
        int y1 = clamp((int) Math.ceil((box.bottom() - front.y()) / front.height() * height), height);
        int[] all = new int[Math.max(0, x1 - x0) * Math.max(0, y1 - y0)];
        int n = 0;
        for (int y = y0; y < y1; y++) {
            for (int x = x0; x < x1; x++) {
                all[n++] = rgb[y * width + x];
            }
        }
        return all;
    }

    private static int clamp(int wanted, int most) {
        return Math.max(0, Math.min(most, wanted));
    }

    private static Ink ink(int rgb) {
        return new Ink.Rgb(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255);
    }

    /**
     * The contrast of an ink with the ground under a box, 1 to 21 (WCAG 2.2, contrast ratio): that which nine tenths of the ground
     * reach.
     */
    public double contrast(Ink words, Box box, Box front) {
        double[] all = Arrays.stream(inside(box, front))
                .mapToDouble(p -> words.contrast(ink(p)))
                .sorted()
                .toArray();
        return all.length == 0 ? 1 : all[(int) (all.length * WORST)];
    }

    /** How restless the ground under a box is: the spread (standard deviation) of its lightness, 0 to 50, in hundredths of white. */
    public double unrest(Box box, Box front) {
        double[] all = Arrays.stream(inside(box, front))
                .mapToDouble(p -> 100 * Math.sqrt(ink(p).luminance()))
                .toArray();
        double mean = Arrays.stream(all).average().orElse(0);
        return Math.sqrt(
                Arrays.stream(all).map(v -> (v - mean) * (v - mean)).average().orElse(0));
    }
}
