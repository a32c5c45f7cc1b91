package jorn.press;

import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Figure;
import jorn.measure.Trouble;
import jorn.say.TradeName;

/**
 * A paper that a press offers.
 *
 * @param id the short id that stays: {@code white}
 * @param name in a sentence: "white paper"
 * @param grammage in g/m², above 0
 * @param thickness in one of three ways
 * @param shade how it looks, as six hexadecimal figures {@code RRGGBB}; as white as the screen where absent
 */
public record PaperStock(
        @Required String id,
        @Required String name,
        @Required double grammage,
        @Required Thickness thickness,
        Optional<String> shade) {
    public PaperStock {
        if (shade.filter(s -> !s.matches("[0-9A-Fa-f]{6}")).isPresent()) {
            throw Trouble.of("press.paper-stock.no-shade", id, shade.get());
        }
        if (!(grammage > 0)) {
            throw Trouble.of("press.paper-stock.paper-weighs-nothing", id);
        }
    }

    /** Thickness of one page, with the working. */
    public Figure page(String source) {
        return thickness.page(this, source);
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
