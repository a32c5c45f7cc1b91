package jorn.json;

import java.util.Map;
import java.util.Optional;

/**
 * Types that stand for an open one in files, such as the blocks of a page design. Named in {@code
 * META-INF/services/jorn.json.TypeFamily}.
 */
public interface TypeFamily {
    /** The open type. */
    Class<?> of();

    /** Its types by the id under which files know them. */
    Map<String, Class<?>> types();

    /** The type that stands for those which no family knows; without one a file with such a type is refused. */
    default Optional<Class<?>> unknown() {
        return Optional.empty();
    }
}
