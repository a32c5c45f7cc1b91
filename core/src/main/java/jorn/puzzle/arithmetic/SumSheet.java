package jorn.puzzle.arithmetic;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/**
 * A sheet of sums.
 *
 * @param exercises in the order in which they stand
 * @param grade by the range and by carrying
 */
public record SumSheet(List<Exercise> exercises, Grade grade) implements Puzzle {
    /** What is done with two numbers. */
    public enum SumSign {
        ADD("+"),
        SUBTRACT("−"),
        MULTIPLY("×"),
        DIVIDE("÷");

        private final String sign;

        SumSign(String sign) {
            this.sign = sign;
        }

        /** As it is written between two numbers. */
        public String sign() {
            return sign;
        }

        /** What comes out. */
        public int of(int first, int second) {
            return switch (this) {
                case ADD -> first + second;
                case SUBTRACT -> first - second;
                case MULTIPLY -> first * second;
                case DIVIDE -> first / second;
            };
        }
    }

    /** One sum; nothing below nought comes out, and nothing is left over. */
    public record Exercise(int first, SumSign sign, int second) {
        public int result() {
            return sign.of(first, second);
        }

        /** "12 + 7 =". */
        public String asked() {
            return first + " " + sign.sign() + " " + second + " =";
        }

        /**
         * Whether a digit is carried, or borrowed, somewhere.
         *
         * <p>Adding: two digits of a place, with what comes over, make ten or more. Taking away: a digit is less than the one below it.
         */
        public boolean carries() {
            int a = sign == SumSign.ADD ? first : result();
            int b = second;
            if (sign == SumSign.MULTIPLY || sign == SumSign.DIVIDE) {
                return false;
            }
            while (a > 0 || b > 0) {
                if (a % 10 + b % 10 > 9) {
                    return true;
                }
                a /= 10;
                b /= 10;
            }
            return false;
        }
    }

    public SumSheet {
        exercises = List.copyOf(exercises);
    }

    @Override
    public List<String> techniques() {
        return List.of();
    }

    @Override
    public Object likeness() {
        return exercises.stream()
                .sorted(Comparator.comparingInt(Exercise::first)
                        .thenComparingInt(Exercise::second)
                        .thenComparing(Exercise::sign))
                .toList();
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        List<Map<String, Object>> asked = new ArrayList<>();
        for (Exercise each : exercises) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("first", each.first());
            one.put("sign", each.sign().sign());
            one.put("second", each.second());
            one.put("result", each.result());
            asked.add(one);
        }
        all.put("exercises", asked);
        all.put("grade", grade.number());
        all.put("techniques", techniques());
        return all;
    }
}
