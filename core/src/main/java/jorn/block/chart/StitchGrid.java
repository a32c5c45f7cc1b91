package jorn.block.chart;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * A chart for stitches: squares with every fifth line stronger; the stitches are numbered from the right, the rows from the foot, odd
 * ones at the right and even ones at the left, as a chart worked in rows is read (common practice).
 *
 * @param square width of a stitch
 * @param high height of a row as a share of its width; knitted stitches are broader than high
 */
public record StitchGrid(@Label("block.stitch-grid.square") Length square, @Label("block.stitch-grid.high") Double high)
        implements Node {
    static final NodeKind<StitchGrid> KIND = NodeKind.of("stitch-grid", StitchGrid.class)
            .filling()
            .offered(
                    "stitch-grid",
                    Wording.of("block.stitch-grid.name"),
                    Wording.of("block.stitch-grid.says"),
                    () -> new StitchGrid(Length.mm(4), 0.8));

    private static final Length SMALLEST = Length.mm(3);
    private static final Length LARGEST = Length.mm(12);
    private static final int STRONG = 5;

    public StitchGrid {
        Length wanted = square == null ? Length.mm(4) : square;
        square = wanted.points() < SMALLEST.points() ? SMALLEST : wanted.points() > LARGEST.points() ? LARGEST : wanted;
        high = high == null ? Double.valueOf(1) : Double.valueOf(Math.max(0.6, Math.min(1.4, high)));
    }

    private Box grid(Box area, StyledPen pen) {
        double label = pen.step() * 0.9;
        double h = square.points() * high;
        int across = (int) ((area.width() - 2 * label) / square.points());
        int down = (int) ((area.height() - pen.step()) / h);
        double w = Math.max(0, across) * square.points();
        return Box.orEmpty(area.centreX() - w / 2, area.y(), w, Math.max(0, down) * h);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || lack(area, flow).isPresent()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Box grid = grid(area, pen);
        double w = square.points();
        double h = w * high;
        int across = (int) Math.round(grid.width() / w);
        int down = (int) Math.round(grid.height() / h);
        Rule fine = pen.style().lines().writing().withKind(Rule.LineKind.SOLID);
        Rule strong = pen.style().lines().frame();
        for (int c = 0; c <= across; c++) {
            pen.down((across - c) % STRONG == 0 ? strong : fine, grid.x() + c * w, grid.y(), grid.bottom());
        }
        for (int r = 0; r <= down; r++) {
            pen.across(r % STRONG == 0 ? strong : fine, grid.x(), grid.right(), grid.bottom() - r * h);
        }
        Lettering as = pen.figure(TypeStep.NOTE);
        for (int c = STRONG; c <= across; c += STRONG) {
            double x = grid.right() - (c - 0.5) * w;
            Box at = new Box(x - w * 2, grid.bottom(), w * 4, pen.step());
            pen.words(Integer.toString(c), at, grid.bottom() + as.size() * 1.1, as.at(Align.CENTRE));
        }
        // A row's number stands where the row begins: numbers closer than their own height would run together.
        int every = h >= as.size() ? 1 : 2;
        for (int r = 1; r <= down; r += every) {
            rowNumber(r, grid.bottom() - (r - 0.5) * h, grid, as, pen);
            if (every == 2 && r + 1 <= down && 2 * h >= as.size()) {
                rowNumber(r + 1, grid.bottom() - (r + 0.5) * h, grid, as, pen);
            }
        }
    }

    private static void rowNumber(int r, double middle, Box grid, Lettering as, StyledPen pen) {
        double label = pen.step() * 0.9;
        boolean right = r % 2 == 1;
        Box at = new Box(right ? grid.right() + 2 : grid.x() - label, middle - 5, label - 2, 10);
        pen.words(Integer.toString(r), at, middle + as.size() * 0.34, as.at(right ? Align.LEFT : Align.RIGHT));
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        Box grid = grid(area, pen);
        double w = square.points();
        double h = w * high;
        int across = (int) Math.round(grid.width() / w);
        int down = (int) Math.round(grid.height() / h);
        for (int r = 0; r < down * 0.6; r++) {
            for (int c = 0; c < across; c++) {
                // Small diamonds, as many pullovers have them.
                int d = Math.abs((c + 5) % 10 - 5) + Math.abs((r + 4) % 8 - 4);
                if (d == 3 || d == 0) {
                    hand.hatch(new Box(grid.right() - (c + 1) * w, grid.bottom() - (r + 1) * h, w, h).inset(0.7));
                }
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        Box grid = grid(area, StyledPen.measuring(flow));
        boolean fits = grid.width() >= STRONG * square.points() && grid.height() >= STRONG * square.points() * high;
        return fits ? Optional.empty() : Optional.of(Lack.of(Message.of("block.stitch-grid.lack", STRONG)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width;
    }
}
