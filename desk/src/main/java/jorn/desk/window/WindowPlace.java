package jorn.desk.window;

import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/**
 * Where the window stands: as it was left, but within a screen that is there now.
 *
 * @param x of its left edge
 * @param y of its top
 * @param width with its frame
 * @param height with its frame
 */
record WindowPlace(double x, double y, double width, double height) {
    /** No smaller is the window made, with its frame. */
    static final double LEAST_WIDTH = 900;

    static final double LEAST_HEIGHT = 600;

    /** So much of a window must be seen on a screen, or it is pulled in: enough to take hold of. */
    private static final double SEEN = 160;

    static List<Rectangle2D> screens() {
        return Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
    }

    /**
     * @param left left, top, width and height when the window was closed
     * @param screens that there are now, the first one the chief
     */
    static WindowPlace of(double[] left, List<Rectangle2D> screens) {
        WindowPlace was = new WindowPlace(left[0], left[1], left[2], left[3]);
        Rectangle2D home = screens.stream().filter(was::isSeenOn).findFirst().orElse(screens.get(0));
        return was.pulledInto(home);
    }

    /** The first time: most of the screen, but no more than a book with its slips has use for. */
    static WindowPlace first(Rectangle2D screen) {
        double w = Math.min(screen.getWidth(), Math.max(1180, Math.min(screen.getWidth() * 0.88, 1680)));
        double h = Math.min(screen.getHeight(), Math.max(760, Math.min(screen.getHeight() * 0.92, 1050)));
        return new WindowPlace(
                screen.getMinX() + (screen.getWidth() - w) / 2, screen.getMinY() + (screen.getHeight() - h) / 2, w, h);
    }

    private boolean isSeenOn(Rectangle2D screen) {
        double across = Math.min(x + width, screen.getMaxX()) - Math.max(x, screen.getMinX());
        double down = Math.min(y + height, screen.getMaxY()) - Math.max(y, screen.getMinY());
        return across >= SEEN && down >= SEEN && y >= screen.getMinY() - SEEN / 4;
    }

    private WindowPlace pulledInto(Rectangle2D screen) {
        double w = Math.min(width, screen.getWidth());
        double h = Math.min(height, screen.getHeight());
        boolean seen = isSeenOn(screen);
        return new WindowPlace(
                seen ? x : screen.getMinX() + (screen.getWidth() - w) / 2,
                seen ? y : screen.getMinY() + (screen.getHeight() - h) / 2,
                w,
                h);
    }

    void give(Stage stage) {
        stage.setX(x);
        stage.setY(y);
        stage.setWidth(width);
        stage.setHeight(height);
    }
}
