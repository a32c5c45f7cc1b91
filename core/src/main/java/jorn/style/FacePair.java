package jorn.style;

import java.util.List;

/**
 * Two typefaces that go together: one for titles, one for text.
 *
 * @param heading id of the one for titles
 * @param body id of the one for text
 */
public record FacePair(String heading, String body) {
    /** Pairs to begin with: contrast in kind, likeness in proportion (common practice). */
    public static final List<FacePair> SUGGESTED = List.of(
            new FacePair("dm-serif-display", "jost"),
            new FacePair("playfair", "work-sans"),
            new FacePair("fraunces", "work-sans"),
            new FacePair("cormorant", "garamond"),
            new FacePair("cinzel", "cormorant"),
            new FacePair("abril-fatface", "jost-light"),
            new FacePair("archivo-black", "archivo"),
            new FacePair("bebas-neue", "work-sans"),
            new FacePair("oswald", "caslon"),
            new FacePair("alfa-slab", "bitter"),
            new FacePair("zilla-slab", "atkinson"),
            new FacePair("poiret-one", "jost"),
            new FacePair("shrikhand", "quicksand"),
            new FacePair("dancing-script", "quicksand"),
            new FacePair("amatic", "caveat"),
            new FacePair("righteous", "jost"));

    /** The choice of a book with these two. */
    public TypeChoice in(TypeChoice type) {
        return type.withHeading(heading).withBody(body);
    }
}
