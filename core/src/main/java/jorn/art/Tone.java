package jorn.art;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.say.Label;
import org.jspecify.annotations.Nullable;

/**
 * How a picture is coloured when it is drawn.
 *
 * @param kind what becomes of its colours
 * @param dark what its darkest becomes, where two inks are used
 * @param light what its lightest becomes, where two inks are used
 * @param lighter 0 as it is, to 1 for the white of the paper
 */
public record Tone(ToneKind kind, @Nullable Ink dark, @Nullable Ink light, double lighter) {
    /** What becomes of the colours. */
    public enum ToneKind {
        @Label("art.tone.as-it-is")
        AS_IT_IS("as-it-is"),
        @Label("art.tone.greys")
        GREYS("greys"),
        /** Dark and light become two colours, and what lies between them a mixture. */
        @Label("art.tone.two-inks")
        TWO_INKS("two-inks");

        private final String id;

        ToneKind(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** Its own colours. */
    public static final Tone AS_IT_IS = new Tone(ToneKind.AS_IT_IS, null, null, 0);

    public Tone {
        kind = kind == null ? ToneKind.AS_IT_IS : kind;
        lighter = Math.min(1, Math.max(0, lighter));
    }

    /** Dark and light as two colours. */
    public static Tone twoInks(Ink dark, Ink light) {
        return new Tone(ToneKind.TWO_INKS, dark, light, 0);
    }

    /** The same, lightened. */
    public Tone lightened(double share) {
        return new Tone(kind, dark, light, share);
    }

    /** Whether nothing is changed. */
    public boolean isNone() {
        return kind == ToneKind.AS_IT_IS && lighter == 0;
    }

    /**
     * What a pixel becomes.
     *
     * @param rgb as 0xRRGGBB
     */
    public int of(int rgb) {
        int r = rgb >> 16 & 255;
        int g = rgb >> 8 & 255;
        int b = rgb & 255;
        if (kind != ToneKind.AS_IT_IS) {
            // Luma of ITU-R BT.709 on the values as they are stored.
            double level = (0.2126 * r + 0.7152 * g + 0.0722 * b) / 255;
            int[] from = kind == ToneKind.TWO_INKS && dark != null ? dark.rgb() : new int[] {0, 0, 0};
            int[] to = kind == ToneKind.TWO_INKS && light != null ? light.rgb() : new int[] {255, 255, 255};
            r = mix(from[0], to[0], level);
            g = mix(from[1], to[1], level);
            b = mix(from[2], to[2], level);
        }
        return mix(r, 255, lighter) << 16 | mix(g, 255, lighter) << 8 | mix(b, 255, lighter);
    }

    private static int mix(int from, int to, double share) {
        return (int) Math.round(from + (to - from) * share);
    }
}
