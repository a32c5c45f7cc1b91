package jorn.pattern.run;

import java.util.Map;
import jorn.content.Source;
import jorn.json.TypeFamily;

/** The source of colouring books. */
public final class PatternSources implements TypeFamily {
    @Override
    public Class<?> of() {
        return Source.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("patterns", Patterns.class, "art-pages", ArtPages.class);
    }
}
