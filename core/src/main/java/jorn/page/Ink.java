package jorn.page;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Locale;
import jorn.measure.Trouble;

/** A colour as it is printed: black and its tints, or red, green and blue. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "ink")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Ink.Black.class, name = "black"),
    @JsonSubTypes.Type(value = Ink.Rgb.class, name = "rgb")
})
public sealed interface Ink {
    /** Full black. */
    Ink BLACK = new Black(1);
    /** Bare paper. */
    Ink WHITE = new Black(0);

    /** Red, green and blue, each 0 to 255. */
    int[] rgb();

    /**
     * Black ink.
     *
     * @param strength the tint: 0 is bare paper, 1 full black
     */
    record Black(double strength) implements Ink {
        public Black {
            strength = Math.min(1, Math.max(0, strength));
        }

        @Override
        public int[] rgb() {
            int level = (int) Math.round(255 * (1 - strength));
            return new int[] {level, level, level};
        }
    }

    /** Red, green and blue, each 0 to 255. */
    record Rgb(int red, int green, int blue) implements Ink {
        public Rgb {
            if (red < 0 || red > 255 || green < 0 || green > 255 || blue < 0 || blue > 255) {
                throw Trouble.of("A colour part is out of range.", "Red, green and blue run from 0 to 255.");
            }
        }

        @Override
        public int[] rgb() {
            return new int[] {red, green, blue};
        }
    }

    /** A tint of black, 0 to 1. */
    static Ink black(double strength) {
        return new Black(strength);
    }

    /**
     * Reads six hexadecimal figures, with or without #.
     *
     * @throws Trouble with an example
     */
    static Ink hex(String text) {
        String s = text.strip().replaceFirst("^#", "");
        if (!s.matches("[0-9a-fA-F]{6}")) {
            throw Trouble.of(
                    "“" + text.strip() + "” is not a colour.", "Write six figures or letters a to f, such as C9A24A.");
        }
        int v = Integer.parseInt(s, 16);
        return new Rgb(v >> 16, v >> 8 & 255, v & 255);
    }

    /** As {@link #hex} reads it. */
    default String hex() {
        int[] c = rgb();
        return String.format(Locale.ROOT, "%02X%02X%02X", c[0], c[1], c[2]);
    }

    /**
     * The same colour mixed with the white of the paper, so that nothing need be transparent in print.
     *
     * @param opacity 1 as it is, 0 bare paper
     */
    default Ink faded(double opacity) {
        if (this instanceof Black b) {
            return new Black(b.strength() * opacity);
        }
        int[] c = rgb();
        return new Rgb(fade(c[0], opacity), fade(c[1], opacity), fade(c[2], opacity));
    }

    private static int fade(int part, double opacity) {
        return Math.min(255, Math.max(0, (int) Math.round(255 - (255 - part) * opacity)));
    }

    /** Relative luminance, 0 to 1, as WCAG 2.1 defines it. */
    default double luminance() {
        int[] c = rgb();
        return 0.2126 * linear(c[0]) + 0.7152 * linear(c[1]) + 0.0722 * linear(c[2]);
    }

    /** Contrast ratio with another colour, 1 to 21, as WCAG 2.1 defines it. */
    default double contrast(Ink other) {
        double a = luminance() + 0.05;
        double b = other.luminance() + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    private static double linear(int part) {
        double v = part / 255.0;
        return v <= 0.03928 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }
}
