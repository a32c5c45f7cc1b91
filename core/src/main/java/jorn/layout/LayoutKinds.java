package jorn.layout;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The nodes that hold others and draw nothing of their own. */
public final class LayoutKinds implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(Stack.KIND, Overlay.KIND, UnknownPart.KIND);
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of(Stack.KIND.id(), Stack.class, Overlay.KIND.id(), Overlay.class);
    }

    @Override
    public Optional<Class<?>> unknown() {
        return Optional.of(UnknownPart.class);
    }
}
