package jorn.cover;

import java.util.Arrays;
import jorn.colour.Lab;
import jorn.press.Finish;

/**
 * Which film suits a cover: matte for much white or much black, gloss for much colour (common practice).
 *
 * @param plain the share of the front that is about white or about black, 0 to 1
 * @param coloured the share that is strongly coloured, 0 to 1
 */
public record FinishAdvice(double plain, double coloured) {
    /** Lighter than this is white for a buyer, and darker than that black; both without much colour. */
    private static final double WHITE = 88;

    private static final double BLACK = 25;
    private static final double GREYISH = 14;

    /** From here on a colour is strong. */
    private static final double STRONG = 28;

    /** @param front all that is on the front */
    public static FinishAdvice of(FrontGround front) {
        long plain = Arrays.stream(front.rgb()).filter(c -> isPlain(lab(c))).count();
        long coloured =
                Arrays.stream(front.rgb()).filter(c -> chroma(lab(c)) >= STRONG).count();
        double all = Math.max(1, front.rgb().length);
        return new FinishAdvice(plain / all, coloured / all);
    }

    private static Lab lab(int rgb) {
        return Lab.ofRgb(new int[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255});
    }

    private static double chroma(Lab lab) {
        return Math.hypot(lab.a(), lab.b());
    }

    private static boolean isPlain(Lab lab) {
        return chroma(lab) <= GREYISH && (lab.l() >= WHITE || lab.l() <= BLACK);
    }

    /** The film that suits it. */
    public Finish best() {
        return coloured > plain ? Finish.GLOSS : Finish.MATTE;
    }
}
