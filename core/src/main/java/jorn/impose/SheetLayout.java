package jorn.impose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntFunction;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.measure.Length;
import jorn.measure.Size;

/**
 * Where pages stand on their sheets, and how large. Of all ways to turn the sheet and to part it, the one is taken in which pages are largest, and
 * then the one that wastes least.
 *
 * <p>Creep: each sheet of a nest pushes those inside of it out by its thickness, so that after the face trim inner pages have lost that much of their
 * outer margin (common practice; by geometry, with the fold pressed flat, the fold of the k-th sheet lies k calipers in from that of the outermost).
 * Pages of inner sheets move towards the fold by as much.
 */
public final class SheetLayout {
    private static final double HALF_TURN = 180;

    private final Imposition imposition;
    private final SheetSpec spec;
    private final Box sheet;
    private final Unprinted rim;
    private final double pageWidth;
    private final double pageHeight;

    private SheetLayout(
            Imposition imposition, SheetSpec spec, Box sheet, Unprinted rim, double pageWidth, double pageHeight) {
        this.imposition = imposition;
        this.spec = spec;
        this.sheet = sheet;
        this.rim = rim;
        this.pageWidth = pageWidth;
        this.pageHeight = pageHeight;
    }

    /**
     * Lays pages on sheets.
     *
     * @param pages how many there are
     * @param page the size of the largest
     */
    public static SheetLayout of(Scheme scheme, int pages, BlankPlace blanks, SheetSpec spec, Size page) {
        double w = page.width().points();
        double h = page.height().points();
        double a = Math.min(spec.sheet().width().points(), spec.sheet().height().points());
        double b = Math.max(spec.sheet().width().points(), spec.sheet().height().points());
        List<SheetLayout> ways = new ArrayList<>();
        for (Raster raster : scheme.rasters()) {
            Imposition order = Imposition.of(scheme, raster, pages, blanks);
            ways.add(new SheetLayout(order, spec, new Box(0, 0, a, b), spec.rim(), w, h));
            ways.add(
                    new SheetLayout(order, spec, new Box(0, 0, b, a), spec.rim().quarter(), w, h));
        }
        return ways.stream()
                .max(Comparator.comparingDouble((SheetLayout l) -> Math.round(1000 * l.fit()))
                        .thenComparingDouble(l -> Math.round(1000 * l.covered()))
                        .thenComparingDouble(SheetLayout::slack))
                .orElseThrow();
    }

    public Imposition imposition() {
        return imposition;
    }

    public SheetSpec spec() {
        return spec;
    }

    /** The sheet as it lies. */
    public Box sheet() {
        return sheet;
    }

    public boolean isLandscape() {
        return sheet.width() > sheet.height();
    }

    /** The rim that the printer leaves white, as the sheet lies. */
    public Box printable() {
        return sheet.inset(
                rim.top().points(),
                rim.right().points(),
                rim.bottom().points(),
                rim.left().points());
    }

    /**
     * Whether ink of a page lies where the printer prints, or is cut away with what does not.
     *
     * @param ink in the page's points, from the top left corner of its visible box
     * @param slack how exactly the ink is known, in points
     */
    public boolean isPrinted(PlacedPage page, Box ink, double slack) {
        Box left = page.turn().of(ink).common(page.cell());
        return left.isEmpty() || printable().outset(slack).holds(left);
    }

    /** How many times as large as it is a page could be here, in proportion. */
    private double fit() {
        return spec.fitting() == Fitting.TRUE_SIZE ? Math.min(1, slack()) : slack();
    }

    /** Likewise, whether it is made larger or not. */
    private double slack() {
        Box room = room(new Seat(1, 0, 0, false));
        return Math.min(room.width() / pageWidth, room.height() / pageHeight);
    }

    /** How many times as large pages become, across. */
    public double scale() {
        return scales()[0];
    }

    /** How many times as large pages become, down. */
    public double scaleDown() {
        return scales()[1];
    }

    private double[] scales() {
        Box room = room(new Seat(1, 0, 0, false));
        double fit = Math.min(room.width() / pageWidth, room.height() / pageHeight);
        double fill = Math.max(room.width() / pageWidth, room.height() / pageHeight);
        return switch (spec.fitting()) {
            case FIT -> new double[] {fit, fit};
            case FILL -> new double[] {fill, fill};
                // By the largest page: what is smaller stays as much smaller.
            case STRETCH -> new double[] {room.width() / pageWidth, room.height() / pageHeight};
            case TRUE_SIZE -> new double[] {1, 1};
        };
    }

    /** The share of the sheet that pages cover. */
    public double covered() {
        Box room = room(new Seat(1, 0, 0, false));
        double w = Math.min(room.width(), scale() * pageWidth);
        double h = Math.min(room.height(), scaleDown() * pageHeight);
        return imposition.raster().cells() * w * h / (sheet.width() * sheet.height());
    }

    /** How much of a page is cut away, as a share of it. */
    public double cutAway() {
        Box room = room(new Seat(1, 0, 0, false));
        double w = Math.min(1, room.width() / (scale() * pageWidth));
        double h = Math.min(1, room.height() / (scaleDown() * pageHeight));
        return 1 - w * h;
    }

    /** What a seat's page may cover. */
    Box cell(Seat seat) {
        Raster raster = imposition.raster();
        double gap = imposition.scheme().kind().isCut() ? spec.gap().points() : 0;
        double w = (sheet.width() - (raster.columns() - 1) * gap) / raster.columns();
        double h = (sheet.height() - (raster.rows() - 1) * gap) / raster.rows();
        return new Box(seat.column() * (w + gap), seat.row() * (h + gap), w, h);
    }

    /**
     * The paper on which a seat's page may be seen, beyond its edges, before it is cut: its cell, and half of the gap to its neighbours.
     *
     * @return in points from the sheet's top left corner
     */
    public Box paperOf(Seat seat) {
        double gap = imposition.scheme().kind().isCut() ? spec.gap().points() : 0;
        return cell(seat).outset(gap / 2).common(sheet);
    }

    /** What a page is fitted into; the same for all seats, so that all pages are of one size: as small as the rim makes the smallest. */
    private Box room(Seat seat) {
        Box cell = cell(seat);
        if (!spec.inside()) {
            return cell;
        }
        Raster raster = imposition.raster();
        double side = Math.max(rim.left().points(), rim.right().points());
        double end = Math.max(rim.top().points(), rim.bottom().points());
        // Where several stand side by side, those at the edges have one rim.
        double across = raster.columns() == 1 ? 2 * side : side;
        double down = raster.rows() == 1 ? 2 * end : end;
        double left = raster.columns() == 1 || seat.column() == 0
                ? side
                : seat.column() == raster.columns() - 1 ? 0 : side / 2;
        double top = raster.rows() == 1 || seat.row() == 0 ? end : seat.row() == raster.rows() - 1 ? 0 : end / 2;
        return Box.orEmpty(cell.x() + left, cell.y() + top, cell.width() - across, cell.height() - down);
    }

    /** What is left of a page once it is cut: its edges within its cell, where nothing is pushed out. */
    Box edge(Seat seat) {
        Box page = new Box(0, 0, pageWidth, pageHeight);
        return placed(new PressSheet(1, 1, 0, List.of(seat), List.of()), seat, page)
                .page()
                .common(cell(seat));
    }

    /** Whether a leaf is the sheet itself. */
    private boolean isWhole() {
        return imposition.scheme().kind() == FoldKind.LOOSE;
    }

    /** Leaves as they come into the hand, on a side: the sheet itself, or what is cut from it. */
    List<Box> leaves() {
        return isWhole() ? List.of(sheet) : edges();
    }

    /**
     * The leaf of a page as it comes into the hand, on its sheet.
     *
     * @param page that is placed
     */
    public Box leafOf(PlacedPage page) {
        return isWhole() ? sheet : edge(page.seat());
    }

    /** How large a leaf is in the hand. */
    Size leaf() {
        Box leaf = leaves().get(0);
        return new Size(Length.points(leaf.width()), Length.points(leaf.height()));
    }

    /** The edges of all pages of a side. */
    List<Box> edges() {
        List<Box> all = new ArrayList<>();
        for (int r = 0; r < imposition.raster().rows(); r++) {
            for (int c = 0; c < imposition.raster().columns(); c++) {
                all.add(edge(new Seat(1, c, r, false)));
            }
        }
        return all;
    }

    /**
     * The pages on one side of a sheet; blanks are left out.
     *
     * @param boxes the visible box of each page, of which the size counts
     */
    public List<PlacedPage> side(PressSheet on, boolean front, IntFunction<Box> boxes) {
        List<PlacedPage> all = new ArrayList<>();
        for (Seat seat : front ? on.front() : on.back()) {
            if (!seat.isBlank()) {
                all.add(placed(on, seat, boxes.apply(seat.page())));
            }
        }
        return all;
    }

    private PlacedPage placed(PressSheet on, Seat seat, Box page) {
        Box room = room(seat);
        Box cell = cell(seat);
        double[] scale = scales();
        double w = scale[0] * page.width();
        double h = scale[1] * page.height();
        double x = room.centreX() - w / 2;
        double y = room.centreY() - h / 2;
        double creep = on.depth() * spec.caliper().points();
        switch (imposition.scheme().kind()) {
            case NEST, SIGNATURES, SINGLES -> {
                boolean left = seat.column() == 0;
                if (spec.atFold()) {
                    x = left ? cell.right() - w : cell.x();
                }
                x += left ? creep : -creep;
            }
            case CALENDAR -> {
                boolean upper = seat.row() == 0;
                if (spec.atFold()) {
                    y = upper ? cell.bottom() - h : cell.y();
                }
                y += upper ? creep : -creep;
            }
            default -> {
                // Nothing is nested.
            }
        }
        Turn turn = new Turn(scale[0], 0, 0, scale[1], x, y);
        if (seat.turned()) {
            turn = Turn.about(x + w / 2, y + h / 2, HALF_TURN).after(turn);
        }
        return new PlacedPage(seat, cell, new Box(x, y, w, h), turn);
    }
}
