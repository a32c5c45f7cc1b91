package jorn.desk.view;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.PageArt;
import jorn.cover.CoverGeometry;
import jorn.desk.model.BookState;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** The cover as one sheet: back, spine and front, with what is cut, folded or kept free marked on it. */
public class CoverView extends CanvasPane {
    private static final Color DARK = Color.web("#1D2733", 0.55);
    private static final Color LIGHT = Color.web("#FFFEF8", 0.85);

    private final Painter painter;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private PageArt art;

    private Unit unit = Unit.INCH;
    private boolean zones = true;
    private boolean moving;
    private Optional<Box> mark = Optional.empty();

    public CoverView(Painter painter) {
        this.painter = painter;
    }

    /** Draws over the sheet and its zones. */
    protected void over(GraphicsContext g) {}

    /** Shows what the cover would be like, without its zones; nothing for the cover as it is. */
    protected final void preview(@Nullable PageArt other) {
        art = other == null ? state.edition().cover().plane() : other;
        moving = other != null;
        redraw();
    }

    /** Where a point of the view lies on the cover, in points. */
    protected final Point2D pointOf(double x, double y) {
        Rectangle2D all = placeOf(state.cover().bled());
        double s = scale();
        return new Point2D(
                (x - all.getMinX()) / s + state.cover().bled().x(),
                (y - all.getMinY()) / s + state.cover().bled().y());
    }

    public final void show(BookState now, Unit lengths) {
        state = now;
        unit = lengths;
        art = now.edition().cover().plane();
        redraw();
    }

    public final void setZones(boolean shown) {
        zones = shown;
        redraw();
    }

    /** Marks a place on the cover. */
    public final void setMark(Optional<Box> place) {
        mark = place;
        redraw();
    }

    /** The colour that is seen at a point of the view, where the cover is there. */
    protected final Optional<Ink> colourAt(double x, double y) {
        Rectangle2D all = placeOf(state.cover().bled());
        if (!all.contains(x, y)) {
            return Optional.empty();
        }
        Image image = painter.now(art, state.cover().bled(), (int) Math.round(all.getWidth()));
        int px = (int) Math.min(image.getWidth() - 1, (x - all.getMinX()) / all.getWidth() * image.getWidth());
        int py = (int) Math.min(image.getHeight() - 1, (y - all.getMinY()) / all.getHeight() * image.getHeight());
        int c = image.getPixelReader().getArgb(px, py);
        return Optional.of(new Ink.Rgb(c >> 16 & 255, c >> 8 & 255, c & 255));
    }

    /** Thirds of the front, as short marks at its edges: titles and main pictures sit well on them. */
    private void drawThirds(GraphicsContext g) {
        Rectangle2D front = placeOf(state.cover().frontFace());
        double tick = em() * 0.55;
        for (int i = 1; i <= 2; i++) {
            double x = front.getMinX() + front.getWidth() * i / 3;
            double y = front.getMinY() + front.getHeight() * i / 3;
            g.strokeLine(x, front.getMinY(), x, front.getMinY() + tick);
            g.strokeLine(x, front.getMaxY() - tick, x, front.getMaxY());
            g.strokeLine(front.getMinX(), y, front.getMinX() + tick, y);
            g.strokeLine(front.getMaxX() - tick, y, front.getMaxX(), y);
        }
    }

    /** Pixels in a point. */
    protected final double scale() {
        Box all = state.cover().bled();
        return Math.max(0.05, Math.min((getWidth() - 28) / all.width(), (getHeight() - em() * 6.2) / all.height()));
    }

    /** Where a box of the cover lies in the view. */
    public final Rectangle2D placeOf(Box box) {
        Box all = state.cover().bled();
        double s = scale();
        double x = (getWidth() - all.width() * s) / 2;
        double y = Math.max(em() * 1.9, (getHeight() - all.height() * s) / 2 - em() * 1.3);
        return new Rectangle2D(
                x + (box.x() - all.x()) * s, y + (box.y() - all.y()) * s, box.width() * s, box.height() * s);
    }

    @Override
    protected final void draw(GraphicsContext g, double width, double height) {
        if (state == null) {
            return;
        }
        g.setTextBaseline(VPos.BASELINE);
        Rectangle2D all = placeOf(state.cover().bled());
        g.setFill(Theme.SHADOW);
        g.fillRect(all.getMinX() + 4, all.getMinY() + 6, all.getWidth(), all.getHeight());
        int wide = (int) Math.round(all.getWidth());
        Image image = moving
                ? Painter.fresh(art, state.cover().bled(), wide)
                : painter.now(art, state.cover().bled(), wide);
        g.drawImage(image, all.getMinX(), all.getMinY(), all.getWidth(), all.getHeight());
        if (zones && !moving) {
            drawZones(g, all);
        }
        mark.ifPresent(m -> {
            Rectangle2D at = placeOf(m.outset(3));
            g.setStroke(Theme.THREAD);
            g.setLineWidth(2.4);
            g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        });
        drawMeasures(g, all);
        over(g);
    }

    private Color zone() {
        return state.book().cover().ground().luminance() > 0.25 ? DARK : LIGHT;
    }

    private void drawZones(GraphicsContext g, Rectangle2D all) {
        Rectangle2D trim = placeOf(state.cover().trim());
        Color ink = zone();
        Hatch.frame(g, Hatch.Pattern.FALLING, ink, all, trim);
        g.setStroke(ink);
        g.setLineWidth(1);
        g.strokeRect(trim.getMinX(), trim.getMinY(), trim.getWidth(), trim.getHeight());
        g.setLineDashes(4, 4);
        dashed(g, state.cover().safe(state.cover().frontFace()));
        state.cover().backFace().ifPresent(back -> dashed(g, state.cover().safe(back)));
        g.setLineDashes(9, 3, 2, 3);
        List<CoverGeometry.Panel> panels = state.cover().panels();
        for (int i = 1; i < panels.size(); i++) {
            Rectangle2D p = placeOf(panels.get(i).box());
            g.strokeLine(p.getMinX(), all.getMinY(), p.getMinX(), all.getMaxY());
        }
        g.setLineDashes();
        drawThirds(g);
        spineClear(g, ink);
        for (Box strip : state.cover().strips()) {
            Rectangle2D at = placeOf(strip);
            Hatch.rect(g, Hatch.Pattern.RISING, ink, at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        }
        for (Box hole : state.cover().holes()) {
            Rectangle2D at = placeOf(hole);
            g.setFill(Theme.PAPER);
            g.fillOval(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
            g.strokeOval(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        }
        state.cover().barcode().ifPresent(box -> {
            Rectangle2D at = placeOf(box);
            Hatch.rect(g, Hatch.Pattern.CROSSED, ink, at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
            g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
            if (at.getWidth() < widthOf(Wording.of("desk.cover.barcode")) + 6) {
                return;
            }
            g.setFill(Theme.SHEET);
            double w = Math.min(at.getWidth() - 8, em() * 5.2);
            g.fillRect(
                    at.getMinX() + (at.getWidth() - w) / 2,
                    at.getMinY() + at.getHeight() / 2 - em() * 0.75,
                    w,
                    em() * 1.4);
            g.setTextAlign(TextAlignment.CENTER);
            write(
                    g,
                    Wording.of("desk.cover.barcode"),
                    at.getMinX() + at.getWidth() / 2,
                    at.getMinY() + at.getHeight() / 2 + em() * 0.28,
                    Theme.INK,
                    false);
        });
    }

    /** The strips beside the folds in which no words may stand on the spine. */
    private void spineClear(GraphicsContext g, Color ink) {
        Optional<Box> spine = state.cover().spineBox();
        Optional<Box> safe = state.cover().spineSafe();
        if (spine.isEmpty() || safe.isEmpty()) {
            return;
        }
        Rectangle2D s = placeOf(spine.get());
        Rectangle2D c = placeOf(safe.get());
        Hatch.rect(g, Hatch.Pattern.RISING, ink, s.getMinX(), s.getMinY(), c.getMinX() - s.getMinX(), s.getHeight());
        Hatch.rect(g, Hatch.Pattern.RISING, ink, c.getMaxX(), s.getMinY(), s.getMaxX() - c.getMaxX(), s.getHeight());
    }

    private static String name(CoverGeometry.CoverPart part) {
        return Wording.of(
                "desk.cover.part-" + part.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    private void dashed(GraphicsContext g, Box box) {
        Rectangle2D at = placeOf(box);
        g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
    }

    private void drawMeasures(GraphicsContext g, Rectangle2D all) {
        double y = all.getMinY() - em() * 0.55;
        g.setTextAlign(TextAlignment.CENTER);
        panelNames(g, y);
        double under = all.getMaxY() + em() * 0.75;
        measureLine(g, all.getMinX(), under, all.getMaxX(), under);
        String sheet = state.measures().get("cover.width").text(unit) + " × "
                + state.measures().get("cover.height").text(unit);
        double y2 = under + em() * 1.2;
        g.setTextAlign(TextAlignment.CENTER);
        double centre = all.getMinX() + all.getWidth() / 2;
        write(g, sheet, centre, y2, Theme.SOFT_INK, false);
        if (zones) {
            boolean turned = state.book().brief().binding() == Binding.CASED;
            String cut = Wording.of(
                    turned ? "desk.cover.hatched-turned" : "desk.cover.hatched-cut-off",
                    Length.points(-state.cover().bled().x()).format(unit));
            List<String> parts = new ArrayList<>(List.of(cut, Wording.of("desk.cover.dashed-keep-words-inside")));
            if (!state.cover().strips().isEmpty()) {
                String what = state.cover().figures().hinge().isPresent()
                        ? Wording.of("desk.cover.hinge")
                        : Wording.of("desk.cover.holes");
                parts.add(Wording.of(
                        "desk.cover.rising-lines",
                        what,
                        Length.points(state.cover().strips().get(0).width()).format(unit)));
            }
            if (state.cover().strips().isEmpty() && state.cover().spineBox().isPresent()) {
                parts.add(Wording.of("desk.cover.spine-clear"));
            }
            captions(g, centre, y2 + em() * 1.2, getWidth() - 8, parts.toArray(String[]::new));
        }
    }

    /** The panels' names above them; those beside the spine give way to the spine's, which may be wider than the spine itself. */
    private void panelNames(GraphicsContext g, double y) {
        List<CoverGeometry.Panel> panels = state.cover().panels().stream()
                .sorted(Comparator.comparingDouble(p -> p.box().x()))
                .toList();
        List<PanelNames.Stretch> places = panels.stream()
                .map(p -> placeOf(p.box()))
                .map(at -> new PanelNames.Stretch(at.getMinX(), at.getMaxX()))
                .toList();
        int spine = -1;
        for (int i = 0; i < panels.size(); i++) {
            spine = panels.get(i).part() == CoverGeometry.CoverPart.SPINE ? i : spine;
        }
        // Bold letters are a little wider.
        double wide = spine < 0 ? 0 : widthOf(measured(panels.get(spine), true, Double.MAX_VALUE)) * 1.08;
        List<PanelNames.Stretch> rooms = PanelNames.rooms(places, spine, wide, em() * 0.8);
        for (int i = 0; i < panels.size(); i++) {
            boolean own = i == spine;
            String name = measured(
                    panels.get(i), own, own ? Double.MAX_VALUE : rooms.get(i).width());
            write(g, name, rooms.get(i).middle(), y, own ? Theme.THREAD : Theme.SOFT_INK, own);
        }
    }

    /** The panel's name with its width, or as much of that as there is room for. */
    private String measured(CoverGeometry.Panel panel, boolean exact, double room) {
        Length across = Length.points(panel.box().width());
        String name = name(panel.part());
        String whole = name + " " + (exact ? across.format(unit, Precision.EXACT) : across.format(unit));
        return widthOf(whole) <= room ? whole : widthOf(name) <= room ? name : "";
    }
}
