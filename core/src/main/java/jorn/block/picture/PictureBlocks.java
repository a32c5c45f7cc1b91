package jorn.block.picture;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Pictures, ornaments and borders: the blocks of this folder. */
public final class PictureBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                PictureBlock.KIND, PictureCredits.KIND, PhotoBlock.KIND, QrBlock.KIND, Ornament.KIND, Border.KIND);
    }
}
