package jorn.cover;

import java.util.List;
import jorn.json.Required;
import jorn.say.Wording;

/**
 * A cover as data: its parts, the lowest first.
 *
 * @param id short and lasting: {@code wreath}
 * @param picture whether it lives by a picture of the user's; it draws one by rule where there is none
 * @param back id of the back that it has; each composition has a finished one
 * @param parts of wrap, front and spine
 */
public record Composition(@Required String id, boolean picture, String back, @Required List<ComposedPart> parts) {
    public Composition {
        parts = List.copyOf(parts);
        back = back == null ? "words" : back;
    }

    /** What it is called. */
    public String called() {
        return Wording.of("cover.composition." + id);
    }

    /** What it looks like, in a few words. */
    public String manner() {
        return Wording.of("cover.composition." + id + ".manner");
    }
}
