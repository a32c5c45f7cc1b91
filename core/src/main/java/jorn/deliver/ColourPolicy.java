package jorn.deliver;

import jorn.art.Ink;
import jorn.art.InkVisitor;
import jorn.colour.Lab;
import jorn.colour.PrintCondition;

/**
 * In which colours a file is written, whatever the book is mixed in. It turns each ink into what the sink writes, and says
 * what becomes of pictures.
 */
public enum ColourPolicy implements InkVisitor<Ink> {
    /** Every ink as it was mixed, pictures as they were brought in: for presses that take either. */
    AS_MIXED(Pictures.AS_THEY_ARE) {
        @Override
        public Ink ink(Ink ink) {
            return ink;
        }
    },
    /** Red, green and blue, and greys: for screens and for presses that convert. */
    SCREEN(Pictures.AS_THEY_ARE) {
        @Override
        public Ink cmyk(Ink.Cmyk cmyk) {
            return screen(cmyk);
        }

        @Override
        public Ink spot(Ink.Spot spot) {
            return spot.full() instanceof Ink.Black || spot.full() instanceof Ink.Gray
                    ? spot.full().faded(spot.tint())
                    : screen(spot);
        }
    },
    /** Black ink alone: colours become the grey of the same lightness. */
    GREY(Pictures.GREY) {
        @Override
        public Ink rgb(Ink.Rgb rgb) {
            return grey(rgb);
        }

        @Override
        public Ink cmyk(Ink.Cmyk cmyk) {
            return cmyk.isColoured() ? grey(cmyk) : new Ink.Black(cmyk.black());
        }

        @Override
        public Ink spot(Ink.Spot spot) {
            return spot.full().faded(spot.tint()).accept(this);
        }
    },
    /** Cyan, magenta, yellow and black, by the printing condition that ships; black stays black ink alone. */
    FOUR_INKS(Pictures.FOUR_INKS) {
        @Override
        public Ink black(Ink.Black black) {
            return new Ink.Cmyk(0, 0, 0, black.strength());
        }

        @Override
        public Ink gray(Ink.Gray gray) {
            return printed(gray.rgb());
        }

        @Override
        public Ink rgb(Ink.Rgb rgb) {
            return printed(rgb.rgb());
        }

        @Override
        public Ink spot(Ink.Spot spot) {
            return spot.full().faded(spot.tint()).accept(this);
        }
    },
    /** As {@link #FOUR_INKS}, and inks of their own beside them where the press has these. */
    FOUR_INKS_AND_SPOTS(Pictures.FOUR_INKS) {
        @Override
        public Ink black(Ink.Black black) {
            return FOUR_INKS.black(black);
        }

        @Override
        public Ink gray(Ink.Gray gray) {
            return FOUR_INKS.gray(gray);
        }

        @Override
        public Ink rgb(Ink.Rgb rgb) {
            return FOUR_INKS.rgb(rgb);
        }

        @Override
        public Ink spot(Ink.Spot spot) {
            return new Ink.Spot(spot.called(), spot.tint(), spot.full().accept(FOUR_INKS));
        }
    };

    /** Larger letters hide the fringe, in points. */
    private static final double SMALL = 14;
    /** Lightness up to which words count as dark. */
    private static final double DARK = 45;
    /** Chroma up to which a dark colour is hardly seen. */
    private static final double HARDLY = 16;

    /** What becomes of pictures. */
    public enum Pictures {
        AS_THEY_ARE,
        GREY,
        FOUR_INKS
    }

    private final Pictures pictures;

    ColourPolicy(Pictures pictures) {
        this.pictures = pictures;
    }

    /** What is written for an ink. */
    public Ink ink(Ink ink) {
        return ink.accept(this);
    }

    /**
     * What is written for the ink of words. Small dark words that are hardly coloured are black ink alone where there are four, so that they get no
     * coloured fringe (common practice).
     *
     * @param size in points
     */
    public Ink wordsInk(Ink ink, double size) {
        Ink now = ink(ink);
        boolean several = now instanceof Ink.Cmyk c && c.isColoured();
        if (!several || size >= SMALL || ink instanceof Ink.Cmyk || ink instanceof Ink.Spot) {
            return now;
        }
        Lab seen = Lab.ofRgb(ink.rgb());
        if (seen.l() > DARK || seen.chroma() > HARDLY) {
            return now;
        }
        return ink(new Ink.Gray(new Lab(seen.l(), 0, 0).rgb()[1] / 255.0));
    }

    public Pictures pictures() {
        return pictures;
    }

    @Override
    public Ink black(Ink.Black black) {
        return black;
    }

    @Override
    public Ink gray(Ink.Gray gray) {
        return gray;
    }

    @Override
    public Ink rgb(Ink.Rgb rgb) {
        return rgb;
    }

    @Override
    public Ink cmyk(Ink.Cmyk cmyk) {
        return cmyk;
    }

    @Override
    public Ink spot(Ink.Spot spot) {
        return spot;
    }

    private static Ink screen(Ink ink) {
        int[] c = ink.rgb();
        return new Ink.Rgb(c[0], c[1], c[2]);
    }

    /** The grey of the same lightness, L* (CIE 15). */
    private static Ink grey(Ink ink) {
        int[] level = new Lab(Lab.ofRgb(ink.rgb()).l(), 0, 0).rgb();
        return new Ink.Gray(level[1] / 255.0);
    }

    private static Ink printed(int[] rgb) {
        double[] inks = PrintCondition.shipped().inksOf(rgb);
        return new Ink.Cmyk(inks[0], inks[1], inks[2], inks[3]);
    }
}
