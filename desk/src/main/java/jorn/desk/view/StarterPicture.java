package jorn.desk.view;

import javafx.geometry.Pos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jorn.book.Starter;
import jorn.measure.Size;

/** What a starter looks like: its page in proportion, with a few strokes of what stands on it. */
public final class StarterPicture extends CanvasPane {
    private static final double SIDE = 74;

    private final Starter starter;

    private StarterPicture(Starter starter) {
        this.starter = starter;
        setPrefSize(SIDE, SIDE);
        setMinSize(SIDE, SIDE);
    }

    /** A picture with its name, to be chosen. */
    public static Button button(Starter starter, boolean chosen, Runnable choose) {
        var name = Labels.label(BriefSlips.sentenceCase(starter.kind()), "choice-name");
        VBox box = new VBox(2, new StarterPicture(starter), name);
        box.setAlignment(Pos.CENTER);
        box.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(box);
        button.getStyleClass().setAll("choice");
        if (chosen) {
            button.getStyleClass().add("chosen");
        }
        button.setId("starter-" + starter.id());
        button.setAccessibleText(starter.kind());
        button.setAccessibleHelp(starter.about());
        button.setTooltip(new javafx.scene.control.Tooltip(starter.about()));
        button.setOnAction(e -> choose.run());
        return button;
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        Size trim = starter.usualBrief().trim();
        double ratio = trim.width().points() / trim.height().points();
        double h = ratio > 1 ? (SIDE - 12) / ratio : SIDE - 12;
        double w = h * ratio;
        double x = (width - w) / 2;
        double y = (height - h) / 2;
        g.setFill(Theme.SHADOW);
        g.fillRect(x + 2, y + 3, w, h);
        g.setFill(Theme.SHEET);
        g.fillRect(x, y, w, h);
        g.setStroke(Theme.INK);
        g.setLineWidth(1);
        g.strokeRect(x, y, w, h);
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(0.8);
        inside(g, x + w * 0.12, y + h * 0.12, w * 0.76, h * 0.76);
    }

    private void inside(GraphicsContext g, double x, double y, double w, double h) {
        switch (starter) {
            case LINED_JOURNAL -> {
                lines(g, x, y + h * 0.25, w, h * 0.75, 8);
                g.setFill(Theme.THREAD);
                g.fillRect(x + w * 0.2, y, w * 0.6, 4);
            }
            case NOTEBOOK -> lines(g, x, y, w, h, 11);
            case WEEKLY_PLANNER, DATED_PLANNER, DAY_PLANNER, WEEK_DAY_PLANNER, UNDATED_PLANNER -> {
                week(g, x, y, w, h);
                g.setFill(starter.isDated() ? Theme.THREAD : Color.web("#7A8C5A"));
                g.fillRect(x, y - h * 0.05, w, starter == Starter.WEEKLY_PLANNER ? 1.5 : 4);
            }
            case LOG_BOOK -> {
                g.strokeRect(x, y, w, h * 0.3);
                lines(g, x, y + h * 0.36, w, h * 0.64, 6);
            }
            case GRID_SKETCHBOOK -> grid(g, x, y, Math.min(w, h));
            case PUZZLE_BOOK -> grid(g, x + (w - Math.min(w, h)) / 2, y + (h - Math.min(w, h)) / 2, Math.min(w, h));
            case COLOURING_BOOK -> petals(g, x + w / 2, y + h / 2, Math.min(w, h) / 2);
            case PICTURE_BOOK -> hills(g, x, y, w, h);
            case TEXT_BOOK -> {
                g.setFill(Theme.INK);
                g.fillRect(x + w * 0.3, y, w * 0.4, 3);
                lines(g, x, y + h * 0.14, w, h * 0.86, 14);
            }
            case ZINE -> {
                g.setLineWidth(2);
                g.strokeLine(x - w * 0.16, y + h * 0.2, x - w * 0.16, y + h * 0.32);
                g.strokeLine(x - w * 0.16, y + h * 0.68, x - w * 0.16, y + h * 0.8);
                g.setFill(Color.web("#7A8C5A"));
                g.fillRect(x, y, w, h * 0.5);
                g.setLineWidth(0.8);
                lines(g, x, y + h * 0.56, w, h * 0.44, 4);
            }
            case CARDS -> {
                g.setLineDashes(3, 2);
                g.strokeLine(x + w / 2, y - h * 0.1, x + w / 2, y + h * 1.1);
                g.strokeLine(x - w * 0.1, y + h / 3, x + w * 1.1, y + h / 3);
                g.strokeLine(x - w * 0.1, y + h * 2 / 3, x + w * 1.1, y + h * 2 / 3);
                g.setLineDashes();
            }
            case TABLET_PLANNER -> {
                week(g, x, y, w * 0.9, h);
                g.setFill(Theme.THREAD);
                for (int i = 0; i < 6; i++) {
                    g.fillRect(x + w * 0.97, y + i * h / 6, w * 0.12, h / 8);
                }
            }
            case BLANK_BOOK -> g.strokeOval(x + w * 0.2, y + h * 0.25, w * 0.5, h * 0.5);
            case EMPTY -> {
                g.setLineDashes(2, 3);
                g.strokeRect(x, y, w, h);
                g.setLineDashes();
            }
        }
    }

    private static void lines(GraphicsContext g, double x, double y, double w, double h, int n) {
        for (int i = 0; i < n; i++) {
            double at = y + h * (i + 0.5) / n;
            g.strokeLine(x, at, x + w, at);
        }
    }

    private static void week(GraphicsContext g, double x, double y, double w, double h) {
        for (int i = 0; i < 7; i++) {
            g.strokeLine(x, y + h * (i + 1) / 7, x + w, y + h * (i + 1) / 7);
            g.setFill(Theme.SOFT_INK);
            g.fillRect(x, y + h * (i + 0.3) / 7, w * 0.22, 2.4);
        }
    }

    private static void grid(GraphicsContext g, double x, double y, double side) {
        for (int i = 0; i <= 9; i++) {
            g.setLineWidth(i % 3 == 0 ? 1.3 : 0.4);
            double at = side * i / 9;
            g.strokeLine(x + at, y, x + at, y + side);
            g.strokeLine(x, y + at, x + side, y + at);
        }
    }

    private static void petals(GraphicsContext g, double cx, double cy, double r) {
        for (int i = 0; i < 6; i++) {
            double a = Math.PI * i / 3;
            g.strokeOval(
                    cx + Math.cos(a) * r * 0.5 - r * 0.36, cy + Math.sin(a) * r * 0.5 - r * 0.36, r * 0.72, r * 0.72);
        }
        g.strokeOval(cx - r * 0.2, cy - r * 0.2, r * 0.4, r * 0.4);
    }

    private static void hills(GraphicsContext g, double x, double y, double w, double h) {
        g.setFill(Color.web("#C9A24A"));
        g.fillOval(x + w * 0.62, y, w * 0.24, w * 0.24);
        g.setFill(Color.web("#7A8C5A"));
        g.fillPolygon(
                new double[] {
                    x - w * 0.14, x + w * 0.3, x + w * 0.62, x + w * 0.8, x + w * 1.14, x + w * 1.14, x - w * 0.14
                },
                new double[] {
                    y + h * 0.8, y + h * 0.4, y + h * 0.7, y + h * 0.55, y + h * 0.85, y + h * 1.14, y + h * 1.14
                },
                7);
    }
}
