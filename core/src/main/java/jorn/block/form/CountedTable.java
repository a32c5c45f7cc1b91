package jorn.block.form;

import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.block.days.CountBy;
import jorn.block.days.CountBy.CountedRow;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;
import jorn.text.Typeface.Style;

/**
 * A table on the book's grid. What its rows stand for is counted; sums stand below them.
 *
 * @param columns from left to right, 1 to 12
 * @param by what the rows stand for
 * @param tall rows of the grid to each row, 1 to 6; 0 for as tall as there is room
 * @param sums label of a last row for sums; absent for none
 * @param carried whether the first row brings forward and the last carries forward
 * @param names what the first rows are for, where only the room counts: categories
 */
public record CountedTable(
        @Required List<Column> columns,
        @Label("block.sheet.rows-are") CountBy by,
        @Label("block.sheet.tall") int tall,
        @Label("block.sheet.sums") Optional<String> sums,
        @Label("block.sheet.carried") boolean carried,
        @Label("block.sheet.names") List<String> names)
        implements Node {
    /** What is written in a column. */
    public enum ColumnKind {
        WORDS,
        MONEY,
        TICK,
        /** Seven to write in, headed by the days of the week. */
        DAYS,
        /** Five to write in, headed by the days without the weekend. */
        SCHOOL_DAYS,
        /** Seven narrow ones to tick, headed by the letters of the days. */
        WEEK_TICKS,
        /** Twelve narrow ones to tick, headed by the letters of the months. */
        YEAR_TICKS
    }

    /**
     * A column.
     *
     * @param head may hold fields
     * @param share of the width
     * @param kind what is written in it
     */
    public record Column(@Required String head, Double share, ColumnKind kind) {
        public Column {
            head = Limits.heading(head);
            share = share == null || !(share > 0) ? Double.valueOf(1) : share;
            kind = kind == null ? ColumnKind.WORDS : kind;
        }
    }

    static final NodeKind<CountedTable> KIND = NodeKind.of("sheet", CountedTable.class)
            .filling()
            .offered(
                    "sheet",
                    Wording.of("block.sheet.name"),
                    Wording.of("block.sheet.says"),
                    () -> new CountedTable(
                            List.of(
                                    new Column("@what", 3.0, ColumnKind.WORDS),
                                    new Column("@how-many", 1.0, ColumnKind.WORDS),
                                    new Column("@done", 1.0, ColumnKind.TICK)),
                            CountBy.ROOM,
                            1,
                            Optional.empty(),
                            false,
                            List.of()));

    private static final int MOST = 12;
    private static final int MOST_GROUPS = 2;
    private static final double GAP = 0.7;

    /** Rows of so many of the grid's have its lines inside. */
    private static final double ROOMY = 2.9;

    public CountedTable {
        columns = List.copyOf(columns);
        by = by == null ? CountBy.ROOM : by;
        tall = Limits.whole(tall, Wording.of("block.sheet.tall"), 0, 6);
        sums = sums == null ? Optional.empty() : sums;
        names = names == null ? List.of() : List.copyOf(names);
        if (columns.isEmpty() || columns.size() > MOST) {
            throw Trouble.of("block.sheet.bad-columns", columns.size(), MOST);
        }
    }

    /** The columns as they are drawn. */
    private List<Column> drawn(Flow flow) {
        List<Column> all = new ArrayList<>();
        for (Column column : columns) {
            switch (column.kind()) {
                case WEEK_TICKS -> {
                    for (int i = 0; i < 7; i++) {
                        DayOfWeek day = flow.calendar().weeks().column(i);
                        all.add(narrow(flow.calendar().name(day, TextStyle.NARROW_STANDALONE), column, 7));
                    }
                }
                case DAYS, SCHOOL_DAYS -> all.addAll(days(column, flow));
                case YEAR_TICKS -> {
                    for (Month month : Month.values()) {
                        all.add(narrow(flow.calendar().name(month, TextStyle.NARROW_STANDALONE), column, 12));
                    }
                }
                default -> all.add(column);
            }
        }
        return all;
    }

    private static List<Column> days(Column of, Flow flow) {
        boolean whole = of.kind() == ColumnKind.DAYS;
        List<DayOfWeek> days = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            DayOfWeek day = flow.calendar().weeks().column(i);
            if (whole || !CountBy.isWeekend(day)) {
                days.add(day);
            }
        }
        return days.stream()
                .map(d -> new Column(
                        flow.calendar().name(d, TextStyle.SHORT_STANDALONE),
                        of.share() / days.size(),
                        ColumnKind.WORDS))
                .toList();
    }

    private static Column narrow(String head, Column of, int count) {
        return new Column(head, of.share() / count, ColumnKind.TICK);
    }

    /** How many tables stand side by side: the days of a month are more than the rows of most pages. */
    private int groups(Box area, Flow flow) {
        int there = Math.max(1, flow.grid().rowsIn(area.height()) - extra());
        return by.most() <= there || by == CountBy.YEARS ? 1 : Math.min(MOST_GROUPS, (by.most() + there - 1) / there);
    }

    private int extra() {
        return 1 + (sums.isPresent() ? 1 : 0) + (carried ? 2 : 0);
    }

    /** How many rows each group has, and how tall each row is. */
    private int[] count(Box area, Flow flow) {
        int there = Math.max(0, flow.grid().rowsIn(area.height()) - extra());
        if (by.most() == 0) {
            int each = tall > 0 ? tall : Math.max(1, there / Math.max(1, names.size()));
            return new int[] {there / each, each};
        }
        int groups = groups(area, flow);
        int most = (by.most() + groups - 1) / groups;
        int each = tall > 0 ? tall : Math.max(1, there / most);
        return new int[] {Math.min(most, there / each), each};
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        tables(area, flow, new StyledPen(flow, out)).forEach(Table::draw);
    }

    /** The groups side by side, those without any row left out. */
    private List<Table> tables(Box area, Flow flow, StyledPen pen) {
        int[] count = count(area, flow);
        List<CountedRow> named = rows(count[0], flow);
        List<Column> drawn = drawn(flow);
        int groups = groups(area, flow);
        double gap = pen.step() * GAP;
        double w = (area.width() - gap * (groups - 1)) / groups;
        List<Table> all = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            int from = Math.min(named.size(), g * count[0]);
            int to = Math.min(named.size(), from + count[0]);
            int rows = by.most() > 0 ? to - from : count[0];
            if (rows > 0) {
                Box at = new Box(area.x() + g * (w + gap), area.y(), w, area.height());
                boolean summed = g == groups - 1 && sums.isPresent();
                all.add(new Table(drawn, named.subList(from, to), rows, count[1], summed, at, pen, flow));
            }
        }
        return all;
    }

    /** What stands at the rows' beginnings: what is counted, or their names and numbers. */
    private List<CountedRow> rows(int there, Flow flow) {
        if (by == CountBy.NUMBERS) {
            return IntStream.rangeClosed(1, there)
                    .mapToObj(Integer::toString)
                    .map(n -> new CountedRow(n, n, false))
                    .toList();
        }
        return by == CountBy.ROOM
                ? names.stream()
                        .limit(there)
                        .map(flow::fill)
                        .map(n -> new CountedRow(n, n, false))
                        .toList()
                : by.rows(flow);
    }

    /** One of the groups. */
    private final class Table {
        private final List<Column> columns;
        private final List<CountedRow> named;
        private final int rows;
        private final int tall;
        private final boolean summed;
        private final Box area;
        private final StyledPen pen;
        private final Flow flow;
        private final double[] x;

        /**
         * @param named what stands at the rows' beginnings; may be fewer than the rows
         * @param summed whether the sums stand below this one
         */
        Table(
                List<Column> columns,
                List<CountedRow> named,
                int rows,
                int tall,
                boolean summed,
                Box area,
                StyledPen pen,
                Flow flow) {
            this.columns = columns;
            this.named = named;
            this.rows = rows;
            this.tall = tall;
            this.summed = summed;
            this.area = area;
            this.pen = pen;
            this.flow = flow;
            this.x = edges();
        }

        private double[] edges() {
            double whole = columns.stream().mapToDouble(Column::share).sum();
            double[] edges = new double[columns.size() + 1];
            edges[0] = area.x();
            for (int c = 0; c < columns.size(); c++) {
                edges[c + 1] = edges[c] + area.width() * columns.get(c).share() / whole;
            }
            return edges;
        }

        void fillIn(Hand hand) {
            double top = area.y() + pen.step() * (carried ? 2 : 1);
            new TableHand(columns, x, named.size(), pen, hand).write(top, rows, tall, summed, carried);
        }

        void draw() {
            double step = pen.step();
            double head = area.y() + step;
            int lead = carried ? 1 : 0;
            double body = head + lead * step;
            double end = body + rows * tall * step;
            double bottom = end + lead * step;
            tints(rows, body, tall * step);
            heads();
            Rule frame = pen.style().lines().frame();
            pen.across(frame, area.x(), area.right(), head);
            if (carried) {
                say(flow.fill("@brought-forward"), head, pen.label());
                pen.across(pen.style().lines().writing(), area.x(), area.right(), body);
                say(flow.fill("@carried-forward"), end, pen.label());
            }
            for (int r = 0; r < rows; r++) {
                row(r, body + r * tall * step, tall * step);
            }
            double foot = bottom + (summed ? step : 0);
            columns(head, foot);
            if (summed) {
                say(
                        flow.fill(sums.orElseThrow()),
                        bottom,
                        pen.label().in(Style.BOLD).in(pen.ink(Role.HEADING)));
                pen.across(frame, area.x(), area.right(), bottom);
            }
            Rule closing = summed ? pen.style().lines().head() : frame;
            pen.across(closing, area.x(), area.right(), foot - (closing.kind() == Rule.LineKind.DOUBLE ? 3 : 0));
        }

        private void say(String words, double y, Lettering as) {
            double room = columns.size() > 1 ? x[Math.max(1, columns.size() - 2)] - x[0] : area.width();
            pen.words(words, Box.orEmpty(x[0], y, Math.max(room, area.width() * 0.5) - 4, pen.step()), pen.base(y), as);
        }

        private void heads() {
            for (int c = 0; c < columns.size(); c++) {
                boolean words = columns.get(c).kind() == ColumnKind.WORDS;
                double left = words ? x[c] + pad(c, pen) : x[c] + 0.5;
                Lettering as = pen.label().at(words ? Align.LEFT : Align.CENTRE).in(pen.ink(Role.HEADING));
                pen.words(
                        flow.fill(columns.get(c).head()),
                        Box.orEmpty(left, area.y(), x[c + 1] - left - 1, pen.step()),
                        pen.base(area.y()),
                        as);
            }
        }

        private void tints(int rows, double body, double h) {
            for (int r = 0; r < rows; r++) {
                boolean tinted = pen.style()
                        .details()
                        .tint()
                        .fallsOn(r < named.size() && named.get(r).weekend(), r);
                if (tinted) {
                    pen.fill(Path.box(new Box(area.x(), body + r * h, area.width(), h)), pen.ink(Role.TINT));
                }
            }
        }

        private void row(int r, double y, double h) {
            double step = pen.step();
            if (r < named.size()) {
                double room = x[1] - x[0] - 3;
                CountedRow own = named.get(r);
                String words = pen.fitting(room, pen.label(), List.of(own.full(), own.shorter()));
                pen.words(words, Box.orEmpty(x[0], y, room, step), pen.base(y), pen.label());
            }
            for (int c = 0; c < columns.size(); c++) {
                if (columns.get(c).kind() == ColumnKind.TICK && x[c + 1] - x[c] >= Grid.SMALLEST_TICK.points()) {
                    double side =
                            Math.min(pen.tickSide(), Math.max(Grid.SMALLEST_TICK.points(), x[c + 1] - x[c] - 1.5));
                    pen.tick((x[c] + x[c + 1] - side) / 2, y + (Math.min(h, step) - side) / 2, side, Role.LINE);
                }
            }
            boolean within = h >= ROOMY * step;
            for (double line = y + step; within && line < y + h - 1; line += step) {
                pen.across(pen.style().lines().writing(), x[1], area.right(), line);
            }
            pen.across(
                    within ? pen.style().lines().frame() : pen.style().lines().writing(),
                    area.x(),
                    area.right(),
                    y + h);
        }

        private void columns(double from, double to) {
            Rule rule = pen.style().lines().frame();
            Rule fine = pen.style().lines().writing().withKind(Rule.LineKind.SOLID);
            for (int c = 1; c < columns.size(); c++) {
                boolean ticks = columns.get(c).kind() == ColumnKind.TICK
                        && columns.get(c - 1).kind() == ColumnKind.TICK;
                if (!ticks) {
                    pen.down(columns.get(c).kind() == ColumnKind.MONEY ? rule : fine, x[c], from, to);
                }
                if (columns.get(c).kind() == ColumnKind.MONEY) {
                    pen.down(fine, x[c] + rule.weight() + 1.4, from, to);
                }
            }
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        tables(area, flow, StyledPen.measuring(flow)).forEach(t -> t.fillIn(hand));
    }

    private static double pad(int c, StyledPen pen) {
        return c == 0 ? 0 : pen.step() * 0.22;
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int[] count = count(area, flow);
        int wanted = by.most() == 0 ? Math.max(1, names.size()) : by.rows(flow).size();
        int there = count[0] * groups(area, flow);
        if (there >= wanted) {
            return narrow(area, flow);
        }
        Message says = Message.of("block.sheet.lack", wanted, there);
        List<Lack.Remedy> remedies = new ArrayList<>();
        if (tall > 1) {
            remedies.add(new Lack.Remedy(
                    Message.of("block.sheet.lower-rows"),
                    new CountedTable(columns, by, tall - 1, sums, carried, names)));
        }
        if (sums.isPresent() && there + 1 >= wanted) {
            remedies.add(new Lack.Remedy(
                    Message.of("block.sheet.without-sums"),
                    new CountedTable(columns, by, tall, Optional.empty(), carried, names)));
        }
        return Optional.of(new Lack(says, remedies));
    }

    /** Whether what is to be ticked has no room. */
    private Optional<Lack> narrow(Box area, Flow flow) {
        List<Column> drawn = drawn(flow);
        double whole = drawn.stream().mapToDouble(Column::share).sum();
        double w = area.width() / groups(area, flow);
        boolean tight = drawn.stream()
                .anyMatch(c -> c.kind() == ColumnKind.TICK && w * c.share() / whole < Grid.SMALLEST_TICK.points());
        return tight ? Optional.of(Lack.of(Message.of("block.sheet.narrow"))) : Optional.empty();
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        int n = by.most() == 0 ? Math.max(3, names.size()) : Math.min(16, by.most());
        return (extra() + n * Math.max(1, tall)) * flow.grid().step();
    }
}
