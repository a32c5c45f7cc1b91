package jorn.block.puzzle;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** The blocks of this folder. */
public final class PuzzleBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(PuzzleBlock.KIND);
    }
}
