package jorn.layout;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jorn.json.TypeFamily;

/**
 * Kinds of node that live in one folder. A family is named in {@code META-INF/services/jorn.json.TypeFamily}; there is no
 * other list of them.
 */
public interface NodeFamily extends TypeFamily {
    /** In the order in which they are offered. */
    List<NodeKind<?>> kinds();

    @Override
    default Class<?> of() {
        return Node.class;
    }

    @Override
    default Map<String, Class<?>> types() {
        return kinds().stream().collect(Collectors.toMap(NodeKind::id, NodeKind::type));
    }
}
