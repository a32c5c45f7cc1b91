package jorn.impose;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/**
 * What a printer does to a sheet, measured once on a test leaf and made good on every later pass.
 *
 * @param rim that it leaves white
 * @param right how many millimetres the back comes too far to the right, as it is seen; less than zero to the left
 * @param down how many it comes too far down; less than zero up
 * @param across what 100 mm across come to
 * @param along what 100 mm along come to
 * @param faceUp whether sheets come out with the printed side up
 * @param printsUpper whether it prints the side that lies up in its tray
 * @param halfTurned whether the arrow on the back of the test leaf pointed to the other edge
 */
@RecordBuilder
public record PrinterTraits(
        Unprinted rim,
        double right,
        double down,
        Length across,
        Length along,
        boolean faceUp,
        boolean printsUpper,
        boolean halfTurned)
        implements PrinterTraitsBuilder.With {
    /** So long is a line on the test leaf. */
    public static final Length MEASURE = Length.mm(100);

    private static final double MOST_OFF = 12;
    private static final double POINTS = Length.mm(1).points();
    private static final Length MOST_RIM = Length.mm(30);

    /** A printer that does as it is told; sheets come out with the printed side down, and the upper side is printed. */
    public static final PrinterTraits TRUE =
            new PrinterTraits(Unprinted.NONE, 0, 0, MEASURE, MEASURE, false, true, false);

    public PrinterTraits {
        double full = MEASURE.in(Unit.MILLIMETRE);
        for (double off :
                new double[] {right, down, across.in(Unit.MILLIMETRE) - full, along.in(Unit.MILLIMETRE) - full}) {
            if (!(Math.abs(off) <= MOST_OFF)) {
                throw Trouble.of("impose.refused.off", off, MOST_OFF);
            }
        }
        for (Length edge : new Length[] {rim.top(), rim.right(), rim.bottom(), rim.left()}) {
            if (edge.points() < 0 || edge.points() > MOST_RIM.points()) {
                throw Trouble.of("impose.refused.rim", edge.format(Unit.MILLIMETRE), MOST_RIM.format(Unit.MILLIMETRE));
            }
        }
    }

    private Turn sized(Box sheet) {
        double x = MEASURE.points() / across.points();
        double y = MEASURE.points() / along.points();
        return new Turn(x, 0, 0, y, sheet.centreX() * (1 - x), sheet.centreY() * (1 - y));
    }

    /** What makes good on fronts what the printer does to them. */
    public Turn front(Box sheet) {
        return sized(sheet);
    }

    /** Likewise on backs. */
    public Turn back(Box sheet) {
        return Turn.move(-right * POINTS, -down * POINTS).after(sized(sheet));
    }

    /** Whether the stack is turned over between fronts and backs, so that its blank sides come to be printed. */
    public boolean isTurnedOver() {
        boolean blankUp = !faceUp;
        return blankUp != printsUpper;
    }

    /** Whether the last sheet comes first on the way back: the stack lies as it came out, its last sheet on top. */
    public boolean isBackwards() {
        return !isTurnedOver();
    }
}
