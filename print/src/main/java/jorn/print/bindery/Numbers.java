package jorn.print.bindery;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSFloat;

/** Rows of numbers, such as boxes. */
final class Numbers {
    private Numbers() {}

    /** A number with at most so many decimals, and no more than it needs. */
    static String text(double value, int decimals) {
        String plain = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return plain.startsWith("0.") ? plain.substring(1) : plain.startsWith("-0.") ? "-" + plain.substring(2) : plain;
    }

    static COSArray of(double... values) {
        COSArray all = new COSArray();
        for (double v : values) {
            all.add(new COSFloat((float) v));
        }
        return all;
    }
}
