package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.layout.Pen;
import org.jspecify.annotations.Nullable;

/**
 * A panel in one colour behind words or drawings.
 *
 * @param form its outline
 * @param ink its colour
 * @param rule colour of a fine line inside its edge; absent for none
 * @param rules how many such lines, 1 or 2
 * @param under words for which it is there: it is left out where they are empty; absent for always
 */
public record Plate(
        PlateForm form, @Required CoverRole ink, @Nullable CoverRole rule, int rules, @Nullable String under)
        implements CoverBlock {
    /** Outlines of panels. */
    public enum PlateForm {
        BOX,
        ROUND,
        OVAL,
        ARCH,
        /** Corners cut inwards in quarters of a circle. */
        TICKET,
        /** Its upper edge torn. */
        TORN,
        /** Straight across, with lines along its upper and lower edges. */
        BAND;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final double ROUND = 0.5523;
    private static final double INSET = 0.012;

    public Plate {
        form = form == null ? PlateForm.BOX : form;
        rules = rules <= 0 ? 1 : Math.min(2, rules);
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        if (under != null && stage.fill(under).isBlank()) {
            return;
        }
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        out.add(new Mark.Fill(outline(form, at, stage), own));
        if (rule == null) {
            return;
        }
        Ink line = stage.ink(rule);
        double in = INSET * stage.height();
        double weight = Math.max(0.6, stage.height() * 0.0013);
        if (form == PlateForm.BAND) {
            double gap = in * 0.55;
            out.add(new Mark.Stroke(Path.line(at.x(), at.y() - gap, at.right(), at.y() - gap), 2 * weight, own));
            out.add(new Mark.Stroke(
                    Path.line(at.x(), at.bottom() + gap, at.right(), at.bottom() + gap), 2 * weight, own));
            return;
        }
        out.add(new Mark.Stroke(outline(form, at.inset(in), stage), weight * 1.6, line));
        if (rules == 2) {
            out.add(new Mark.Stroke(outline(form, at.inset(in * 1.45), stage), weight * 0.6, line));
        }
    }

    /** The outline of a form that takes a box. */
    static Path outline(PlateForm form, Box b, CoverStage stage) {
        double r = Math.min(stage.height() * 0.03, Math.min(b.width(), b.height()) / 3);
        return switch (form) {
            case BOX, BAND -> Path.box(b);
            case OVAL -> Pen.oval(b.centreX(), b.centreY(), b.width() / 2, b.height() / 2);
            case ROUND -> Path.rounded(b, r);
            case TICKET -> cutIn(b, r * 0.8);
            case ARCH -> arch(b);
            case TORN -> torn(b, stage);
        };
    }

    private static Path cutIn(Box b, double r) {
        // Each curve leaves an edge at a right angle and bends round the corner's point.
        double n = r * ROUND;
        return Path.builder()
                .move(b.x() + r, b.y())
                .line(b.right() - r, b.y())
                .curve(b.right() - r, b.y() + n, b.right() - n, b.y() + r, b.right(), b.y() + r)
                .line(b.right(), b.bottom() - r)
                .curve(b.right() - n, b.bottom() - r, b.right() - r, b.bottom() - n, b.right() - r, b.bottom())
                .line(b.x() + r, b.bottom())
                .curve(b.x() + r, b.bottom() - n, b.x() + n, b.bottom() - r, b.x(), b.bottom() - r)
                .line(b.x(), b.y() + r)
                .curve(b.x() + n, b.y() + r, b.x() + r, b.y() + n, b.x() + r, b.y())
                .close()
                .build();
    }

    private static Path arch(Box b) {
        double r = Math.min(b.width() / 2, b.height());
        double k = r * ROUND;
        double rx = b.width() / 2;
        double kx = rx * ROUND;
        return Path.builder()
                .move(b.x(), b.bottom())
                .line(b.x(), b.y() + r)
                .curve(b.x(), b.y() + r - k, b.centreX() - kx, b.y(), b.centreX(), b.y())
                .curve(b.centreX() + kx, b.y(), b.right(), b.y() + r - k, b.right(), b.y() + r)
                .line(b.right(), b.bottom())
                .close()
                .build();
    }

    private static Path torn(Box b, CoverStage stage) {
        Random chance = new Random(stage.seed("torn"));
        Path.Builder path = Path.builder();
        path.move(b.x(), b.bottom()).line(b.x(), b.y());
        int n = 110;
        double drift = 0;
        for (int i = 1; i <= n; i++) {
            drift = drift * 0.84 + (chance.nextDouble() - 0.5) * stage.height() * 0.012;
            double fine = (chance.nextDouble() - 0.5) * stage.height() * 0.004;
            path.line(b.x() + b.width() * i / n, b.y() + drift + fine);
        }
        return path.line(b.right(), b.bottom()).close().build();
    }
}
