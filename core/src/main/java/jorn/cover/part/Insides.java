package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Reading;
import jorn.art.Turn;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;

/**
 * Small pictures of pages from inside, as they are now, each on a sheet with a shadow.
 *
 * @param most how many at most, 1 to 5
 * @param tilt how far they lie askew, in degrees
 * @param besideSample the share of their width that they keep where a sample at true size stands beside them; all of it where not given
 */
public record Insides(int most, double tilt, double besideSample) implements CoverBlock {
    private static final double[] WAY = {-1, 0.35, -0.5, 0.9, -0.3};
    private static final double GAP = 0.1;
    private static final double SHADOW = 0.028;
    private static final double NEARER = 0.2;
    /** The widest that one is, as a share of their room. */
    private static final double WIDEST = 0.4;

    public Insides {
        most = most <= 0 ? 3 : Math.min(5, most);
        besideSample = besideSample <= 0 ? 1 : Math.min(1, besideSample);
    }

    @JsonIgnore
    @Override
    public boolean isMiniature() {
        return true;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        if (!stage.back().insides()) {
            return;
        }
        double foot = stage.flow().frame().keptFree().stream()
                .mapToDouble(Box::y)
                .filter(y -> y > at.y())
                .min()
                .orElse(at.bottom());
        // Below short words they come nearer, and grow.
        double top = stage.wordsEnd() == 0
                ? at.y()
                : Math.max(
                        at.y() - NEARER * stage.height(), Math.min(at.y(), stage.wordsEnd() + GAP * at.width() * 0.4));
        double away = at.width() * (stage.back().sample() ? 1 - besideSample : 0);
        // The sample stands at the right, or in a book from the right at the left.
        boolean fromRight = stage.book().brief().reading() == Reading.RIGHT_TO_LEFT;
        double left = at.x() + (fromRight ? away : 0);
        double right = at.right() - (fromRight ? 0 : away);
        Box room = Box.between(left, top, right, Math.min(at.bottom(), Math.max(top + 1, foot - 14)));
        List<PageArt> pages = stage.insides().some(most);
        if (pages.isEmpty() || room.height() < 40) {
            return;
        }
        Box trim = pages.get(0).trim();
        int n = pages.size();
        double across = Math.min(WIDEST * room.width(), room.width() / (n + GAP * (n - 1)));
        double w = Math.min(across, room.height() * 0.96 * trim.width() / trim.height());
        double h = w * trim.height() / trim.width();
        double gap = Math.min(w * 0.22, n == 1 ? 0 : (room.width() - n * w) / (n - 1));
        double x = room.x();
        for (int i = 0; i < n; i++) {
            Box place = new Box(x, room.y() + (room.height() - h) / 2 * 0.4, w, h);
            out.add(new Mark.Turned(
                    Turn.about(place.centreX(), place.centreY(), WAY[i % WAY.length] * tilt),
                    sheet(pages.get(i), place, stage)));
            x += w + gap;
        }
    }

    /** A page on white paper, its shadow below it. */
    private static List<Mark> sheet(PageArt page, Box place, CoverStage stage) {
        List<Mark> all = new ArrayList<>();
        double off = place.width() * SHADOW;
        Ink shadow = stage.ink(CoverRole.DEEP);
        all.add(new Mark.Fill(Path.box(place.moved(off, off)), shadow));
        all.add(new Mark.Fill(Path.box(place), Ink.WHITE));
        double s = place.width() / page.trim().width();
        all.add(new Mark.Clip(
                Path.box(place),
                List.of(new Mark.Turned(
                        Turn.scale(
                                s,
                                place.x() - page.trim().x() * s,
                                place.y() - page.trim().y() * s),
                        page.marks()))));
        return all;
    }
}
