package jorn.press;

import java.util.Optional;
import jorn.json.Required;
import jorn.say.TradeName;

/**
 * What a press prints the inside with.
 *
 * @param id short and lasting: {@code black}
 * @param name in words: "black ink"
 * @param blackOnly whether colours come out grey
 * @param plainAs id of the ink as which pages without colour are charged, where the press counts pages by what is on them
 */
public record InkSet(@Required String id, @Required String name, boolean blackOnly, Optional<String> plainAs) {
    public InkSet {
        plainAs = plainAs == null ? Optional.empty() : plainAs;
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
