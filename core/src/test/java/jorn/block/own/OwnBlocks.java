package jorn.block.own;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** A family of blocks that Jorn does not have, named as a service for the tests. */
public final class OwnBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(Sundial.KIND);
    }
}
