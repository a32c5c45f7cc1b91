package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.json.Required;
import jorn.recipe.Recipe;

/**
 * What the pages of a run look like.
 *
 * @param main what every page looks like
 * @param facing another design for the page that faces the first one of each pair
 * @param exceptions pages that have a design of their own
 */
@RecordBuilder
public record Designs(@Required Recipe main, Optional<Recipe> facing, Map<PageKey, Recipe> exceptions)
        implements DesignsBuilder.With {
    public Designs {
        facing = facing == null ? Optional.empty() : facing;
        exceptions = exceptions == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(exceptions));
    }

    public static Designs of(Recipe main) {
        return new Designs(main, Optional.empty(), Map.of());
    }

    /** The design of a page: 0 for the first of a pair, 1 for the facing one. */
    public Recipe get(int which) {
        return which == 1 ? facing.orElse(main) : main;
    }

    /** How many pages belong together: 2 where there is a facing design. */
    public int together() {
        return facing.isPresent() ? 2 : 1;
    }

    /** All of them. */
    @JsonIgnore
    public List<Recipe> all() {
        List<Recipe> all = new ArrayList<>();
        all.add(main);
        facing.ifPresent(all::add);
        all.addAll(exceptions.values());
        return all;
    }
}
