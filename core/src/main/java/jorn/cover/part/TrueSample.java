package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.book.PartEdit;
import jorn.book.Run;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.layout.Pen;
import jorn.measure.Numeral;
import jorn.measure.Unit;
import jorn.say.BookWords;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Voice;

/**
 * A round piece of the page of which the book has most, at true size, so that buyers see how wide its lines are.
 *
 * @param ink colour of its rim and its label
 */
public record TrueSample(CoverRole ink) implements CoverBlock {
    private static final double LABEL = 8;

    public TrueSample {
        ink = ink == null ? CoverRole.ON_GROUND : ink;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @JsonIgnore
    @Override
    public boolean isMiniature() {
        return true;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Optional<PageArt> page = stage.back().sample() ? stage.insides().sample() : Optional.empty();
        double r = Math.min(at.width(), at.height() - 2 * LABEL) / 2;
        if (page.isEmpty() || r < 20) {
            return;
        }
        double cx = at.centreX();
        double cy = at.y() + r;
        Box trim = page.get().trim();
        Path round = Pen.circle(cx, cy, r);
        out.add(new Mark.Fill(round, Ink.WHITE));
        Turn middle = Turn.move(cx - trim.centreX(), cy - trim.y() - trim.height() * 0.55);
        out.add(new Mark.Clip(round, List.of(new Mark.Turned(middle, page.get().marks()))));
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        out.add(new Mark.Stroke(round, 1.6, own));
        Face face = stage.flow().face(Voice.BODY).regular();
        String label = label(stage);
        double size = Math.min(LABEL, at.width() / Shaper.widthPerPoint(face, label));
        GlyphRun run = Shaper.shape(face, size, label);
        out.add(new Mark.Words(cx - run.width() / 2, cy + r + LABEL * 1.4, run, own));
    }

    /** "7.1 mm, true size"; where pages have no ruling, "true size". */
    private static String label(CoverStage stage) {
        String language = stage.book().calendar().language();
        String size = BookWords.in(language, "true-size");
        return stage.book().runs().stream()
                .filter(Run::isFilling)
                .flatMap(r -> r.recipe().ruling().stream())
                .findFirst()
                .map(r -> Numeral.trimmed(r.spacing().in(Unit.MILLIMETRE), 1) + " mm · " + size)
                .orElse(size);
    }
}
