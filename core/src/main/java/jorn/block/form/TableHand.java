package jorn.block.form;

import java.util.List;
import java.util.Locale;
import jorn.art.Box;
import jorn.block.form.CountedTable.Column;
import jorn.block.form.CountedTable.ColumnKind;
import jorn.layout.Align;
import jorn.layout.Hand;
import jorn.layout.StyledPen;
import jorn.say.BookWords;

/** Fills in one group of a table's rows; what it adds up, adds up. */
final class TableHand {
    private static final double SHARE = 0.7;
    private static final String DIFFERENCE = "difference";
    private static final String BALANCE = "balance";
    private static final String INCOME = "coming-in";

    private final List<Column> columns;
    private final double[] x;
    private final int named;
    private final StyledPen pen;
    private final Hand hand;
    private final long[] sums;

    /**
     * @param x the columns' edges
     * @param named how many rows have a word of their own in the first column
     */
    TableHand(List<Column> columns, double[] x, int named, StyledPen pen, Hand hand) {
        this.columns = columns;
        this.x = x.clone();
        this.named = named;
        this.pen = pen;
        this.hand = hand;
        this.sums = new long[columns.size()];
    }

    void write(double top, int rows, int tall, boolean summed, boolean carried) {
        int written = Math.min((int) Math.ceil(rows * SHARE), different(rows));
        long balance = carried ? 4350 + hand.below(9000) : 0;
        if (carried) {
            for (int c = 1; c < columns.size(); c++) {
                if (isMoney(c) && isLastMoney(c)) {
                    amount(balance, c, top - pen.step());
                    sums[c] = balance;
                }
            }
        }
        for (int r = 0; r < written; r++) {
            row(r, top + r * tall * pen.step());
        }
        double foot = top + rows * tall * pen.step();
        if (carried) {
            sums(foot);
        }
        if (summed) {
            sums(foot + (carried ? pen.step() : 0));
        }
    }

    /** How many rows can be written before the first column would say the same again. */
    private int different(int rows) {
        int known = named > 0 ? named : hand.known(columns.get(0).head());
        return known == 0 ? rows : known;
    }

    private boolean isIncome() {
        return BookWords.key(columns.get(0).head()).filter(INCOME::equals).isPresent();
    }

    private boolean isMoney(int c) {
        return columns.get(c).kind() == ColumnKind.MONEY;
    }

    private boolean isLastMoney(int c) {
        return columns.subList(c + 1, columns.size()).stream().noneMatch(o -> o.kind() == ColumnKind.MONEY);
    }

    private void row(int r, double y) {
        long before = 0;
        long last = 0;
        for (int c = 0; c < columns.size(); c++) {
            Column column = columns.get(c);
            switch (column.kind()) {
                case TICK -> {
                    double side = pen.tickSide();
                    if (hand.below(3) > 0 && x[c + 1] - x[c] >= side) {
                        hand.tick((x[c] + x[c + 1] - side) / 2, y + (pen.step() - side) / 2, side);
                    }
                }
                case MONEY -> {
                    String key = BookWords.key(column.head()).orElse("");
                    long amount = key.equals(DIFFERENCE)
                            ? (isIncome() ? last - before : before - last)
                            : key.equals(BALANCE) ? sums[c] + last : money(last);
                    sums[c] = key.equals(BALANCE) ? amount : sums[c] + amount;
                    before = last;
                    last = amount;
                    amount(amount, c, y);
                }
                default -> words(r, c, column, y);
            }
        }
    }

    /** An amount in hundredths, near the one beside it where there is one. */
    private long money(long beside) {
        int most = isIncome() ? 30_000 : 1800;
        return beside == 0 ? 5 * (60L + hand.below(most)) : Math.max(100, beside + 5L * (hand.below(240) - 120));
    }

    private void words(int r, int c, Column column, double y) {
        boolean own = c == 0 && r < named;
        if (!own && x[c + 1] - x[c] > pen.step() * 0.7) {
            double pad = c == 0 ? 0 : pen.step() * 0.2;
            hand.note(column.head(), Box.orEmpty(x[c] + pad, y, x[c + 1] - x[c] - pad, pen.step()), pen.base(y));
        }
    }

    private void sums(double y) {
        for (int c = 0; c < columns.size(); c++) {
            if (isMoney(c)) {
                amount(sums[c], c, y);
            }
        }
    }

    private void amount(long hundredths, int c, double y) {
        String words = String.format(Locale.ROOT, "%d.%02d", hundredths / 100, Math.abs(hundredths % 100));
        String said = hundredths < 0 && hundredths > -100 ? "-" + words : words;
        hand.write(said, Box.orEmpty(x[c], y, x[c + 1] - x[c] - 2, pen.step()), pen.base(y), Align.RIGHT);
    }
}
