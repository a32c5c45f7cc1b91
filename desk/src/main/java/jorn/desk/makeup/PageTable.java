package jorn.desk.makeup;

import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import jorn.art.Box;
import jorn.art.Side;
import jorn.desk.model.Desk;
import jorn.desk.view.SpreadView;

/**
 * Lays out the Make-up bench: the flat plan in a row that can be pulled taller, under it the spread, which gets all the room there
 * is, and at the right the slips. Where the spread would have to be smaller for the slips' sake, they lie over the margin of its
 * outer page.
 */
public final class PageTable extends Pane {
    private static final double THUMB_EM = 3.7;
    private static final double LARGEST_THUMB = 62;
    private static final double COLUMN_EM = 17.4;
    private static final double GAP = 12;
    private static final double GRIP = 13;
    /** So much of the bench stays for the spread, however tall the plan is pulled. */
    private static final double SPREAD_SHARE = 0.3;

    private final Desk desk;
    private final FlatPlan plan;
    private final PullGrip grip;
    private final SpreadView spread;
    private final Region column;
    private double em;
    /** How much taller than one line the plan is pulled. */
    private double pulled;

    public PageTable(Desk desk, FlatPlan plan, SpreadView spread, Region column) {
        this.desk = desk;
        this.plan = plan;
        this.spread = spread;
        this.column = column;
        grip = new PullGrip(this::pull, this::turn);
        getChildren().addAll(plan, grip, spread, column);
        grip.show(true);
        setMinSize(0, 0);
    }

    /** Sets the text size, which columns and marks follow. */
    public void textSize(double pixels) {
        em = pixels;
        requestLayout();
    }

    private double line() {
        return Math.min(em * THUMB_EM, LARGEST_THUMB) + StripLayout.TOP + StripLayout.marks(plan.hasCycles(), em);
    }

    private void pull(double by) {
        pulled = Math.max(0, Math.min(most() - line(), pulled + by));
        grip.show(pulled < line() / 2);
        requestLayout();
    }

    /** To the whole book, or back to one line. */
    private void turn() {
        double whole = Math.min(plan.wholeHeight(), most());
        pulled = pulled < line() / 2 ? Math.max(0, whole - line()) : 0;
        grip.show(pulled < line() / 2);
        requestLayout();
    }

    private double most() {
        return Math.max(line(), (getHeight() - GRIP) * (1 - SPREAD_SHARE));
    }

    @Override
    protected void layoutChildren() {
        double wide = getWidth();
        double high = getHeight();
        double columnWide = Math.min(em * COLUMN_EM, wide * 0.45);
        double left = Math.max(10, wide - columnWide - GAP);
        double line = line();
        plan.setLineHeight(line);
        double planHigh = Math.min(line + pulled, Math.max(line, most()));
        plan.resizeRelocate(0, 0, left, planHigh);
        double gripWide = Math.min(left, grip.prefWidth(-1));
        grip.resizeRelocate((left - gripWide) / 2, planHigh, gripWide, GRIP);
        double top = planHigh + GRIP;
        double room = Math.max(10, high - top);
        spread.resizeRelocate(0, top, left + overlap(left, room), room);
        column.resizeRelocate(wide - columnWide, 0, columnWide, high);
    }

    /** How far the spread may reach under the slips: as far as it gains by it, and no farther than its outer margin. */
    private double overlap(double left, double room) {
        if (spread.isSingle()) {
            return 0;
        }
        var frame = desk.state().get().edition().pages().frame(Side.RECTO);
        Box trim = frame.trim();
        double scale = Math.max(0, room - 2 * em) / trim.height();
        double lacking = 2 * trim.width() * scale - left + 20;
        double margin = (trim.right() - frame.text().right()) * scale;
        return Math.max(0, Math.min(lacking, margin + GAP));
    }
}
