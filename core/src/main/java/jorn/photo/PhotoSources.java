package jorn.photo;

import java.util.Map;
import jorn.content.Source;
import jorn.json.TypeFamily;

/** The source of photo booklets. */
public final class PhotoSources implements TypeFamily {
    @Override
    public Class<?> of() {
        return Source.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("photo-pages", PhotoPages.class);
    }
}
