package jorn.text;

import java.util.Map;

/**
 * A family of faces that ships with Jorn under an open licence.
 *
 * @param id short and lasting: {@code alegreya}
 * @param name as its makers call it
 * @param manner what it looks like, in a word or two
 * @param faces by style
 */
public record Typeface(String id, String name, String manner, Map<Style, Face> faces) {
    /** The styles in which a typeface may come. */
    public enum Style {
        REGULAR("Regular"),
        ITALIC("Italic"),
        MEDIUM("Medium"),
        BOLD("Bold"),
        BOLD_ITALIC("BoldItalic");

        final String file;

        Style(String file) {
            this.file = file;
        }
    }

    public Typeface {
        faces = Map.copyOf(faces);
    }

    /** The face of this style, or the nearest that there is. */
    public Face face(Style style) {
        Face exact = faces.get(style);
        if (exact != null) {
            return exact;
        }
        boolean heavy = style == Style.BOLD || style == Style.BOLD_ITALIC;
        Face near = faces.get(heavy ? Style.BOLD : Style.REGULAR);
        return near != null ? near : regular();
    }

    /** The regular face. */
    public Face regular() {
        return face(Style.REGULAR);
    }
}
