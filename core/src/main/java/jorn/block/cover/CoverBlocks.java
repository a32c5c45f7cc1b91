package jorn.block.cover;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** What stands on covers: the blocks of this folder. */
public final class CoverBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                Ground.KIND,
                TitlePanel.KIND,
                AuthorLine.KIND,
                Blurb.KIND,
                SpineLine.KIND,
                BareStrip.KIND,
                CoverOrnament.KIND);
    }
}
