package jorn.desk.bindery;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import jorn.desk.view.Theme;
import jorn.impose.OneCutFold;
import jorn.impose.OneCutFold.Point;
import jorn.impose.PressSheet;
import jorn.impose.Seat;

/** A sheet with one cut, as hands fold it; seen a little from above and from the left. */
final class OneCutDrawing implements StackDrawing {
    private static final int COLUMNS = 4;
    private static final double ACROSS = -0.34;
    private static final double DOWN = 0.3;
    private static final double HEAD = 22;
    private static final double NEARER = 0.6;

    private final PagePaint paint;

    OneCutDrawing(PagePaint paint) {
        this.paint = paint;
    }

    /** A cell on the screen: its page's top left, top right and bottom left corner, and how near it is. */
    private record Face(Seat seat, Point2D a, Point2D b, Point2D c, double near) {
        /** Its area on the screen; less than 0 where its back is seen. */
        private double area() {
            return (b.getX() - a.getX()) * (c.getY() - a.getY()) - (b.getY() - a.getY()) * (c.getX() - a.getX());
        }

        /** Whether its printed side is seen. */
        boolean isPrinted() {
            return area() > 0;
        }

        boolean holds(double x, double y) {
            double dx = x - a.getX();
            double dy = y - a.getY();
            double across = (dx * (c.getY() - a.getY()) - dy * (c.getX() - a.getX())) / area();
            double down = ((b.getX() - a.getX()) * dy - (b.getY() - a.getY()) * dx) / area();
            return across >= 0 && across <= 1 && down >= 0 && down <= 1;
        }
    }

    /** How the paper is seen: its scale, and where the middle of the sheet is. */
    private record Eye(OneCutFold fold, double x, double y, double way) {
        static Eye of(Sight sight, double time) {
            var sheet = sight.of().layout().sheet();
            // Once the upper half lies behind the lower one, what is left comes nearer, into the middle.
            double risen = Math.max(0, Math.min(1, time - OneCutFold.CUT));
            double high = (sight.height() - 2 * GAP - HEAD) * (1 + NEARER * risen);
            double scale = Math.min((sight.width() - 2 * GAP) / sheet.width(), high / sheet.height());
            OneCutFold fold = new OneCutFold(sheet.width() * scale / COLUMNS, sheet.height() * scale / 2);
            boolean fromRight = sight.of().layout().imposition().scheme().rightToLeft();
            double middle = (HEAD + sight.height()) / 2;
            return new Eye(fold, sight.width() / 2, middle - risen * fold.height() / 2, fromRight ? -1 : 1);
        }

        Point2D see(Point p) {
            return new Point2D(x + way * p.x() + ACROSS * p.z(), y - p.y() + DOWN * p.z());
        }
    }

    private static List<Face> faces(Sight sight, double time) {
        Eye eye = Eye.of(sight, time);
        PressSheet sheet = sight.of().layout().imposition().where(sight.page()).get(0);
        boolean fromRight = eye.way() < 0;
        List<Face> all = new ArrayList<>();
        for (Seat seat : sheet.front()) {
            boolean upper = seat.row() == 0;
            int column = fromRight ? COLUMNS - 1 - seat.column() : seat.column();
            // Pages of the upper row stand on their heads: their left is where the column ends.
            int left = upper != fromRight ? column + 1 : column;
            int right = upper != fromRight ? column : column + 1;
            Point a = eye.fold().at(time, left, upper, 0);
            Point b = eye.fold().at(time, right, upper, 0);
            Point c = eye.fold().at(time, left, upper, 1);
            all.add(new Face(
                    seat, eye.see(a), eye.see(b), eye.see(c), (a.z() + b.z() + c.z()) / 3 + (upper ? 0 : 0.01)));
        }
        all.sort(Comparator.comparingDouble(Face::near));
        return all;
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        for (Face face : faces(sight, time)) {
            g.save();
            g.transform(
                    (face.b().getX() - face.a().getX()),
                    (face.b().getY() - face.a().getY()),
                    (face.c().getX() - face.a().getX()),
                    (face.c().getY() - face.a().getY()),
                    face.a().getX(),
                    face.a().getY());
            g.setFill(Color.WHITE);
            g.fillRect(0, 0, 1, 1);
            Optional<Image> picture =
                    face.isPrinted() ? paint.picture(face.seat().page()) : Optional.empty();
            picture.ifPresent(i -> g.drawImage(i, 0, 0, 1, 1));
            g.restore();
            outline(g, face, face.isPrinted() && face.seat().page() == sight.page());
            if (face.isPrinted() && face.seat().page() > 0) {
                PagePaint.number(
                        g,
                        face.seat().page(),
                        foot(face),
                        Math.abs(face.b().getX() - face.a().getX()));
            }
        }
        if (time > 0 && time < OneCutFold.FOLDED) {
            cut(g, sight, time);
        }
    }

    /** The middle of what is its lower edge as it is seen, a little inside. */
    private static Point2D foot(Face face) {
        double x = (face.a().getX() + face.b().getX()) / 2
                + 0.88 * (face.c().getX() - face.a().getX());
        double y = (face.a().getY() + face.b().getY()) / 2
                + 0.88 * (face.c().getY() - face.a().getY());
        return new Point2D(x, y);
    }

    private static void outline(GraphicsContext g, Face face, boolean looked) {
        double dx = face.c().getX() - face.a().getX();
        double dy = face.c().getY() - face.a().getY();
        g.setStroke(looked ? Theme.THREAD : Theme.HAIRLINE);
        g.setLineWidth(looked ? 2.2 : 0.8);
        g.strokePolygon(
                new double[] {
                    face.a().getX(),
                    face.b().getX(),
                    face.b().getX() + dx,
                    face.a().getX() + dx
                },
                new double[] {
                    face.a().getY(),
                    face.b().getY(),
                    face.b().getY() + dy,
                    face.a().getY() + dy
                },
                COLUMNS);
    }

    /** The knife goes along the middle, from the first crease to the last. */
    private static void cut(GraphicsContext g, Sight sight, double time) {
        Eye eye = Eye.of(sight, time);
        Point2D from = eye.see(eye.fold().at(time, 1, false, 0));
        Point2D to = eye.see(eye.fold().at(time, COLUMNS - 1, false, 0));
        double done = Math.min(1, time);
        g.setStroke(Theme.THREAD);
        g.setLineWidth(2.4);
        g.strokeLine(
                from.getX(),
                from.getY(),
                from.getX() + done * (to.getX() - from.getX()),
                from.getY() + done * (to.getY() - from.getY()));
    }

    @Override
    public Optional<Integer> pageAt(Sight sight, double time, double x, double y) {
        // Faces come from the farthest to the nearest.
        return faces(sight, time).stream()
                .filter(f -> f.holds(x, y))
                .reduce((farther, nearer) -> nearer)
                .filter(f -> f.isPrinted() && f.seat().page() > 0)
                .map(f -> f.seat().page());
    }
}
