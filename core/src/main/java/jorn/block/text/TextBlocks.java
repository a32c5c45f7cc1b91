package jorn.block.text;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Words: the blocks of this folder. */
public final class TextBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                TextBlock.KIND,
                Quote.KIND,
                Priorities.KIND,
                Scale.KIND,
                ContentsList.KIND,
                Folio.KIND,
                RunningHead.KIND);
    }
}
