package jorn.puzzle.sums;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jorn.puzzle.Grade;

/** How a person would solve sums in crossing rows: always by the easiest step that leads anywhere. */
final class SumReasoning {
    private static final int ALL = 0x1FF;

    /** The sets of so many different figures from 1 to 9 that make a sum, one bit a figure. */
    private static final int[][][] WAYS = ways();

    private final SumBoard board;
    private final int[] sums;
    private final int[] open;
    private final Set<SumStep> used = EnumSet.noneOf(SumStep.class);
    private boolean wrong;

    /** @param sums of the board's runs */
    SumReasoning(SumBoard board, int[] sums) {
        this.board = board;
        this.sums = sums;
        this.open = new int[board.size() * board.size()];
        for (int cell = 0; cell < open.length; cell++) {
            open[cell] = board.isWritten(cell) ? ALL : 0;
        }
    }

    private static int[][][] ways() {
        int[][][] ways = new int[10][46][0];
        for (int set = 1; set <= ALL; set++) {
            int count = Integer.bitCount(set);
            int sum = sum(set);
            ways[count][sum] = Arrays.copyOf(ways[count][sum], ways[count][sum].length + 1);
            ways[count][sum][ways[count][sum].length - 1] = set;
        }
        return ways;
    }

    private static int sum(int set) {
        int sum = 0;
        for (int rest = set; rest != 0; rest &= rest - 1) {
            sum += Integer.numberOfTrailingZeros(rest) + 1;
        }
        return sum;
    }

    /** Reasons as far as steps of a grade lead. */
    SumReasoning to(Grade grade) {
        boolean led = true;
        while (led && !wrong && undecided() > 0) {
            led = false;
            for (SumStep each : SumStep.values()) {
                if (!each.grade().isHarderThan(grade) && take(each)) {
                    used.add(each);
                    led = true;
                    break;
                }
            }
        }
        return this;
    }

    boolean isSolved() {
        return !wrong && undecided() == 0;
    }

    /** How many squares have more than one figure left. */
    int undecided() {
        int n = 0;
        for (int each : open) {
            n += Integer.bitCount(each) > 1 ? 1 : 0;
        }
        return n;
    }

    /** Squares with more than one figure left. */
    List<Integer> undecidedSquares() {
        List<Integer> all = new ArrayList<>();
        for (int cell = 0; cell < open.length; cell++) {
            if (Integer.bitCount(open[cell]) > 1) {
                all.add(cell);
            }
        }
        return all;
    }

    Set<SumStep> used() {
        return used;
    }

    Grade grade() {
        return used.stream().map(SumStep::grade).reduce(Grade.GENTLE, Grade::orHarder);
    }

    private boolean take(SumStep step) {
        boolean any = false;
        for (int r = 0; r < sums.length && !wrong; r++) {
            int[] run = board.runs().get(r);
            any |= switch (step) {
                case REST_OF_SUM -> rest(run, sums[r]);
                case ONE_WAY -> WAYS[run.length][sums[r]].length == 1 && ways(run, WAYS[run.length][sums[r]]);
                case WAYS_LEFT -> ways(run, left(run, sums[r]));
                default -> places(run, left(run, sums[r]));
            };
        }
        return any;
    }

    private boolean keep(int cell, int figures) {
        int now = open[cell] & figures;
        if (now == open[cell]) {
            return false;
        }
        open[cell] = now;
        wrong |= now == 0;
        return true;
    }

    /** What is set in a square stands nowhere else in its runs; and the last square has the rest. */
    private boolean rest(int[] run, int sum) {
        boolean any = false;
        int set = 0;
        int free = -1;
        int count = 0;
        for (int cell : run) {
            if (Integer.bitCount(open[cell]) == 1) {
                wrong |= (set & open[cell]) != 0;
                set |= open[cell];
            } else {
                free = cell;
                count++;
            }
        }
        for (int cell : run) {
            if (Integer.bitCount(open[cell]) > 1) {
                any |= keep(cell, ~set);
            }
        }
        int rest = sum - sum(set);
        if (count == 1) {
            any |= keep(free, rest >= 1 && rest <= 9 ? 1 << (rest - 1) : 0);
        } else if (count == 0) {
            wrong |= rest != 0;
        }
        return any;
    }

    /** The ways of making a sum for which all figures that are set are needed, and whose figures are all open somewhere. */
    private int[] left(int[] run, int sum) {
        int set = 0;
        int some = 0;
        for (int cell : run) {
            set |= Integer.bitCount(open[cell]) == 1 ? open[cell] : 0;
            some |= open[cell];
        }
        int needed = set;
        int there = some;
        return Arrays.stream(WAYS[run.length][sum])
                .filter(way -> (way & needed) == needed && (way & ~there) == 0)
                .toArray();
    }

    private boolean ways(int[] run, int[] ways) {
        int union = 0;
        for (int way : ways) {
            union |= way;
        }
        boolean any = false;
        for (int cell : run) {
            any |= keep(cell, union);
        }
        return any;
    }

    /** Keeps of each square the figures with which the run can be filled. */
    private boolean places(int[] run, int[] ways) {
        int[] can = new int[run.length];
        for (int way : ways) {
            place(run, 0, way, new int[run.length], can);
        }
        boolean any = false;
        for (int i = 0; i < run.length; i++) {
            any |= keep(run[i], can[i]);
        }
        return any;
    }

    private boolean place(int[] run, int at, int left, int[] chosen, int[] can) {
        if (at == run.length) {
            for (int i = 0; i < run.length; i++) {
                can[i] |= chosen[i];
            }
            return true;
        }
        boolean any = false;
        for (int rest = left & open[run[at]]; rest != 0; rest &= rest - 1) {
            int bit = Integer.lowestOneBit(rest);
            chosen[at] = bit;
            any |= place(run, at + 1, left & ~bit, chosen, can);
        }
        return any;
    }
}
