package jorn.block.page;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Headings, words and drawings on the grid: the blocks of this folder. */
public final class PageBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(Head.KIND, Opener.KIND, PageWords.KIND, MotifDrawing.KIND);
    }
}
