package jorn.block.paper;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Paper to write and draw on: the blocks of this folder. */
public final class PaperBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                RuledLines.KIND,
                Framed.KIND,
                Guides.KIND,
                CheckList.KIND,
                WritingLine.KIND,
                TableBlock.KIND,
                Space.KIND);
    }
}
