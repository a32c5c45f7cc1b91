package jorn.content;

import java.util.Map;
import jorn.json.TypeFamily;

/** The sources that need no other knowledge than the calendar's. */
public final class ContentSources implements TypeFamily {
    @Override
    public Class<?> of() {
        return Source.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("filling", Filling.class, "pages", Pages.class, "items", Items.class, "dates", Dates.class);
    }
}
