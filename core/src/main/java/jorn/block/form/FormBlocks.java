package jorn.block.form;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** What is filled in: the blocks of this folder. */
public final class FormBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(FillIn.KIND, WritingRows.KIND, TitledPanel.KIND, TickList.KIND, CountedTable.KIND, Rating.KIND);
    }
}
