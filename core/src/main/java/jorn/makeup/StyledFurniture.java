package jorn.makeup;

import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.block.text.Folio;
import jorn.block.text.RunningHead;
import jorn.calendar.Span;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.style.Details.FolioForm;
import jorn.style.Details.TabForm;
import jorn.style.Rule;
import jorn.text.Typeface.Style;

/** What stands on every page besides its design, as the style has it: number, running head, frame of the page, month mark. */
final class StyledFurniture {
    /** A mark at the edge keeps this far from the text. */
    private static final double CLEAR = Length.mm(1).points();

    /** Smaller light letters on a dark ground fill with ink (common practice), in points. */
    private static final double LEAST_REVERSED = 8;

    private static final double WIDEST_MARK = Length.mm(5).points();
    private static final double FRAME_OFF = Length.mm(3.2).points();
    private static final int MONTHS = 12;

    private final Flow flow;
    private final Box text;

    StyledFurniture(Flow flow, Box text) {
        this.flow = flow;
        this.text = text;
    }

    List<Mark> marks(Optional<Folio> folio, boolean folioAtHead, Optional<RunningHead> head) {
        List<Mark> out = new ArrayList<>();
        StyledPen pen = new StyledPen(flow, out);
        double step = pen.step();
        Box headRow = new Box(text.x(), text.y(), text.width(), step);
        Box footRow = new Box(text.x(), text.bottom() - step, text.width(), step);
        boolean middle = pen.style().details().folio() == FolioForm.POINTS
                || pen.style().details().folio() == FolioForm.RULES;
        folio.ifPresent(f -> {
            Align align = middle ? Align.CENTRE : f.place().on(flow.gutterAtLeft());
            number(f, folioAtHead ? headRow : footRow, align, pen);
        });
        head.ifPresent(h -> {
            String words = flow.fill(flow.side() == jorn.art.Side.VERSO ? h.verso() : h.recto());
            Align align = h.place().on(flow.gutterAtLeft());
            boolean taken = folio.isPresent()
                    && folioAtHead
                    && !middle
                    && folio.get().place().on(flow.gutterAtLeft()) == align;
            Align free = taken ? (align == Align.LEFT ? Align.RIGHT : Align.LEFT) : align;
            pen.words(words, headRow, headRow.y() + step * 0.45, pen.label().at(free));
            if (h.rule() && !words.isBlank()) {
                pen.across(pen.style().lines().frame(), text.x(), text.right(), headRow.y() + step * 0.62);
            }
        });
        return out;
    }

    private void number(Folio folio, Box row, Align align, StyledPen pen) {
        String figure = flow.fill("{page}");
        if (figure.isBlank()) {
            return;
        }
        String words = folio.around().isBlank()
                ? figure
                : folio.around().strip() + " " + figure + " " + folio.around().strip();
        double base = row.bottom() - pen.step() * 0.06;
        Lettering as = pen.figure(TypeStep.LABEL).at(align);
        double wide = pen.width(words, as);
        double x = row.x() + align.before(row.width() - wide);
        double cy = base - as.size() * 0.34;
        switch (pen.style().details().folio()) {
            case PLAIN -> pen.words(words, row, base, as);
            case BOLD -> pen.words(words, row, base, as.in(Style.BOLD));
            case POINTS -> {
                pen.words(words, row, base, as);
                for (double at : new double[] {x - as.size() * 0.7, x + wide + as.size() * 0.7}) {
                    pen.fill(Pen.circle(at, cy, 0.8), pen.ink(Role.ACCENT));
                }
            }
            case RULES -> {
                pen.words(words, row, base, as);
                Rule rule = pen.style().lines().frame();
                double gap = as.size() * 0.6;
                double long1 = pen.step();
                pen.across(rule, x - gap - long1, x - gap, cy);
                pen.across(rule, x + wide + gap, x + wide + gap + long1, cy);
            }
            case CIRCLE -> {
                double r = Math.max(wide / 2 + 2.6, as.size() * 0.9);
                double cx = align == Align.RIGHT ? row.right() - r : align == Align.LEFT ? row.x() + r : row.centreX();
                double middle = row.bottom() - r;
                pen.outline(Pen.circle(cx, middle, r - 0.4), pen.style().lines().frame());
                pen.words(
                        words,
                        new Box(cx - r, row.y(), 2 * r, row.height()),
                        middle + as.size() * 0.34,
                        as.at(Align.CENTRE));
            }
        }
    }

    /** The frame that some styles have round the whole page: in the margin, inside of what is surely not cut. */
    List<Mark> pageFrame(Box safe) {
        List<Mark> out = new ArrayList<>();
        StyledPen pen = new StyledPen(flow, out);
        if (pen.style().boxes().page()) {
            Box frame = Box.between(
                    Math.max(safe.x() + 0.5, text.x() - FRAME_OFF),
                    Math.max(safe.y() + 0.5, text.y() - FRAME_OFF),
                    Math.min(safe.right() - 0.5, text.right() + FRAME_OFF),
                    Math.min(safe.bottom() - 0.5, text.bottom() + FRAME_OFF));
            pen.doubled(frame, pen.style().lines().head().weight());
        }
        return out;
    }

    /** The month in which the page lies, at its own height at the fore-edge. */
    List<Mark> monthMark(Box safe) {
        List<Mark> out = new ArrayList<>();
        Optional<LocalDate> date = flow.date();
        boolean within =
                flow.span().filter(s -> s != Span.YEAR && s != Span.QUARTER).isPresent();
        boolean right = flow.gutterAtLeft();
        double room = (right ? safe.right() - text.right() : text.x() - safe.x()) - CLEAR;
        StyledPen pen = new StyledPen(flow, out);
        double wide = Math.min(WIDEST_MARK, room);
        if (date.isEmpty() || !within || wide < pen.size(TypeStep.NOTE) * 0.95) {
            return out;
        }
        Month month = flow.month().orElseThrow();
        double high = text.height() / MONTHS;
        double x = right ? safe.right() - wide : safe.x();
        double y = text.y() + (month.getValue() - 1) * high;
        Box at = new Box(x, y, wide, high).inset(high * 0.06, 0, high * 0.06, 0);
        String name = flow.calendar().name(month, TextStyle.SHORT_STANDALONE);
        TabForm tab = pen.style().details().tab();
        boolean reversed = tab == TabForm.BLOCK || tab == TabForm.ROUND;
        double size = pen.size(TypeStep.NOTE);
        if (reversed && wide >= LEAST_REVERSED * 0.95) {
            size = Math.max(size, LEAST_REVERSED);
        } else if (reversed) {
            tab = TabForm.WORD;
        }
        Lettering as = pen.label().sized(size).at(Align.CENTRE).in(Style.BOLD);
        Ink ink = pen.ink(Role.TEXT);
        if (pen.style().boxes().page()) {
            // It stands on the frame of the page, as an index tab does.
            pen.fill(Path.box(at), Ink.WHITE);
        }
        switch (tab) {
            case WORD -> {
                as = as.in(Style.REGULAR);
            }
            case BLOCK -> {
                pen.fill(Path.box(at), ink);
                ink = Ink.WHITE;
            }
            case ROUND -> {
                pen.fill(Path.rounded(at, wide * 0.4), pen.ink(Role.ACCENT));
                ink = Ink.WHITE;
            }
            case FRAME -> pen.outline(
                    Path.box(at.inset(0.3)), pen.style().lines().frame());
        }
        List<Mark> word = new ArrayList<>();
        StyledPen turned = new StyledPen(flow, word);
        turned.words(name, new Box(0, 0, at.height(), wide), wide / 2 + as.size() * 0.34, as.in(ink));
        out.add(new Mark.Turned(new Turn(0, 1, -1, 0, at.right(), at.y()), word));
        return out;
    }
}
