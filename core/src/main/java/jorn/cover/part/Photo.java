package jorn.cover.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.art.Tone;
import jorn.art.Turn;
import jorn.book.CoverPicture;
import jorn.book.CoverPicture.PictureFit;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.cover.drawing.CoverDrawings;
import jorn.cover.part.Plate.PlateForm;
import jorn.json.Required;
import org.jspecify.annotations.Nullable;

/**
 * The user's picture; where none was brought in, one that is drawn by rule.
 *
 * @param form of the window through which it is seen
 * @param without the drawing that takes its place
 * @param inks of that drawing
 * @param twoInks whether the picture is shown in the cover's two main colours unless the user says otherwise
 * @param frame colour of a line round it; absent for none
 */
public record Photo(
        PlateForm form,
        @Required String without,
        @Required List<CoverRole> inks,
        boolean twoInks,
        @Nullable CoverRole frame)
        implements CoverBlock {
    public Photo {
        form = form == null ? PlateForm.BOX : form;
        CoverDrawings.of(without);
        inks = List.copyOf(inks);
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        List<Mark> inside = new ArrayList<>();
        Optional<CoverPicture> shown = stage.picture();
        if (shown.isPresent()) {
            picture(shown.get(), stage.pictureFile(shown.get()).orElseThrow(), at, stage, inside);
        } else {
            List<Ink> own = inks.stream().map(stage::ink).toList();
            inside.addAll(CoverDrawings.of(without).draw(at, own, stage.height(), 1, stage.seed(without)));
        }
        Path outline = Plate.outline(form, at, stage);
        if (form == PlateForm.BOX && shown.map(p -> p.turn() == 0).orElse(true)) {
            out.addAll(inside);
        } else {
            out.add(new Mark.Clip(outline, inside));
        }
        if (frame != null) {
            out.add(new Mark.Stroke(outline, stage.height() * 0.006, stage.ink(frame)));
        }
    }

    private void picture(CoverPicture shown, Picture file, Box at, CoverStage stage, List<Mark> out) {
        Tone tone = twoInks && shown.tone().isNone()
                ? Tone.twoInks(stage.ink(CoverRole.INK), stage.ink(CoverRole.PAPER))
                : shown.tone();
        if (shown.fit() == PictureFit.REPEAT) {
            repeated(shown, file, tone, at, out);
            return;
        }
        List<Mark> drawn = new ArrayList<>();
        if (shown.fit() == PictureFit.WHOLE) {
            out.add(new Mark.Fill(Path.box(at), stage.ink(CoverRole.GROUND)));
        }
        drawn.add(placed(shown, file, tone, covering(at, shown)));
        Turn turn = turn(at, shown);
        if (turn.equals(Turn.NONE)) {
            out.addAll(drawn);
        } else {
            out.add(new Mark.Clip(Path.box(at), List.of(new Mark.Turned(turn, drawn))));
        }
    }

    /** A turned picture must reach into the corners of its place, so it takes a larger one. */
    private static Box covering(Box at, CoverPicture shown) {
        if (shown.turn() == 0 || shown.fit() == PictureFit.WHOLE) {
            return at;
        }
        double a = Math.toRadians(Math.abs(shown.turn()));
        double w = Math.abs(at.width() * Math.cos(a)) + Math.abs(at.height() * Math.sin(a));
        double h = Math.abs(at.width() * Math.sin(a)) + Math.abs(at.height() * Math.cos(a));
        return new Box(at.centreX() - w / 2, at.centreY() - h / 2, w, h);
    }

    private static Turn turn(Box at, CoverPicture shown) {
        Turn turned = shown.turn() == 0 ? Turn.NONE : Turn.about(at.centreX(), at.centreY(), shown.turn());
        return shown.flip() ? turned.after(new Turn(-1, 0, 0, 1, 2 * at.centreX(), 0)) : turned;
    }

    /** Which part of the picture is seen, and where; in proportion unless somebody asked for it to be stretched. */
    static Mark.Image placed(CoverPicture shown, Picture file, Tone tone, Box at) {
        double pw = file.width();
        double ph = file.height();
        if (shown.fit() == PictureFit.STRETCH) {
            return new Mark.Image(file, new Box(0, 0, pw, ph), at, 1, tone);
        }
        if (shown.fit() == PictureFit.WHOLE) {
            double s = Math.min(at.width() / pw, at.height() / ph);
            Box to = new Box(
                    at.x() + (at.width() - pw * s) * shown.acrossFocus(),
                    at.y() + (at.height() - ph * s) * shown.downFocus(),
                    pw * s,
                    ph * s);
            return new Mark.Image(file, new Box(0, 0, pw, ph), to, 1, tone);
        }
        double s = Math.max(at.width() / pw, at.height() / ph) * shown.zoom();
        double w = at.width() / s;
        double h = at.height() / s;
        Box from = new Box((pw - w) * shown.acrossFocus(), (ph - h) * shown.downFocus(), w, h);
        return new Mark.Image(file, from, at, 1, tone);
    }

    /** Beside each other in every second copy mirrored, so that edges meet their own image and no seam shows. */
    private static void repeated(CoverPicture shown, Picture file, Tone tone, Box at, List<Mark> out) {
        // At 300 pixels to the inch, times the zoom.
        double w = file.width() * 72.0 / 300 * shown.zoom();
        double h = file.height() * 72.0 / 300 * shown.zoom();
        w = Math.max(w, at.width() / 60);
        h = Math.max(h, at.height() / 60);
        List<Mark> all = new ArrayList<>();
        Box whole = new Box(0, 0, file.width(), file.height());
        int row = 0;
        for (double y = at.y(); y < at.bottom(); y += h, row++) {
            int column = 0;
            for (double x = at.x(); x < at.right(); x += w, column++) {
                Mark.Image image = new Mark.Image(file, whole, new Box(0, 0, w, h), 1, tone);
                boolean across = column % 2 == 1;
                boolean down = row % 2 == 1;
                Turn turn = new Turn(across ? -1 : 1, 0, 0, down ? -1 : 1, across ? x + w : x, down ? y + h : y);
                all.add(new Mark.Turned(turn, List.of(image)));
            }
        }
        out.add(new Mark.Clip(Path.box(at), all));
    }
}
