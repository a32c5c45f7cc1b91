package jorn.block.calendar;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** Days, weeks, months and years: the blocks of this folder. */
public final class CalendarBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                DateLine.KIND,
                DayCircles.KIND,
                DayBlock.KIND,
                WeekStrip.KIND,
                MonthGrid.KIND,
                YearGrid.KIND,
                TimeSlots.KIND,
                TrackerGrid.KIND,
                MoodRing.KIND);
    }
}
