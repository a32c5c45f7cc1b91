package jorn.desk.bindery;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.desk.bindery.BinderyWork.Loaded;
import jorn.desk.view.Labels;
import jorn.desk.view.Theme;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.SheetLayout;
import jorn.say.Wording;

/**
 * The stack as it is seen: sheets front and back as they are fed, then folded, put into each other, stapled and opened; or cut and piled. The time line
 * is dragged by its corner. A press on a page says on which sheet it lies.
 */
final class StackView extends VBox {
    private static final double HIGH = 250;
    private static final double GAP = 16;
    private static final double LIFT = 26;

    private final BinderyWork work;
    private final Canvas canvas = new Canvas(600, HIGH);
    private final Slider time = new Slider(0, 4, 0);
    private final Label told = Labels.wrapped("", "soft");
    private final HBox steps = new HBox();
    private int page = 1;

    StackView(BinderyWork work) {
        super(6);
        this.work = work;
        setId("bindery-stack");
        time.setId("bindery-time");
        time.setAccessibleText(Wording.of("desk.bindery.time"));
        time.setBlockIncrement(0.25);
        time.valueProperty().addListener((o, was, now) -> draw());
        told.setId("bindery-told");
        canvas.setOnMousePressed(this::press);
        canvas.setFocusTraversable(true);
        canvas.setAccessibleText(Wording.of("desk.bindery.stack"));
        canvas.getStyleClass().add("region-focus");
        canvas.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.RIGHT || e.getCode() == KeyCode.LEFT) {
                go(page + (e.getCode() == KeyCode.RIGHT ? 1 : -1));
                e.consume();
            }
        });
        steps.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(canvas, time, steps, told);
        widthProperty().addListener((o, was, now) -> {
            canvas.setWidth(Math.max(200, now.doubleValue()));
            draw();
        });
    }

    /** Goes to a page. */
    void go(int wanted) {
        int most = work.loaded().map(l -> l.layout().imposition().pages()).orElse(1);
        page = Math.max(1, Math.min(most, wanted));
        draw();
    }

    int page() {
        return page;
    }

    private static List<String> stepsOf(FoldKind kind) {
        if (kind == FoldKind.LOOSE || kind == FoldKind.ONE_CUT) {
            return List.of("fed");
        }
        return kind.isCut() ? List.of("fed", "cut", "piled") : List.of("fed", "folded", "nested", "bound", "opened");
    }

    /** Shows what is bound now. */
    void show() {
        Optional<Loaded> now = work.loaded();
        List<String> names =
                now.map(l -> stepsOf(l.layout().imposition().scheme().kind())).orElse(List.of());
        time.setMax(Math.max(1, names.size() - 1));
        time.setDisable(names.size() < 2);
        steps.getChildren().clear();
        for (int i = 0; i < names.size(); i++) {
            if (i > 0) {
                steps.getChildren().add(Labels.spring());
            }
            int step = i;
            var word = Labels.act(
                    Wording.of("desk.bindery.step-" + names.get(i)),
                    Wording.of("desk.bindery.step-help"),
                    () -> time.setValue(step));
            word.setId("bindery-step-" + names.get(i));
            steps.getChildren().add(word);
        }
        HBox.setHgrow(steps, Priority.ALWAYS);
        draw();
    }

    /** Draws it anew, once another page is painted. */
    void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Optional<Loaded> now = work.loaded();
        if (now.isEmpty()) {
            told.setText(Wording.of("desk.bindery.reading"));
            return;
        }
        SheetLayout layout = now.get().layout();
        Imposition of = layout.imposition();
        page = Math.max(1, Math.min(of.pages(), page));
        PressSheet sheet = of.where(page).get(0);
        boolean front = sheet.front().stream().anyMatch(s -> s.page() == page);
        told.setText(Wording.of(
                front ? "desk.bindery.lies-front" : "desk.bindery.lies-back",
                page,
                sheet.number(),
                of.sheets().size()));
        double t = time.getValue();
        if (t < 1 || !of.scheme().kind().isNested()) {
            sheets(g, now.get(), sheet, t);
        } else if (t < 3) {
            folding(g, now.get(), sheet, t);
        } else {
            open(g, now.get(), t - 3);
        }
    }

    /**
     * The sheets that are seen as they are fed.
     *
     * @param scale from points to what is seen
     * @param first of them, from 0
     * @param fits how many there is room for
     */
    private record Fed(Box sheet, double scale, int first, int fits) {
        double left(int place) {
            return GAP + place * (sheet.width() * scale + GAP);
        }

        double top(boolean front) {
            return front ? GAP : 2 * GAP + sheet.height() * scale;
        }

        /** Which of them is at so far from the left, from 0. */
        int at(double x) {
            return (int) Math.floor((x - GAP) / (sheet.width() * scale + GAP));
        }
    }

    /** The sheet of the page that is looked at, and its neighbours. */
    private Fed fed(SheetLayout layout, PressSheet at) {
        Box sheet = layout.sheet();
        double scale = (HIGH - 3 * GAP) / 2 / sheet.height();
        int fits = Math.max(1, (int) ((canvas.getWidth() - GAP) / (sheet.width() * scale + GAP)));
        int all = layout.imposition().sheets().size();
        int first = Math.max(0, Math.min(all - fits, at.number() - 1 - fits / 2));
        return new Fed(sheet, scale, first, Math.min(fits, all - first));
    }

    /** Sheets as they are fed, front over back; where they are cut, their cells drift apart. */
    private void sheets(GraphicsContext g, Loaded of, PressSheet at, double t) {
        Fed fed = fed(of.layout(), at);
        Imposition order = of.layout().imposition();
        double apart = order.scheme().kind().isCut() ? Math.min(1, t) * 8 : 0;
        for (int i = 0; i < fed.fits(); i++) {
            PressSheet sheet = order.sheets().get(fed.first() + i);
            side(g, of, sheet, true, fed.left(i), fed.top(true), fed.scale(), apart);
            if (!sheet.back().isEmpty()) {
                side(g, of, sheet, false, fed.left(i), fed.top(false), fed.scale(), apart);
            }
        }
    }

    private void side(
            GraphicsContext g,
            Loaded of,
            PressSheet sheet,
            boolean front,
            double x,
            double y,
            double scale,
            double apart) {
        Box whole = of.layout().sheet();
        if (apart == 0) {
            paper(g, x, y, whole.width() * scale, whole.height() * scale);
        }
        for (PlacedPage each : of.layout().side(sheet, front, of.boxes()::of)) {
            Box p = each.page().common(each.cell());
            double dx = apart
                    * (each.seat().column() - (of.layout().imposition().raster().columns() - 1) / 2.0);
            double dy = apart
                    * (each.seat().row() - (of.layout().imposition().raster().rows() - 1) / 2.0)
                    / 2;
            Box at = new Box(x + p.x() * scale + dx, y + p.y() * scale + dy, p.width() * scale, p.height() * scale);
            page(g, each.seat().page(), at, each.seat().turned());
        }
        g.setFill(Theme.INK);
        g.setFont(Font.font(Theme.SANS, 13));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BOTTOM);
        g.fillText(Wording.of(front ? "desk.bindery.front-of" : "desk.bindery.back-of", sheet.number()), x, y - 1);
    }

    private static void paper(GraphicsContext g, double x, double y, double w, double h) {
        g.setFill(Color.WHITE);
        g.fillRect(x, y, w, h);
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(x, y, w, h);
    }

    private void page(GraphicsContext g, int number, Box at, boolean turned) {
        g.save();
        g.setFill(Color.WHITE);
        g.fillRect(at.x(), at.y(), at.width(), at.height());
        if (turned) {
            g.translate(at.centreX(), at.centreY());
            g.rotate(180);
            g.translate(-at.centreX(), -at.centreY());
        }
        Optional<Image> picture = number > 0 ? work.picture(number) : Optional.empty();
        if (picture.isPresent()) {
            g.drawImage(picture.get(), at.x(), at.y(), at.width(), at.height());
        }
        g.restore();
        g.setStroke(number == page ? Theme.THREAD : Theme.HAIRLINE);
        g.setLineWidth(number == page ? 2.2 : 0.8);
        g.strokeRect(at.x(), at.y(), at.width(), at.height());
        if (number > 0 && at.width() > 14) {
            double size = Math.min(15, Math.max(10, at.height() / 8));
            double wide = size * (0.5 + 0.5 * Integer.toString(number).length());
            g.setFill(Theme.SHEET);
            g.fillRoundRect(at.centreX() - wide / 2, at.bottom() - size - 4, wide, size + 2, size, size);
            g.setFill(Theme.THREAD);
            g.setFont(Font.font(Theme.SANS, size));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(Integer.toString(number), at.centreX(), at.bottom() - size / 2 - 3);
        }
    }

    /** Each sheet of the signature is folded over, then they slide into each other. */
    private void folding(GraphicsContext g, Loaded of, PressSheet at, double t) {
        List<PressSheet> nest = of.layout().imposition().sheets().stream()
                .filter(s -> s.signature() == at.signature())
                .toList();
        double fold = Math.min(1, t - 1);
        double slide = Math.max(0, t - 2);
        Box whole = of.layout().sheet();
        boolean level = of.layout().imposition().scheme().kind() == FoldKind.CALENDAR;
        double half = level ? whole.height() / 2 : whole.width() / 2;
        double across = level ? whole.width() : whole.height();
        double scale = (HIGH - 3 * GAP - LIFT) / across;
        double leaf = half * scale;
        int count = Math.min(nest.size(), 8);
        double room = canvas.getWidth() - 2 * GAP - 2 * leaf;
        double step = count < 2 ? 0 : Math.min(2 * leaf + GAP, room / (count - 1));
        double nestStep = Math.min(4, 30.0 / count);
        for (int i = 0; i < count; i++) {
            // The outermost is drawn last, on top.
            int k = count - 1 - i;
            PressSheet sheet = nest.get(k * nest.size() / count);
            double spread = GAP + leaf + k * step;
            double nested = canvas.getWidth() / 2 + k * nestStep;
            double x = spread + (nested - spread) * slide;
            leaf(g, of, sheet, x, GAP + LIFT, leaf, across * scale, fold);
        }
        g.setFill(Theme.INK);
        g.setFont(Font.font(Theme.SANS, 13));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        if (count < nest.size()) {
            g.fillText(Wording.of("desk.bindery.some-of", count, nest.size()), GAP, 4);
        }
    }

    /** A sheet with its inner side up, the left half folding over to the right about x. */
    private void leaf(
            GraphicsContext g, Loaded of, PressSheet sheet, double x, double y, double wide, double high, double fold) {
        boolean fromRight = of.layout().imposition().scheme().rightToLeft();
        double way = fromRight ? -1 : 1;
        double angle = Math.PI * fold;
        double reach = wide * Math.cos(angle);
        double lift = LIFT * Math.sin(angle);
        int inside = sheet.back().get(fromRight ? 1 : 0).page();
        int under = sheet.back().get(fromRight ? 0 : 1).page();
        int outside = sheet.front().get(fromRight ? 0 : 1).page();
        page(g, under, new Box(way > 0 ? x : x - wide, y, wide, high), false);
        double left = way > 0 ? Math.min(x, x - reach) : Math.min(x, x + reach);
        page(g, fold < 0.5 ? inside : outside, new Box(left, y - lift, Math.abs(reach), high), false);
        g.setStroke(Theme.INK);
        g.setLineWidth(1.4);
        g.strokeLine(x, y - lift, x, y + high);
    }

    /** The bound book opens at the page that is looked at. */
    private void open(GraphicsContext g, Loaded of, double t) {
        boolean fromRight = of.layout().imposition().scheme().rightToLeft();
        int most = of.layout().imposition().pages();
        Box box = of.boxes().of(page);
        double scale = (HIGH - 3 * GAP) / box.height();
        double wide = Math.min(box.width() * scale, canvas.getWidth() / 2 - 2 * GAP);
        double high = wide / box.width() * box.height();
        double x = canvas.getWidth() / 2;
        double y = (HIGH - high) / 2;
        int recto = page % 2 == 1 ? page : page + 1;
        int right = fromRight ? recto - 1 : recto;
        int left = fromRight ? recto : recto - 1;
        double reach = wide * Math.cos(Math.PI * (1 - t));
        if (right >= 1 && right <= most) {
            page(g, right, new Box(x, y, wide, high), false);
        }
        // The cover turns over to the left.
        if (t < 0.5) {
            page(g, 1, new Box(x, y, Math.max(2, -reach), high), false);
        } else if (left >= 1 && left <= most) {
            page(g, left, new Box(x - reach, y, Math.max(2, reach), high), false);
        }
        if (of.layout().imposition().scheme().kind() == FoldKind.NEST) {
            g.setStroke(Theme.INK);
            g.setLineWidth(2);
            for (double at : new double[] {0.25, 0.75}) {
                g.strokeLine(x, y + high * at - 6, x, y + high * at + 6);
            }
        }
    }

    /** Finds the page under the pointer among the sheets as they are fed. */
    private void press(MouseEvent e) {
        canvas.requestFocus();
        Optional<Loaded> now = work.loaded();
        if (now.isEmpty() || time.getValue() >= 1) {
            return;
        }
        SheetLayout layout = now.get().layout();
        Fed fed = fed(layout, layout.imposition().where(page).get(0));
        int place = fed.at(e.getX());
        if (place < 0 || place >= fed.fits()) {
            return;
        }
        boolean front = e.getY() < fed.top(false) - GAP / 2;
        double px = (e.getX() - fed.left(place)) / fed.scale();
        double py = (e.getY() - fed.top(front)) / fed.scale();
        PressSheet sheet = layout.imposition().sheets().get(fed.first() + place);
        for (PlacedPage each : layout.side(sheet, front, now.get().boxes()::of)) {
            if (each.cell().holds(new Box(px, py, 0.001, 0.001))) {
                go(each.seat().page());
            }
        }
    }
}
