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
}
