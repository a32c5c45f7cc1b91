package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * How boxes are framed.
 *
 * @param frame the form
 * @param corner radius of rounded corners, 0 to 12 mm
 * @param page whether the whole page stands in a frame
 */
@RecordBuilder
public record BoxForm(
        @Label("style.label.box-frame") @Required BoxFrame frame,
        @Label("style.label.corner") @Required Length corner,
        @Label("style.label.page-frame") boolean page)
        implements BoxFormBuilder.With {
    private static final Length WIDEST = Length.mm(12);

    /** What stands round a box. */
    public enum BoxFrame {
        /** A line with square corners. */
        SQUARE,
        /** A line with rounded corners. */
        ROUNDED,
        /** A strong line with a fine one inside. */
        DOUBLE,
        /** A rule above alone. */
        OPEN,
        /** A tint without a line. */
        TINT,
        /** Nothing. */
        NONE
    }

    public BoxForm {
        if (corner.compareTo(Length.ZERO) < 0 || corner.compareTo(WIDEST) > 0) {
            throw Trouble.of("style.box-form.bad-corner", corner, WIDEST);
        }
    }
}
