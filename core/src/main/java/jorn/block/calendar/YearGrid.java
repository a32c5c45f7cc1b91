package jorn.block.calendar;

import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * The twelve months from the occasion's first month, small.
 *
 * @param columns how many side by side, 1 to 12
 * @param months how many, 1 to 12
 */
public record YearGrid(
        @Label("block.year-grid.side-by-side") Integer columns, @Label("block.year-grid.months") Integer months)
        implements Node {
    static final NodeKind<YearGrid> KIND = NodeKind.of("year", YearGrid.class)
            .filling()
            .offered(
                    "year",
                    Wording.of("block.year-grid.year-at-glance"),
                    Wording.of("block.year-grid.twelve-small-months"),
                    () -> new YearGrid(3, 12));

    public YearGrid {
        columns = Limits.whole(columns == null ? 3 : columns, Wording.of("block.year-grid.side-by-side"), 1, 12);
        months = Limits.whole(months == null ? 12 : months, Wording.of("block.year-grid.months"), 1, 12);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        int rows = (months + columns - 1) / columns;
        double gap = area.width() * 0.05;
        double w = (area.width() - gap * (columns - 1)) / columns;
        double h = (area.height() - gap * 0.6 * (rows - 1)) / rows;
        if (w <= 0 || h <= 0) {
            return;
        }
        Optional<YearMonth> first = flow.date().map(YearMonth::from);
        for (int i = 0; i < months; i++) {
            int index = i;
            Box cell = new Box(area.x() + i % columns * (w + gap), area.y() + i / columns * (h + gap * 0.6), w, h);
            new MonthGrid(true, false, false, 0).draw(cell, flow, out, first.map(f -> f.plusMonths(index)));
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width;
    }
}
