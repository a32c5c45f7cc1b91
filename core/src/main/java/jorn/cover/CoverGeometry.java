package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.code.BookBarcode;
import jorn.makeup.PunchedHoles;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.CoverRule;

/**
 * Where the parts of a cover lie, on one plane in points. The origin is the top left corner of the finished cover, spread
 * flat. For a book that reads from right to left everything mirrors: the front is at the left.
 */
public final class CoverGeometry {
    /** Distance on the plane between covers that are pages of their own: half an inch, for looking at only. */
    private static final double APART = 36;

    /** What a panel is. */
    public enum CoverPart {
        BACK,
        SPINE,
        FRONT,
        BACK_FLAP,
        FRONT_FLAP
    }

    /** A panel of the finished cover. */
    public record Panel(CoverPart part, Box box) {}

    /**
     * One file page of the cover.
     *
     * @param trim the finished part
     * @param bled with bleed or turn-in
     * @param media the sheet on which it is delivered
     */
    public record CoverSheet(Box trim, Box bled, Box media) {}

    private final Brief brief;
    private final CoverFigures figures;
    private final List<Panel> panels;
    private final Optional<BookBarcode> symbol;
    private final boolean composed;

    private CoverGeometry(Book book, int pageCount) {
        this.brief = book.brief();
        this.figures = CoverFigures.of(book, pageCount);
        this.symbol = book.cover().plan().flatMap(p -> p.code().barcode());
        this.composed = book.cover().plan().isPresent();
        this.panels = layOut();
    }

    /**
     * @param pageCount how many pages the bound book has
     */
    public static CoverGeometry of(Book book, int pageCount) {
        return new CoverGeometry(book, pageCount);
    }

    public CoverFigures figures() {
        return figures;
    }

    /** Whether the press wants a cover file at all: not where the first and last pages serve as the cover. */
    public boolean isDelivered() {
        return brief.hasCoverApart();
    }

    private List<Panel> layOut() {
        double w = figures.panelWidth().points();
        double spine = figures.spine().length().points();
        double flap = brief.offer().flap().map(f -> f.points()).orElse(0.0);
        List<Panel> all = new ArrayList<>();
        double x = 0;
        switch (brief.binding()) {
            case GLUED, CASED -> {
                x = add(all, CoverPart.BACK, x, w);
                x = add(all, CoverPart.SPINE, x, spine);
                add(all, CoverPart.FRONT, x, w);
            }
            case JACKET -> {
                // A jacket goes round the boards' edges between panel and flap.
                double around = figures.around().points();
                x = add(all, CoverPart.BACK_FLAP, x, flap) + around;
                x = add(all, CoverPart.BACK, x, w);
                x = add(all, CoverPart.SPINE, x, spine);
                x = add(all, CoverPart.FRONT, x, w) + around;
                add(all, CoverPart.FRONT_FLAP, x, flap);
            }
            case STITCHED -> {
                x = add(all, CoverPart.BACK, x, w);
                add(all, CoverPart.FRONT, x, w);
            }
            case COIL -> {
                x = add(all, CoverPart.BACK, x, w) + APART;
                add(all, CoverPart.FRONT, x, w);
            }
            case LOOSE -> add(all, CoverPart.FRONT, x, w);
        }
        if (brief.edge() == BindingEdge.RIGHT) {
            double whole = all.stream().mapToDouble(p -> p.box().right()).max().orElse(0);
            all.replaceAll(p -> new Panel(
                    p.part(),
                    new Box(
                            whole - p.box().right(),
                            p.box().y(),
                            p.box().width(),
                            p.box().height())));
        }
        return List.copyOf(all);
    }

    private double add(List<Panel> all, CoverPart part, double x, double width) {
        all.add(new Panel(part, new Box(x, 0, width, figures.panelHeight().points())));
        return x + width;
    }

    /** All panels of the finished cover. */
    public List<Panel> panels() {
        return panels;
    }

    /** A panel, where the cover has one. */
    public Optional<Box> panel(CoverPart part) {
        return panels.stream().filter(p -> p.part() == part).map(Panel::box).findFirst();
    }

    /** The pages of the cover file, front first. */
    public List<CoverSheet> sheets() {
        if (brief.binding() == Binding.COIL) {
            return List.of(sheet(front()), sheet(panel(CoverPart.BACK).orElseThrow()));
        }
        return List.of(sheet(trim()));
    }

    private CoverSheet sheet(Box trim) {
        Box bled = trim.outset(figures.outer().length().points());
        Box media = brief.press()
                .cover()
                .sheet()
                .filter(s -> brief.press().cover().delivery() == CoverRule.Delivery.FIXED)
                .map(s -> around(bled, s.width().points(), s.height().points()))
                .orElse(bled);
        return new CoverSheet(trim, bled, media);
    }

    /** A box of this size about the middle of another; never smaller than that. */
    private static Box around(Box inner, double width, double height) {
        double w = Math.max(width, inner.width());
        double h = Math.max(height, inner.height());
        return new Box(inner.centreX() - w / 2, inner.centreY() - h / 2, w, h);
    }

    /** Whether the fixed sheet is large enough for the cover. */
    public boolean fitsSheet() {
        return figures.sheet().isEmpty()
                || (figures.sheet().get(0).length().compareTo(figures.width().length()) >= 0
                        && figures.sheet()
                                        .get(1)
                                        .length()
                                        .compareTo(figures.height().length())
                                >= 0);
    }

    /** The finished cover, spread flat. */
    public Box trim() {
        return panels.stream().map(Panel::box).reduce(Box::with).orElseThrow();
    }

    /** The finished cover with bleed or turn-in. */
    public Box bled() {
        return trim().outset(figures.outer().length().points());
    }

    /** The front panel. */
    public Box front() {
        return panel(CoverPart.FRONT).orElseThrow();
    }

    /** The front as far as it can be designed: a panel less the hinge of a case and the holes of a coil. */
    public Box frontFace() {
        return face(front(), spineSideIsLeft(CoverPart.FRONT));
    }

    /** The back panel, where there is one. */
    public Optional<Box> back() {
        return panel(CoverPart.BACK);
    }

    /** The back as far as it can be designed. */
    public Optional<Box> backFace() {
        return back().map(b -> face(b, spineSideIsLeft(CoverPart.BACK)));
    }

    /** The strips beside the spine in which nothing should stand: hinges, or holes. */
    public List<Box> strips() {
        double strip = stripWidth();
        List<Box> all = new ArrayList<>();
        for (Panel p : panels) {
            if (strip > 0 && (p.part() == CoverPart.FRONT || p.part() == CoverPart.BACK)) {
                Box b = p.box();
                all.add(
                        brief.isHeadBound()
                                ? new Box(b.x(), b.y(), b.width(), strip)
                                : spineSideIsLeft(p.part())
                                        ? new Box(b.x(), b.y(), strip, b.height())
                                        : new Box(b.right() - strip, b.y(), strip, b.height()));
            }
        }
        return all;
    }

    /** The holes through front and back, each as the box round it; none where the cover is not punched. */
    public List<Box> holes() {
        List<Box> all = new ArrayList<>();
        brief.holes()
                .filter(h -> isPunched())
                .ifPresent(pattern -> panels.forEach(p -> {
                    PunchedHoles edge = brief.isHeadBound()
                            ? PunchedHoles.HEAD
                            : spineSideIsLeft(p.part()) ? PunchedHoles.LEFT : PunchedHoles.RIGHT;
                    all.addAll(edge.of(pattern, p.box()));
                }));
        return List.copyOf(all);
    }

    private Box face(Box panel, boolean spineAtLeft) {
        double strip = stripWidth();
        if (brief.isHeadBound()) {
            return panel.inset(strip, 0, 0, 0);
        }
        return panel.inset(0, spineAtLeft ? 0 : strip, 0, spineAtLeft ? strip : 0);
    }

    private double stripWidth() {
        return figures.hinge()
                .map(h -> h.length().points())
                .orElseGet(() -> Math.max(
                        brief.offer().strip().map(s -> s.points()).orElse(0.0),
                        brief.holes()
                                .filter(h -> isPunched())
                                .map(h -> h.clear().points())
                                .orElse(0.0)));
    }

    /** Whether holes go through the cover as well. */
    private boolean isPunched() {
        return brief.binding() == Binding.COIL || brief.binding() == Binding.LOOSE;
    }

    private boolean spineSideIsLeft(CoverPart part) {
        return part == CoverPart.FRONT == (brief.edge() != BindingEdge.RIGHT);
    }

    /** The spine, where there is one. */
    public Optional<Box> spineBox() {
        return panel(CoverPart.SPINE);
    }

    /** Where spine text may stand: clear of the folds, and of head and foot. */
    public Optional<Box> spineSafe() {
        double clear = brief.offer().spineText().map(s -> s.clear().points()).orElse(0.0);
        double ends = brief.press().cover().safe().points();
        return spineBox().map(s -> s.inset(ends, clear, ends, clear));
    }

    /** A panel less what may be cut off. */
    public Box safe(Box panel) {
        return panel.inset(brief.press().cover().safe());
    }

    /** Where a barcode stands that no press has a rule for (common practice). */
    private static final double CUSTOMARY_INSET = 27;

    /**
     * The room of the barcode on the back near the spine, where there is one: the press's where it prints it, else as much as the book's
     * own symbol takes. A book without a number leaves no room unless the press prints one.
     */
    public Optional<Box> barcode() {
        if (back().isEmpty()) {
            return Optional.empty();
        }
        Optional<CoverRule.Barcode> rule = brief.press().cover().barcode();
        boolean byPress = rule.filter(b -> b.by() == CoverRule.By.PRESS).isPresent();
        if (composed && !byPress) {
            return symbol.map(s -> low(s.room(), rule));
        }
        return rule.map(b -> low(byPress ? larger(b.area()) : b.area(), rule));
    }

    /** The press's area, grown where the number and its price need more. */
    private Size larger(Size area) {
        return symbol.map(s -> new Size(
                        Length.points(
                                Math.max(area.width().points(), s.room().width().points())),
                        Length.points(Math.max(
                                area.height().points(), s.room().height().points()))))
                .orElse(area);
    }

    /** The book's own symbol and where it stands, where the publisher supplies it. */
    public Optional<Box> ownBarcode() {
        boolean byPress = brief.press()
                .cover()
                .barcode()
                .filter(b -> b.by() == CoverRule.By.PRESS)
                .isPresent();
        return byPress ? Optional.empty() : symbol.flatMap(s -> barcode());
    }

    private Box low(Size area, Optional<CoverRule.Barcode> rule) {
        Box panel = back().orElseThrow();
        double strip = stripWidth();
        double w = area.width().points();
        double h = area.height().points();
        double fromSpine = rule.map(b -> b.fromSpine().points()).orElse(CUSTOMARY_INSET + strip);
        double fromFoot = rule.map(b -> b.fromFoot().points()).orElse(CUSTOMARY_INSET);
        double x = spineSideIsLeft(CoverPart.BACK) ? panel.x() + fromSpine : panel.right() - fromSpine - w;
        return new Box(x, panel.bottom() - fromFoot - h, w, h);
    }
}
