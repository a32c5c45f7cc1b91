package jorn.block.pattern;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** The blocks of this folder. */
public final class PatternBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(PatternBlock.KIND, ArtBlock.KIND, PenTest.KIND);
    }
}
