package jorn.pattern.motif;

import java.util.List;
import jorn.json.Required;
import jorn.say.Wording;

/** A motif that ships, by its name on the {@link MotifShelf}. */
public record ShippedMotif(@Required String id) implements PatternMotif {
    public ShippedMotif {
        MotifShelf.lines(id);
    }

    @Override
    public List<MotifLine> lines() {
        return MotifShelf.lines(id);
    }

    @Override
    public String word() {
        return Wording.of("pattern.motif." + id);
    }
}
