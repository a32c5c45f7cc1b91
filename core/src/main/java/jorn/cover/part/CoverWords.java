package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Reading;
import jorn.art.Turn;
import jorn.book.LetterDress;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.text.Face;
import jorn.text.Outlines;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Words on a cover, as large as their place allows.
 *
 * @param words with fields: {@code {title}}
 * @param voice which of the book's typefaces
 * @param style of it
 * @param ink their colour
 * @param size no larger than this share of the front's height
 * @param lines no more than these, 1 to 8
 * @param place where they stand in their box: top, middle, foot
 * @param dress how they are set
 */
public record CoverWords(
        @Required String words,
        Voice voice,
        Style style,
        @Required CoverRole ink,
        double size,
        int lines,
        Upright place,
        WordSetting dress)
        implements CoverBlock {
    /** Where words stand in the height of their box. */
    public enum Upright {
        TOP(0),
        MIDDLE(0.5),
        FOOT(1);

        private final double share;

        Upright(double share) {
            this.share = share;
        }

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * How a composition sets words.
     *
     * @param align where lines begin
     * @param tracking room between letters, in type sizes
     * @param leading from line to line, in type sizes
     * @param capitals whether all letters are capitals
     * @param curve as {@link LetterDress#curve}
     * @param face id of a typeface apart from the book's
     */
    public record WordSetting(
            Align align, double tracking, double leading, boolean capitals, double curve, String face) {
        static final WordSetting PLAIN = new WordSetting(Align.CENTRE, 0, 1.06, false, 0, "");

        public WordSetting {
            align = align == null ? Align.CENTRE : align;
            leading = leading == 0 ? 1.06 : leading;
            face = face == null ? "" : face;
        }
    }

    private static final double PICTURE = 0.8;
    private static final double OUTLINE = 0.045;
    private static final double SHADOW = 0.045;
    private static final double PANEL_X = 0.5;
    private static final double PANEL_Y = 0.38;
    /** Bent less than this, a line is straight. */
    private static final double STRAIGHT = 3;

    public CoverWords {
        voice = voice == null ? Voice.HEADING : voice;
        style = style == null ? Style.BOLD : style;
        size = size <= 0 ? 0.1 : size;
        lines = lines <= 0 ? 4 : Math.min(8, lines);
        place = place == null ? Upright.MIDDLE : place;
        dress = dress == null ? WordSetting.PLAIN : dress;
    }

    @JsonIgnore
    @Override
    public boolean isLettered() {
        return true;
    }

    /** A letter as large as the front is a picture, and may be as faint as one. */
    @JsonIgnore
    @Override
    public boolean isMiniature() {
        return size > PICTURE;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    /** Whether it stands in the middle of its box, so that it may have that of words which are missing too. */
    public boolean takesRoomBelow() {
        return place == Upright.MIDDLE;
    }

    @JsonIgnore
    @Override
    public String says() {
        return words;
    }

    /** What it says on this cover. */
    public String said(PartEdit edit, CoverStage stage) {
        String text = stage.fill(edit.words().orElse(words)).strip();
        return dress.capitals ? text.toUpperCase(stage.locale()) : text;
    }

    private Face face(PartEdit edit, CoverStage stage) {
        Optional<Typeface> own = edit.face()
                .or(() -> Optional.of(dress.face).filter(f -> !f.isEmpty()))
                .flatMap(id -> TypeShelf.typefaces().stream()
                        .filter(t -> t.id().equals(id))
                        .findFirst());
        return own.orElseGet(() -> stage.flow().face(voice)).face(style);
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        String text = said(edit, stage);
        if (text.isEmpty() || at.width() < 4 || at.height() < 2) {
            return;
        }
        LetterDress own = edit.letters().orElse(LetterDress.PLAIN);
        double curve = own.curve().orElse(dress.curve);
        LineFit fit = fit(text, at, edit, own, stage);
        Ink colour = edit.ink().orElseGet(() -> stage.ink(ink));
        Align align = own.align().orElse(dress.align);
        if (own.align().isEmpty() && stage.book().brief().reading() == Reading.RIGHT_TO_LEFT) {
            align = align == Align.LEFT ? Align.RIGHT : align == Align.RIGHT ? Align.LEFT : align;
        }
        double free = at.height() - fit.height() - fit.size() * 0.24;
        double top = at.y() + Math.max(0, free) * place.share;
        own.panel().ifPresent(p -> out.add(new Mark.Fill(Path.box(behind(at, fit, top)), p)));
        List<Mark> letters = new ArrayList<>();
        double base = top + fit.size() * fit.face().capHeight();
        for (String line : fit.lines()) {
            GlyphRun run = Shaper.shape(fit.face(), fit.size(), line, fit.tracking());
            double x = at.x() + align.before(at.width() - run.width());
            boolean bent = Math.abs(curve) >= STRAIGHT && !isJoined(line);
            List<Placed> places = bent ? bent(run, at.centreX(), base, curve) : List.of(new Placed(run, x, base, 0));
            places.forEach(p -> p.draw(colour, own, letters));
            base += fit.size() * fit.leading();
        }
        out.addAll(letters);
    }

    private LineFit fit(String text, Box at, PartEdit edit, LetterDress own, CoverStage stage) {
        double times = edit.size().orElse(1.0);
        LineFit.Manner manner = new LineFit.Manner(
                face(edit, stage),
                own.tracking().orElse(dress.tracking),
                own.leading().orElse(dress.leading));
        boolean bent = Math.abs(own.curve().orElse(dress.curve)) >= STRAIGHT;
        // A long title may take more lines than the composition gives a short one.
        int most = bent ? 1 : text.length() > 40 ? Math.max(lines, 6) : lines;
        // Enlarged by hand, words may go beyond their place; on a curve they have its length.
        double angle = Math.toRadians(Math.abs(own.curve().orElse(dress.curve))) / 2;
        double room = Math.max(1, times) * (bent ? angle / Math.sin(angle) : 1);
        return LineFit.of(text, manner, at.width() * room, at.height() * room, size * stage.height() * times, most);
    }

    private static Box behind(Box at, LineFit fit, double top) {
        double w = fit.width() + 2 * PANEL_X * fit.size();
        double above = PANEL_Y * fit.size();
        return Box.between(
                at.centreX() - w / 2, top - above, at.centreX() + w / 2, top + fit.height() + above + 0.1 * fit.size());
    }

    /** Letters at a place, turned about the start of their baseline. */
    private record Placed(GlyphRun run, double x, double y, double turn) {
        void draw(Ink colour, LetterDress dress, List<Mark> out) {
            List<Mark> marks = new ArrayList<>();
            double off = SHADOW * run.size();
            dress.shadow().ifPresent(s -> marks.add(new Mark.Words(x + off, y + off, run, s)));
            dress.outline()
                    .ifPresent(o -> marks.add(
                            new Mark.Stroke(Outlines.of(run, x, y), Math.max(0.5, 2 * OUTLINE * run.size()), o)));
            marks.add(new Mark.Words(x, y, run, colour));
            if (turn == 0) {
                out.addAll(marks);
            } else {
                out.add(new Mark.Turned(Turn.about(x, y, Math.toDegrees(turn)), marks));
            }
        }
    }

    /** Letters of a joined script would be torn apart. */
    private static boolean isJoined(String line) {
        return line.codePoints().anyMatch(c -> Character.UnicodeScript.of(c) == Character.UnicodeScript.ARABIC);
    }

    /** Letters along a circle: each stands upright on it at its own middle. */
    private static List<Placed> bent(GlyphRun run, double middle, double base, double degrees) {
        double radius = run.width() / Math.toRadians(Math.abs(degrees));
        double way = Math.signum(degrees);
        double centre = base + way * radius;
        List<Placed> all = new ArrayList<>();
        for (int i = 0; i < run.glyphs().length; i++) {
            double from = run.x()[i];
            double to = run.x()[i + 1];
            double along = ((from + to) / 2 - run.width() / 2) / radius;
            double turn = way * along;
            double mx = middle + radius * Math.sin(along);
            double my = centre - way * radius * Math.cos(along);
            double half = (to - from) / 2;
            GlyphRun one = new GlyphRun(
                    run.face(),
                    run.size(),
                    Arrays.copyOfRange(run.glyphs(), i, i + 1),
                    new double[] {0, to - from},
                    run.plain() ? run.text().substring(i, i + 1) : i == 0 ? run.text() : "",
                    run.plain());
            all.add(new Placed(one, mx - half * Math.cos(turn), my - half * Math.sin(turn), turn));
        }
        return all;
    }
}
