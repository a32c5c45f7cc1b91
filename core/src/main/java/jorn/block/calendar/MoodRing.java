package jorn.block.calendar;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.YearMonth;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A field for each day of the month to colour by mood, with a key below: as a ring, or as a grid.
 *
 * @param form ring or grid
 * @param moods what the key names, 0 to 8
 */
public record MoodRing(
        @Label("block.mood-ring.form") Form form,
        @Label(value = "block.mood-ring.moods", onPage = true) List<String> moods)
        implements Node {
    static final NodeKind<MoodRing> KIND = NodeKind.of("mood", MoodRing.class)
            .filling()
            .offered(
                    "mood-ring",
                    Wording.of("block.mood-ring.mood-ring"),
                    Wording.of("block.mood-ring.field-for-each-day"),
                    () -> fresh(Form.RING),
                    m -> m.form == Form.RING)
            .offered(
                    "mood-grid",
                    Wording.of("block.mood-ring.mood-grid"),
                    Wording.of("block.mood-ring.field-for-each-day"),
                    () -> fresh(Form.GRID),
                    m -> m.form == Form.GRID);

    private static MoodRing fresh(Form form) {
        return new MoodRing(form, List.of("@bright", "@calm", "@tired", "@low"));
    }

    /** How the days lie. */
    public enum Form {
        RING("ring"),
        GRID("grid");

        private final String id;

        Form(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    private static final int MOST_MOODS = 8;
    private static final double KEY = 16;
    private static final int WEEK = 7;

    public MoodRing {
        form = form == null ? Form.RING : form;
        moods = moods == null ? List.of() : List.copyOf(moods.subList(0, Math.min(MOST_MOODS, moods.size())));
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        int days = flow.date().map(d -> YearMonth.from(d).lengthOfMonth()).orElse(31);
        int rows = moods.isEmpty() ? 0 : area.width() / Math.min(4, moods.size()) < 60 ? moods.size() : rowsOfKey();
        double key = Math.min(area.height() * 0.4, rows * KEY);
        Box room = area.inset(0, 0, key + (key > 0 ? 6 : 0), 0);
        double top = area.bottom() - key;
        if (form == Form.RING) {
            ring(pen, room, days);
        } else {
            // The key stands close below the fields, whatever room is left.
            top = Math.min(top, grid(pen, room, days) + 8);
        }
        if (rows > 0) {
            key(pen, new Box(area.x(), top, area.width(), key), rows, flow);
        }
    }

    private int rowsOfKey() {
        return (moods.size() + 3) / 4;
    }

    private static void ring(Pen pen, Box room, int days) {
        double outer = Math.min(room.width(), room.height()) / 2 * 0.9;
        double inner = outer * 0.55;
        double cx = room.centreX();
        double cy = room.centreY();
        pen.circle(cx, cy, outer, 0.7, Role.LINE);
        pen.circle(cx, cy, inner, 0.7, Role.LINE);
        for (int i = 0; i < days; i++) {
            double a = 2 * Math.PI * i / days - Math.PI / 2;
            pen.stroke(
                    Path.line(
                            cx + inner * Math.cos(a),
                            cy + inner * Math.sin(a),
                            cx + outer * Math.cos(a),
                            cy + outer * Math.sin(a)),
                    0.5,
                    Role.LINE);
            double middle = a + Math.PI / days;
            double at = outer * 1.06;
            number(
                    pen,
                    i + 1,
                    cx + at * Math.cos(middle),
                    cy + at * Math.sin(middle),
                    Math.min(8, outer * 2 * Math.PI / days * 0.5));
        }
    }

    /** @return where it ends */
    private static double grid(Pen pen, Box room, int days) {
        int rows = (days + WEEK - 1) / WEEK;
        double cell = Math.min(room.width() / WEEK, room.height() / rows);
        double left = room.centreX() - cell * WEEK / 2;
        for (int i = 0; i < days; i++) {
            double x = left + i % WEEK * cell;
            int row = i / WEEK;
            double y = room.y() + row * cell;
            pen.box(new Box(x, y, cell, cell).inset(cell * 0.06), 0.6, Role.LINE);
            // In the corner, so that the number is read when the field is coloured.
            number(pen, i + 1, x + cell * 0.06 + 8, y + cell * 0.06 + 8, Math.min(8, cell * 0.3));
        }
        return room.y() + rows * cell;
    }

    private static void number(Pen pen, int n, double cx, double cy, double size) {
        pen.words(
                Integer.toString(n),
                new Box(cx - 10, cy - size, 20, 2 * size),
                cy + size * 0.34,
                size,
                Voice.FIGURES,
                Style.REGULAR,
                Role.TEXT,
                Align.CENTRE);
    }

    private void key(Pen pen, Box area, int rows, Flow flow) {
        int columns = (moods.size() + rows - 1) / rows;
        double w = area.width() / columns;
        double h = area.height() / rows;
        double side = Math.min(h * 0.6, 9);
        for (int i = 0; i < moods.size(); i++) {
            double x = area.x() + i % columns * w;
            int row = i / columns;
            double cy = area.y() + (row + 0.5) * h;
            pen.box(new Box(x, cy - side / 2, side, side), 0.6, Role.LINE);
            pen.words(
                    flow.fill(moods.get(i)),
                    Box.orEmpty(x + side + 4, cy - h / 2, w - side - 8, h),
                    cy + 3,
                    9,
                    Voice.BODY,
                    Style.REGULAR,
                    Role.TEXT,
                    Align.LEFT);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return (form == Form.RING ? width * 0.9 : width * 0.72) + rowsOfKey() * KEY;
    }
}
