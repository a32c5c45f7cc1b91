package jorn.recipe;

import java.util.Map;
import jorn.art.Box;
import jorn.art.PageFrame;
import jorn.art.Palette;
import jorn.art.Side;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.text.TypeShelf;

/** Flows for tests. */
final class SampleFlow {
    private SampleFlow() {}

    static Flow undated(Box area) {
        return on(Side.RECTO, area, Occasion.NONE, Map.of("page", "7", "prompt", "What did the bees bring?"));
    }

    static Flow on(Side side, Box area, Occasion occasion, Map<String, String> fields) {
        Box trim = area.outset(36);
        return Flow.of(
                new PageFrame(side, side == Side.RECTO, trim, trim, area),
                fields,
                TypeShelf.typeface("alegreya"),
                TypeShelf.typeface("alegreya-sans"),
                Palette.BLACK,
                occasion,
                CalendarChoice.UNDATED);
    }
}
