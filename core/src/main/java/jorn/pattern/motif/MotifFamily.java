package jorn.pattern.motif;

import java.util.Map;
import jorn.json.TypeFamily;

/** The kinds of motifs. */
public final class MotifFamily implements TypeFamily {
    @Override
    public Class<?> of() {
        return PatternMotif.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("shipped", ShippedMotif.class, "scattered", ScatteredMotif.class, "outline", OutlineMotif.class);
    }
}
