package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Painter;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;

/** Books that are weighed against each other, standing side by side on a board at one scale, each with its thickness. */
final class Shelf extends CanvasPane {
    private final Painter painter;
    private final List<Stood> books = new ArrayList<>();
    private final Unit unit;

    /** A book with the thickness of its block. */
    private record Stood(PageArt front, Length thick, String name) {}

    Shelf(Painter painter, Unit unit, double em) {
        this.painter = painter;
        this.unit = unit;
        setEm(em);
        setMinHeight(em * 13);
        setPrefHeight(em * 13);
        setId("shelf");
    }

    /** Puts one more on the board. */
    void add(Book book, Length thick, String name) {
        books.add(new Stood(Edition.of(book).cover().frontArt(), thick, name));
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        double board = height - em() * 1.7;
        double place = width / Math.max(1, books.size());
        double scale = Double.MAX_VALUE;
        for (Stood b : books) {
            double across = b.front().trim().width() + b.thick().points();
            scale = Math.min(
                    scale,
                    Math.min(
                            (place - em() * 3) / across,
                            (board - em() * 0.6) / b.front().trim().height()));
        }
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(2);
        g.strokeLine(0, board, width, board);
        g.setTextBaseline(VPos.BASELINE);
        for (int i = 0; i < books.size(); i++) {
            Stood b = books.get(i);
            double w = b.front().trim().width() * scale;
            double h = b.front().trim().height() * scale;
            double t = Math.max(1, b.thick().points() * scale);
            double x = i * place + Math.max(t + 2, (place - w - t) / 2 + t);
            g.setFill(Theme.SHADOW);
            g.fillRect(x + 4, board - h + 5, w, h - 5);
            g.setFill(Theme.SHEET);
            g.fillRect(x - t, board - h, t, h);
            g.drawImage(painter.now(b.front(), b.front().trim(), (int) Math.max(4, Math.round(w))), x, board - h, w, h);
            g.setStroke(Theme.INK);
            g.setLineWidth(1);
            g.strokeRect(x - t, board - h, t, h);
            g.strokeRect(x, board - h, w, h);
            g.setTextAlign(TextAlignment.CENTER);
            String words = b.name() + " · " + b.thick().format(unit, Precision.EXACT);
            write(g, words, i * place + place / 2, height - em() * 0.35, Theme.INK, i == 0);
        }
    }
}
