package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Reading;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The description on the back: a headline, and paragraphs with room between them.
 *
 * @param headline colour of the headline
 * @param ink colour of the paragraphs
 */
public record BackWords(@Required CoverRole headline, @Required CoverRole ink) implements CoverBlock {
    private static final double HEADLINE = 0.038;
    private static final double TEXT = 12;
    private static final double SMALLEST = 7.5;
    private static final double LEADING = 1.42;
    private static final double BETWEEN = 0.55;

    @JsonIgnore
    @Override
    public boolean isLettered() {
        return true;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        double bottom = stage.flow().frame().keptFree().stream()
                .filter(b -> b.x() < at.right() && b.right() > at.x())
                .mapToDouble(b -> b.y() - 12)
                .min()
                .orElse(at.bottom());
        Box room = Box.between(at.x(), at.y(), at.right(), Math.min(at.bottom(), Math.max(at.y() + 20, bottom)));
        double times = edit.size().orElse(1.0);
        String head = stage.fill("{headline}").strip();
        String text = stage.book().cover().blurb().strip();
        double y = room.y();
        if (!head.isEmpty()) {
            Face bold = stage.flow().face(Voice.HEADING).face(Style.BOLD);
            LineFit.Manner manner = new LineFit.Manner(bold, 0, 1.18);
            double size = Math.min(30, HEADLINE * stage.height() * times);
            LineFit fit = LineFit.of(head, manner, room.width(), room.height() * 0.4, size, 3);
            y = lines(fit.lines(), bold, fit.size(), fit.leading(), y, room, stage.ink(headline), stage, out);
            stage.wordsEndAt(y);
            y += fit.size() * 0.75;
        }
        if (!text.isEmpty()) {
            Face face = stage.flow().face(Voice.BODY).regular();
            Box rest = Box.between(room.x(), y, room.right(), Math.max(y + 10, room.bottom()));
            paragraphs(text, face, TEXT * times, rest, edit.ink().orElseGet(() -> stage.ink(ink)), stage, out);
        }
    }

    private static void paragraphs(
            String text, Face face, double wanted, Box room, Ink colour, CoverStage stage, List<Mark> out) {
        double size = wanted;
        List<List<String>> set = set(text, face, size, room.width());
        while (height(set, size) > room.height() && size > SMALLEST) {
            size -= 0.25;
            set = set(text, face, size, room.width());
        }
        double y = room.y();
        for (List<String> paragraph : set) {
            y = lines(paragraph, face, size, LEADING, y, room, colour, stage, out) + size * BETWEEN;
        }
        stage.wordsEndAt(y);
    }

    private static List<List<String>> set(String text, Face face, double size, double width) {
        List<List<String>> all = new ArrayList<>();
        for (String paragraph : text.split("\\R\\s*\\R|\\R")) {
            if (!paragraph.isBlank()) {
                all.add(LineBreaker.breakAt(face, size, paragraph.strip(), width));
            }
        }
        return all;
    }

    private static double height(List<List<String>> set, double size) {
        return set.stream()
                        .mapToDouble(p -> p.size() * size * LEADING + size * BETWEEN)
                        .sum()
                - size * BETWEEN;
    }

    private static double lines(
            List<String> lines,
            Face face,
            double size,
            double leading,
            double top,
            Box room,
            Ink colour,
            CoverStage stage,
            List<Mark> out) {
        boolean fromRight = stage.book().brief().reading() == Reading.RIGHT_TO_LEFT;
        double y = top;
        for (String line : lines) {
            GlyphRun run = Shaper.shape(face, size, line);
            double x = fromRight ? room.right() - run.width() : room.x();
            out.add(new Mark.Words(x, y + size * 0.78, run, colour));
            y += size * leading;
        }
        return y;
    }
}
