package jorn.print.pdf;

import java.nio.charset.StandardCharsets;
import jorn.art.Path;

/** Writes PDF content operators (ISO 32000-1, annex A) as short as they can be. */
public final class Operators {
    private final StringBuilder out = new StringBuilder(256);

    public Operators op(String operator, double... numbers) {
        for (double n : numbers) {
            number(n).append(' ');
        }
        out.append(operator).append('\n');
        return this;
    }

    public Operators raw(String text) {
        out.append(text);
        return this;
    }

    /** A number with at most three decimals: a thousandth of a point is far finer than any press. */
    public StringBuilder number(double n) {
        long thousandths = Math.round(n * 1000);
        if (thousandths < 0) {
            out.append('-');
            thousandths = -thousandths;
        }
        long whole = thousandths / 1000;
        int rest = (int) (thousandths % 1000);
        if (whole != 0 || rest == 0) {
            out.append(whole);
        }
        if (rest != 0) {
            out.append('.').append((char) ('0' + rest / 100));
            if (rest % 100 != 0) {
                out.append((char) ('0' + rest / 10 % 10));
                if (rest % 10 != 0) {
                    out.append((char) ('0' + rest % 10));
                }
            }
        }
        return out;
    }

    public Operators path(Path path) {
        path.walk(new Path.Walker() {
            @Override
            public void move(double x, double y) {
                op("m", x, y);
            }

            @Override
            public void line(double x, double y) {
                op("l", x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                op("c", x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                op("h");
            }
        });
        return this;
    }

    public byte[] bytes() {
        return out.toString().getBytes(StandardCharsets.ISO_8859_1);
    }
}
