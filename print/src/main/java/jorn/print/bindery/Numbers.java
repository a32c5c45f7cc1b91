package jorn.print.bindery;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSFloat;

/** Rows of numbers, such as boxes. */
final class Numbers {
    private Numbers() {}

    static COSArray of(double... values) {
        COSArray all = new COSArray();
        for (double v : values) {
            all.add(new COSFloat((float) v));
        }
        return all;
    }
}
