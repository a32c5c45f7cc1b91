package jorn.block.chart;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Drawn things to fill in: the blocks of this folder. */
public final class ChartBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                Curve.KIND,
                Amounts.KIND,
                Wheel.KIND,
                FamilyTree.KIND,
                Spines.KIND,
                StitchGrid.KIND,
                PhotoFrames.KIND,
                MilkTeeth.KIND,
                FillJar.KIND,
                TabStrips.KIND);
    }
}
