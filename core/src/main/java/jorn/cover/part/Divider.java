package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
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

/**
 * A small ornament between lines of words.
 *
 * @param form its kind
 * @param ink its colour
 */
public record Divider(DividerForm form, @Required CoverRole ink) implements CoverBlock {
    /** Kinds of divider. */
    public enum DividerForm {
        LINE,
        /** A line with a lozenge in its middle. */
        LOZENGE,
        DOTS,
        THICK,
        WAVE;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Divider {
        form = form == null ? DividerForm.LOZENGE : form;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        double y = at.centreY();
        double w = Math.max(0.7, stage.height() * 0.0016);
        double r = stage.height() * 0.006;
        switch (form) {
            case LINE -> out.add(new Mark.Stroke(Path.line(at.x(), y, at.right(), y), w, own));
            case THICK -> out.add(new Mark.Fill(Path.box(new Box(at.x(), y - r * 0.6, at.width(), r * 1.2)), own));
            case LOZENGE -> {
                out.add(new Mark.Stroke(Path.line(at.x(), y, at.centreX() - 2 * r, y), w, own));
                out.add(new Mark.Stroke(Path.line(at.centreX() + 2 * r, y, at.right(), y), w, own));
                out.add(new Mark.Fill(
                        Path.builder()
                                .move(at.centreX(), y - r)
                                .line(at.centreX() + r, y)
                                .line(at.centreX(), y + r)
                                .line(at.centreX() - r, y)
                                .close()
                                .build(),
                        own));
            }
            case DOTS -> {
                for (int i = -2; i <= 2; i++) {
                    double own1 = r * (0.75 - 0.14 * Math.abs(i));
                    out.add(new Mark.Fill(Pen.circle(at.centreX() + i * at.width() / 6, y, own1), own));
                }
            }
            case WAVE -> {
                Path.Builder b = Path.builder();
                int n = 6;
                double step = at.width() / n;
                b.move(at.x(), y);
                for (int i = 0; i < n; i++) {
                    double up = i % 2 == 0 ? -1 : 1;
                    double x = at.x() + i * step;
                    b.curve(x + step * 0.35, y + up * r * 1.5, x + step * 0.65, y + up * r * 1.5, x + step, y);
                }
                out.add(new Mark.Stroke(b.build(), w * 1.4, own));
            }
        }
    }
}
