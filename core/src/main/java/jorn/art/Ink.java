package jorn.art;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Locale;
import jorn.colour.Lab;
import jorn.colour.PrintCondition;
import jorn.json.Required;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * A colour as it is mixed: black ink and its tints, a grey of a screen, red, green and blue, four inks, or an ink of its own.
 * What a file says instead, where a press wants another mixture, is the affair of the colour policy at delivery.
 */
// Files once said of each ink whether it is a colour, which the ink itself says better.
@JsonIgnoreProperties("coloured")
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "ink")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Ink.Black.class, name = "black"),
    @JsonSubTypes.Type(value = Ink.Gray.class, name = "gray"),
    @JsonSubTypes.Type(value = Ink.Rgb.class, name = "rgb"),
    @JsonSubTypes.Type(value = Ink.Cmyk.class, name = "cmyk"),
    @JsonSubTypes.Type(value = Ink.Spot.class, name = "spot")
})
public sealed interface Ink {
    /** Full black. */
    @SuppressWarnings("ClassInitializationDeadlock") // nobody makes a Black before Ink is there
    Ink BLACK = new Black(1);
    /** Bare paper. */
    @SuppressWarnings("ClassInitializationDeadlock")
    Ink WHITE = new Black(0);

    /** Lets the visitor do what it does with this kind of ink. */
    <R> R accept(InkVisitor<R> visitor);

    /** How a screen shows it: red, green and blue, each 0 to 255. */
    int[] rgb();

    /** What it is called: "black 35 %", "C9A24A", "Honey 60 %". */
    String name();

    /** Whether it needs any other ink than black. */
    @JsonIgnore
    boolean isColoured();

    /**
     * Black ink.
     *
     * @param strength the tint: 0 is bare paper, 1 full black
     */
    record Black(@Required double strength) implements Ink {
        public Black {
            strength = part(strength, Wording.of("art.ink.tint-black"));
        }

        @Override
        public <R> R accept(InkVisitor<R> visitor) {
            return visitor.black(this);
        }

        @Override
        public int[] rgb() {
            int level = (int) Math.round(255 * (1 - strength));
            return new int[] {level, level, level};
        }

        @Override
        public String name() {
            return strength == 1 ? Wording.of("art.ink.black") : Wording.of("art.ink.black-2", perCent(strength));
        }

        @Override
        public boolean isColoured() {
            return false;
        }
    }

    /**
     * A grey of light, as scans and screens have it.
     *
     * @param level 0 black, 1 white
     */
    record Gray(@Required double level) implements Ink {
        public Gray {
            level = part(level, Wording.of("art.ink.grey"));
        }

        @Override
        public <R> R accept(InkVisitor<R> visitor) {
            return visitor.gray(this);
        }

        @Override
        public int[] rgb() {
            int each = (int) Math.round(255 * level);
            return new int[] {each, each, each};
        }

        @Override
        public String name() {
            return Wording.of("art.ink.grey-2", perCent(level));
        }

        @Override
        public boolean isColoured() {
            return false;
        }
    }

    /** Red, green and blue, each 0 to 255. */
    record Rgb(@Required int red, @Required int green, @Required int blue) implements Ink {
        public Rgb {
            if (red < 0 || red > 255 || green < 0 || green > 255 || blue < 0 || blue > 255) {
                throw Trouble.of("art.ink.colour-part-out-range");
            }
        }

        @Override
        public <R> R accept(InkVisitor<R> visitor) {
            return visitor.rgb(this);
        }

        @Override
        public int[] rgb() {
            return new int[] {red, green, blue};
        }

        @Override
        public String name() {
            return hex();
        }

        @Override
        public boolean isColoured() {
            return red != green || green != blue;
        }
    }

    /** Cyan, magenta, yellow and black, each 0 to 1. */
    record Cmyk(@Required double cyan, @Required double magenta, @Required double yellow, @Required double black)
            implements Ink {
        public Cmyk {
            cyan = part(cyan, Wording.of("art.ink.cyan"));
            magenta = part(magenta, Wording.of("art.ink.magenta"));
            yellow = part(yellow, Wording.of("art.ink.yellow"));
            black = part(black, Wording.of("art.ink.black-3"));
        }

        /** The sum of the four, 0 to 4. */
        public double total() {
            return cyan + magenta + yellow + black;
        }

        @Override
        public <R> R accept(InkVisitor<R> visitor) {
            return visitor.cmyk(this);
        }

        @Override
        public int[] rgb() {
            Lab seen = PrintCondition.shipped().colour(cyan, magenta, yellow, black);
            return seen.rgb();
        }

        @Override
        public String name() {
            return "C " + perCent(cyan) + " M " + perCent(magenta) + " Y " + perCent(yellow) + " K " + perCent(black);
        }

        @Override
        public boolean isColoured() {
            return cyan > 0 || magenta > 0 || yellow > 0;
        }
    }

    /**
     * An ink of its own, mixed by the printer.
     *
     * @param called its name, as the printer knows it
     * @param tint 0 bare paper to 1 full
     * @param full how it looks in full, for screens and for presses without it
     */
    record Spot(@Required String called, @Required double tint, @Required Ink full) implements Ink {
        public Spot {
            tint = part(tint, Wording.of("art.ink.tint", called));
            if (called.isBlank() || full instanceof Spot) {
                throw Trouble.of("art.ink.spot-ink-needs-name");
            }
        }

        @Override
        public <R> R accept(InkVisitor<R> visitor) {
            return visitor.spot(this);
        }

        @Override
        public int[] rgb() {
            return full.faded(tint).rgb();
        }

        @Override
        public String name() {
            return tint == 1 ? called : called + " " + perCent(tint);
        }

        @Override
        public boolean isColoured() {
            return true;
        }
    }

    private static double part(double wanted, String what) {
        if (!(wanted >= 0) || wanted > 1) {
            throw Trouble.of("art.ink.cannot-printed", what, Math.round(wanted * 100));
        }
        return wanted;
    }

    private static String perCent(double part) {
        return Numeral.trimmed(part * 100, 0) + " %";
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
            throw Trouble.of("art.ink.not-colour", text.strip());
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
        return accept(new Fade(opacity));
    }

    /**
     * A colour of a screen between this and another.
     *
     * @param share 0 this one, 1 the other
     */
    default Ink mixed(Ink other, double share) {
        int[] a = rgb();
        int[] b = other.rgb();
        int[] c = new int[3];
        for (int i = 0; i < c.length; i++) {
            c[i] = (int) Math.round(a[i] + (b[i] - a[i]) * share);
        }
        return new Rgb(c[0], c[1], c[2]);
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
