package jorn.block.days;

import java.util.List;
import jorn.layout.NodeFamily;
import jorn.layout.NodeKind;

/** What is counted: the blocks of this folder. */
public final class DayBlocks implements NodeFamily {
    @Override
    public List<NodeKind<?>> kinds() {
        return List.of(
                DayList.KIND,
                WeekLine.KIND,
                Hours.KIND,
                MonthPage.KIND,
                LittleMonths.KIND,
                HabitGrid.KIND,
                ColourDays.KIND,
                HolidayList.KIND);
    }
}
