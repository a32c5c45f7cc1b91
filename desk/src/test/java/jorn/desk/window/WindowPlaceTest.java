package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A window comes back where it was, or where it can be seen. */
class WindowPlaceTest {
    private static final List<Rectangle2D> SCREENS =
            List.of(new Rectangle2D(0, 0, 1280, 800), new Rectangle2D(1280, 0, 1920, 1080));

    @ParameterizedTest
    @CsvSource({
        // As it was: on the first screen, on the second, over both, a little off.
        "100, 50, 900, 600, 100, 50, 900, 600",
        "1400, 50, 1700, 1000, 1400, 50, 1700, 1000",
        "-300, 100, 900, 600, -300, 100, 900, 600",
        "100, -20, 900, 600, 100, -20, 900, 600",
        // Off every screen: in the middle of the first, no larger than that.
        "9000, 50, 900, 600, 190, 100, 900, 600",
        "-5000, -5000, 900, 600, 190, 100, 900, 600",
        "100, 5000, 3000, 2000, 0, 0, 1280, 800",
        "100, -700, 900, 600, 190, 100, 900, 600",
        // Larger than its screen.
        "0, 0, 4000, 3000, 0, 0, 1280, 800"
    })
    void itIsPulledIn(double x, double y, double w, double h, double nx, double ny, double nw, double nh) {
        assertEquals(new WindowPlace(nx, ny, nw, nh), WindowPlace.of(new double[] {x, y, w, h}, SCREENS));
    }

    /** The first time, most of the screen; never more than the screen has. */
    @ParameterizedTest
    @CsvSource({
        "1280, 800, 1180, 760",
        "1920, 1080, 1680, 993",
        "3840, 2160, 1680, 1050",
        "1366, 768, 1202, 760",
        "1024, 700, 1024, 700"
    })
    void theFirstStartTakesWhatTheScreenHas(double screenWide, double screenHigh, double wide, double high) {
        WindowPlace first = WindowPlace.first(new Rectangle2D(10, 20, screenWide, screenHigh));
        assertEquals(wide, first.width(), 1);
        assertEquals(high, first.height(), 1);
        assertEquals(10 + (screenWide - first.width()) / 2, first.x(), 1e-9, "in its middle");
        assertEquals(20 + (screenHigh - first.height()) / 2, first.y(), 1e-9);
    }
}
