package jorn.block.page;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.calendar.Span;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.HeadForm;
import jorn.style.HeadForm.Holder;
import jorn.style.LetterForm;
import jorn.style.Motif;
import jorn.style.Motifs;
import jorn.style.Ornaments;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The heading of a page as the style sets headings, and what stands beside it.
 *
 * @param text may hold fields
 * @param aside beside it, smaller: the week's number, the year; may be empty, may hold fields
 * @param undated label of a line to write on where the page has no date; absent where the words need none
 */
public record Head(
        @Label(value = "block.head.words", onPage = true) @Required String text,
        @Label("block.head.aside") String aside,
        @Label("block.head.undated") Optional<String> undated)
        implements Node {
    static final NodeKind<Head> KIND = NodeKind.of("head", Head.class)
            .offered(
                    "head",
                    Wording.of("block.head.head"),
                    Wording.of("block.head.says"),
                    () -> new Head(Wording.of("block.head.head"), "", Optional.empty()));

    /** Rows of a heading with the white below it; of a small page one less. */
    private static final int ROWS = 3;

    private static final int ROWS_OF_SMALL = 2;
    private static final double SMALL_PAGE = 26;
    private static final double HIGHEST = 1.62;
    private static final double SMALLER = 0.6;

    /** A row of ornaments stands clear of what hangs below the heading's line, in pitches. */
    private static final double LOWER = 0.22;

    private static final double NARROWEST = 4;

    public Head {
        text = Limits.heading(text);
        aside = Limits.heading(aside);
        undated = undated == null ? Optional.empty() : undated;
    }

    /** A heading alone. */
    public static Head of(String text) {
        return new Head(text, "", Optional.empty());
    }

    private static int rows(Flow flow) {
        return flow.frame().text().height() / flow.grid().step() < SMALL_PAGE ? ROWS_OF_SMALL : ROWS;
    }

    /** Less than its rows, or hardly any width: there its words stand alone. */
    private static boolean isCramped(Box area, Flow flow) {
        return flow.grid().rowsIn(area.height()) < rows(flow)
                || area.width() < NARROWEST * flow.grid().step();
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        return isCramped(area, flow) ? Optional.of(Lack.of(Message.of("block.head.lack"))) : Optional.empty();
    }

    @Override
    public Optional<String> topic() {
        return Optional.of(text);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return rows(flow) * flow.grid().step();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        if (isCramped(area, flow)) {
            String words = undated.filter(u -> flow.date().isEmpty())
                    .map(flow::fill)
                    .orElseGet(() -> flow.fill(text).strip());
            pen.words(words, area, pen.base(area.y()), pen.title());
            return;
        }
        HeadForm form = pen.style().head();
        Box words = holder(area, flow, pen);
        double base = base(area, flow, form, pen);
        Lettering as = lettering(flow, pen);
        String aside = flow.fill(this.aside).strip();
        Optional<String> label = undated.filter(u -> flow.date().isEmpty()).map(flow::fill);
        String text = label.orElseGet(() -> flow.fill(this.text).strip());
        Lettering small = small(pen, as);
        double beside = label.isPresent() || aside.isEmpty() ? 0 : pen.width(aside, small) + pen.step() * 0.8;
        holidays(area, flow, pen, as);
        if (label.isPresent() && text.isEmpty()) {
            return;
        }
        if (label.isPresent()) {
            blank(text, words, base, pen, small.in(pen.ink(Role.TEXT)));
            return;
        }
        boolean middle = as.align() == Align.CENTRE;
        if (middle && beside > 0) {
            between(text, aside, words, base, pen, as, small);
            return;
        }
        Box room = as.align() == Align.RIGHT ? words.inset(0, 0, 0, beside) : words.inset(0, beside, 0, 0);
        double wide = pen.width(text, as);
        Lettering set = wide > room.width() ? as.sized(Math.max(9, as.size() * room.width() / wide)) : as;
        if (form.form() == Holder.BLOCK) {
            block(text, room, area, base, pen, set);
        }
        Ink ink = form.form() == Holder.BLOCK || form.form() == Holder.BAND ? Ink.WHITE : set.ink();
        pen.words(text, room, base, set.in(ink));
        if (!aside.isEmpty()) {
            Align far = as.align() == Align.RIGHT ? Align.LEFT : Align.RIGHT;
            Ink faint = form.form() == Holder.BAND ? Ink.WHITE : small.ink();
            pen.words(aside, words, base, small.at(far).in(faint));
        }
    }

    /** What is noted on the day of a day's page, in the white below its heading. */
    private static void holidays(Box area, Flow flow, StyledPen pen, Lettering as) {
        boolean day = flow.span().filter(s -> s == Span.DAY).isPresent();
        if (!day || flow.date().isEmpty() || rows(flow) != ROWS) {
            return;
        }
        String notes = String.join(", ", flow.calendar().notes(flow.date().get()));
        pen.words(
                notes,
                area,
                pen.base(area.y() + 2 * pen.step()),
                pen.label()
                        .in(Style.ITALIC)
                        .written(LetterForm.AS_WRITTEN)
                        .at(as.align())
                        .in(pen.ink(Role.ACCENT)));
    }

    /** Both in the middle, with the style's small ornament between them. */
    private static void between(
            String text, String aside, Box words, double base, StyledPen pen, Lettering as, Lettering small) {
        double gap = as.size() * 0.9;
        double first = Math.min(pen.width(text, as), words.width() * 0.7);
        double second = pen.width(aside, small);
        double left = words.centreX() - (first + gap + second) / 2;
        boolean band = pen.style().head().form() == Holder.BAND;
        pen.words(
                text,
                new Box(left, words.y(), first + 0.1, words.height()),
                base,
                as.at(Align.LEFT).in(band ? Ink.WHITE : as.ink()));
        double cy = base - as.size() * 0.26;
        pen.fill(
                jorn.layout.Pen.circle(left + first + gap / 2, cy, as.size() * 0.06),
                band ? Ink.WHITE : pen.ink(Role.ACCENT));
        pen.words(
                aside,
                new Box(left + first + gap, words.y(), second + 0.1, words.height()),
                base,
                small.at(Align.LEFT).in(band ? Ink.WHITE : small.ink()));
    }

    private static void blank(String label, Box words, double base, StyledPen pen, Lettering as) {
        boolean band = pen.style().head().form() == Holder.BAND;
        Box in = words;
        if (band) {
            // One cannot write on a solid band.
            double h = pen.step() * 0.95;
            pen.fill(Path.rounded(new Box(words.x(), words.centreY() - h / 2, words.width(), h), 2), Ink.WHITE);
            in = words.inset(0, 4, 0, 4);
        }
        double used = pen.words(label, in, base, as.at(Align.LEFT));
        double from = in.x() + used + (used > 0 ? as.size() * 0.5 : 0);
        double to = Math.min(in.right(), from + Math.max(in.width() * 0.45, 110));
        pen.across(pen.style().lines().writing().withRole(Role.TEXT), from, to, base + pen.step() * 0.27);
    }

    private static Lettering small(StyledPen pen, Lettering as) {
        HeadForm form = pen.style().head();
        return new Lettering(
                form.aside() == jorn.text.Typeface.Style.ITALIC ? Voice.HEADING : Voice.BODY,
                form.aside(),
                Math.max(pen.size(TypeStep.LABEL), Math.min(as.size() * 0.62, pen.size(TypeStep.STRONG))),
                form.letters(),
                Align.RIGHT,
                pen.ink(Role.TEXT));
    }

    private static Lettering lettering(Flow flow, StyledPen pen) {
        HeadForm form = pen.style().head();
        double most = pen.step() * HIGHEST * (rows(flow) == ROWS_OF_SMALL ? SMALLER : 1);
        double size = Math.min(pen.size(TypeStep.TEXT) * form.size(), most);
        Align align =
                switch (form.place()) {
                    case LEFT -> Align.LEFT;
                    case MIDDLE -> Align.CENTRE;
                    case FORE_EDGE -> flow.gutterAtLeft() ? Align.RIGHT : Align.LEFT;
                    case GUTTER -> flow.gutterAtLeft() ? Align.LEFT : Align.RIGHT;
                };
        return new Lettering(Voice.HEADING, form.weight(), size, form.letters(), align, pen.ink(Role.HEADING));
    }

    /** The baseline: a line of the grid, or what looks in the middle of a band. */
    private static double base(Box area, Flow flow, HeadForm form, StyledPen pen) {
        double step = pen.step();
        double size = lettering(flow, pen).size();
        return switch (form.form()) {
            case BETWEEN_RULES -> pen.base(area.y());
            case BAND -> area.y() + bandHeight(flow, pen) / 2 + size * 0.34;
            case BLOCK -> area.y() + blockHeight(flow, pen) / 2 + size * 0.36;
            default -> pen.base(area.y() + step * (rows(flow) == ROWS ? 1 : 0));
        };
    }

    private static double bandHeight(Flow flow, StyledPen pen) {
        return pen.step() * (rows(flow) == ROWS ? 1.8 : 1.3);
    }

    private static double blockHeight(Flow flow, StyledPen pen) {
        return pen.step() * (rows(flow) == ROWS ? 1.9 : 1.35);
    }

    private static void block(String text, Box room, Box area, double base, StyledPen pen, Lettering as) {
        double wide = Math.min(room.width(), pen.width(text, as));
        double pad = as.size() * 0.34;
        double high = as.size() * 1.12;
        double x = room.x() + as.align().before(room.width() - wide);
        double left = Math.max(area.x(), x - pad);
        double right = Math.min(area.right(), x + wide + pad);
        Box box = Box.between(left, base - as.size() * 0.36 - high / 2, right, base - as.size() * 0.36 + high / 2);
        pen.fill(Path.box(box), pen.ink(Role.TEXT));
    }

    /** What holds the words, and the room that it leaves for them. */
    private Box holder(Box area, Flow flow, StyledPen pen) {
        HeadForm form = pen.style().head();
        double step = pen.step();
        double below = area.y() + step * (rows(flow) == ROWS ? 2 : 1.35);
        switch (form.form()) {
            case RULE_BELOW -> pen.across(pen.style().lines().head(), area.x(), area.right(), below);
            case BETWEEN_RULES -> {
                pen.across(pen.style().lines().head(), area.x(), area.right(), area.y() + 1);
                pen.across(pen.style().lines().frame().withRole(Role.TEXT), area.x(), area.right(), area.y() + step);
                return new Box(area.x(), area.y(), area.width(), step);
            }
            case ORNAMENT_BELOW -> ornaments(area, below + step * LOWER, pen);
            case BAND -> {
                return band(area, flow, pen);
            }
            case BLOCK -> {
                double pad = pen.size(TypeStep.TEXT) * form.size() * 0.34;
                return area.inset(0, pad, 0, pad);
            }
            case ORNAMENT_ASIDE -> {
                return aside(area, flow, pen);
            }
            default -> {
                // White alone.
            }
        }
        return area;
    }

    private static void ornaments(Box area, double y, StyledPen pen) {
        double side = Math.min(6.5, pen.step() * 0.36);
        int count = 5;
        double half = (count * 2 - 1) * side / 2 + 5;
        pen.across(pen.style().lines().frame(), area.x(), area.centreX() - half, y);
        pen.across(pen.style().lines().frame(), area.centreX() + half, area.right(), y);
        for (int i = 0; i < count * 2 - 1; i++) {
            double cx = area.centreX() + (i - count + 1) * side;
            if (i % 2 == 0) {
                pen.small(cx, y, side);
            } else {
                pen.fill(jorn.layout.Pen.circle(cx, y, 0.7), pen.ink(Role.ACCENT));
            }
        }
    }

    private static Box band(Box area, Flow flow, StyledPen pen) {
        double high = bandHeight(flow, pen);
        pen.fill(Path.box(new Box(area.x(), area.y(), area.width(), high)), pen.ink(Role.TEXT));
        Ornaments own = pen.style().details().ornaments();
        Motif motif = Motifs.of(own.small());
        double side = high * 0.42;
        double cy = area.y() + high / 2;
        // Paper-white, as if cut out of the block.
        Palette white = flow.palette().recoloured((role, ink) -> Ink.WHITE);
        double margin = side * 1.3;
        for (int k = 0; k < 2; k++) {
            for (int side2 = -1; side2 <= 1; side2 += 2) {
                double cx = side2 < 0
                        ? area.x() + margin / 2 + k * side * 1.15 + 2
                        : area.right() - margin / 2 - k * side * 1.15 - 2;
                pen.add(motif.draw(new Box(cx - side / 2, cy - side / 2, side, side), white, own.seed()));
            }
        }
        double used = margin + side * 1.15 + 4;
        return new Box(area.x() + used, area.y(), Math.max(1, area.width() - 2 * used), high);
    }

    private static Box aside(Box area, Flow flow, StyledPen pen) {
        Motif motif = pen.motif();
        double high = pen.step() * (rows(flow) == ROWS ? 2.1 : 1.35);
        double wide = high * motif.proportion();
        boolean wordsAtLeft = lettering(flow, pen).align() != Align.RIGHT;
        Box at = wordsAtLeft
                ? new Box(area.right() - wide, area.y(), wide, high)
                : new Box(area.x(), area.y(), wide, high);
        pen.add(motif.draw(at, flow.palette(), pen.style().details().ornaments().seed()));
        double used = wide + pen.step() * 0.5;
        return wordsAtLeft ? area.inset(0, used, 0, 0) : area.inset(0, 0, 0, used);
    }
}
