package jorn.code;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import uk.org.okapibarcode.backend.Ean;
import uk.org.okapibarcode.backend.EanUpcAddOn;
import uk.org.okapibarcode.backend.Symbol;

/**
 * The symbol of a book's number as a shop reads it: EAN-13, with the price's five-digit add-on where wanted (GS1 General
 * Specifications, 5.2). Everything is black on a white ground, which keeps the light margins.
 *
 * @param isbn the number
 * @param addOn figures of the price, where they stand beside it
 * @param size 0.8 to 2 of the nominal size
 */
public record BookBarcode(Isbn isbn, Optional<AddOn> addOn, double size) {
    /** Width of the thinnest bar at full size: 0.330 mm (GS1 General Specifications, 5.2.3.1). */
    public static final Length MODULE = Length.mm(0.33);

    /** Light margins in modules (GS1 General Specifications, 5.2.3.4). */
    public static final int LEFT_QUIET = 11;

    public static final int RIGHT_QUIET = 7;
    /** Between the symbol and its add-on, and behind that (GS1 General Specifications, 5.2.3.5). */
    public static final int BETWEEN = 7;

    public static final int ADD_ON_QUIET = 5;

    private static final int BARS = 95;
    private static final int ADD_ON_BARS = 47;
    /** Guard bars are longer by five modules (5.2.3.3). */
    private static final int LONGER = 5;
    /** Bars at full size: 22.85 mm; with the figures 25.93 mm (5.2.3.3). */
    private static final double BAR_HEIGHT = 22.85;

    private static final double WHOLE_HEIGHT = 25.93;
    private static final double FIGURES = 8.6;
    private static final int FIELD = 7;
    private static final int LEFT_HALF = 3;
    private static final int RIGHT_HALF = 50;
    private static final int HALF = 6;
    /** The words above the bars and the light above them, in millimetres at full size. */
    private static final double WORDS = 3.4;

    private static final double RIM = 1.2;

    public static final double SMALLEST = 0.8;
    public static final double LARGEST = 2;

    public BookBarcode {
        if (!(size >= SMALLEST) || size > LARGEST) {
            throw Trouble.of("code.book-barcode.bad-size", Math.round(size * 100));
        }
    }

    /** How many modules it is wide, with its light margins. */
    public int modules() {
        int main = LEFT_QUIET + BARS;
        return addOn.isPresent() ? main + BETWEEN + ADD_ON_BARS + ADD_ON_QUIET : main + RIGHT_QUIET;
    }

    private double module() {
        return MODULE.points() * size;
    }

    /** The room that it takes, with light margins, figures and the number in words above it. */
    public Size room() {
        double high = Length.mm((WHOLE_HEIGHT + WORDS + 2 * RIM) * size).points();
        return new Size(Length.points(modules() * module()), Length.points(high));
    }

    /** The whole symbol with its white ground, its corner at the origin. */
    public List<Mark> marks() {
        double x = module();
        Size room = room();
        List<Mark> all = new ArrayList<>();
        Box ground = new Box(0, 0, room.width().points(), room.height().points());
        all.add(new Mark.Fill(Path.box(ground), Ink.WHITE));
        double top = Length.mm((RIM + WORDS) * size).points();
        double high = Length.mm(BAR_HEIGHT * size).points();
        Path.Builder bars = Path.builder();
        double left = LEFT_QUIET * x;
        for (double[] bar : bars(main())) {
            boolean guard = bar[0] < LEFT_HALF || bar[0] >= BARS - LEFT_HALF || isMiddle(bar[0]);
            box(bars, left + bar[0] * x, top, bar[1] * x, guard ? high + LONGER * x : high);
        }
        double figures = FIGURES * x;
        double baseline = top + high + x + figures * cap();
        words(all, isbn.digits().substring(0, 1), LEFT_QUIET / 2.0 * x, baseline, figures);
        for (int i = 0; i < HALF; i++) {
            words(
                    all,
                    isbn.digits().substring(1 + i, 2 + i),
                    left + (LEFT_HALF + FIELD * (i + 0.5)) * x,
                    baseline,
                    figures);
            words(
                    all,
                    isbn.digits().substring(1 + HALF + i, 2 + HALF + i),
                    left + (RIGHT_HALF + FIELD * (i + 0.5)) * x,
                    baseline,
                    figures);
        }
        addOn.ifPresent(a -> addOn(a, all, bars, left + (BARS + BETWEEN) * x, top, high + LONGER * x));
        all.add(1, new Mark.Fill(bars.build(), Ink.BLACK));
        String number = "ISBN " + isbn.hyphenated();
        double wanted = Length.mm(WORDS * size).points();
        double points = Math.min(wanted, BARS * x / Shaper.widthPerPoint(face(), number));
        words(all, number, left + BARS * x / 2, top - Length.mm(0.8 * size).points(), points);
        return all;
    }

    private static boolean isMiddle(double module) {
        return module >= LEFT_HALF + HALF * FIELD && module < RIGHT_HALF;
    }

    /** Its figures stand above its bars, whose foot is that of the guard bars (5.2.3.5). */
    private void addOn(AddOn figures, List<Mark> all, Path.Builder bars, double left, double top, double high) {
        double x = module();
        EanUpcAddOn symbol = new EanUpcAddOn();
        symbol.setContent(figures.digits());
        double letters = FIGURES * x;
        double head = letters * cap() + x;
        for (double[] bar : bars(symbol)) {
            box(bars, left + bar[0] * x, top + head, bar[1] * x, high - head);
        }
        double pitch = ADD_ON_BARS / 5.0;
        for (int i = 0; i < figures.digits().length(); i++) {
            words(
                    all,
                    figures.digits().substring(i, i + 1),
                    left + pitch * (i + 0.5) * x,
                    top + letters * cap(),
                    letters);
        }
    }

    private Ean main() {
        Ean ean = new Ean(Ean.Mode.EAN13);
        // The engine reckons the check digit itself; that it is the same is tested by reading the symbol back.
        ean.setContent(isbn.digits().substring(0, isbn.digits().length() - 1));
        return ean;
    }

    /** Where bars begin and how wide they are, in modules. */
    private static List<double[]> bars(Symbol symbol) {
        double first =
                symbol.getRectangles().stream().mapToDouble(r -> r.x).min().orElse(0);
        return symbol.getRectangles().stream()
                .map(r -> new double[] {r.x - first, r.width})
                .toList();
    }

    private static void box(Path.Builder path, double x, double y, double w, double h) {
        path.move(x, y).line(x + w, y).line(x + w, y + h).line(x, y + h).close();
    }

    private static Face face() {
        return TypeShelf.typeface("atkinson").regular();
    }

    private static double cap() {
        return face().capHeight();
    }

    private static void words(List<Mark> all, String text, double middle, double baseline, double points) {
        GlyphRun run = Shaper.shape(face(), points, text);
        all.add(new Mark.Words(middle - run.width() / 2, baseline, run, Ink.BLACK));
    }
}
