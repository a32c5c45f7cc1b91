package jorn.layout;

import java.util.List;

/** The nodes that hold others and draw nothing of their own. */
public final class LayoutKinds implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(Stack.KIND, Overlay.KIND);
    }
}
