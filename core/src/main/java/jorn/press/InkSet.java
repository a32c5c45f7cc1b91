package jorn.press;

import jorn.json.Required;
import jorn.say.TradeName;

/**
 * What a press prints the inside with.
 *
 * @param id short and lasting: {@code black}
 * @param name in words: "black ink"
 * @param blackOnly whether colours come out grey
 */
public record InkSet(@Required String id, @Required String name, boolean blackOnly) {
    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
