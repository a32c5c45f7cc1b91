package jorn.print.bindery;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Turn;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSStream;
import org.jspecify.annotations.Nullable;

/**
 * What lies on a page and is printed with it, though it is no part of its content: fields that are filled in, stamps, notes (ISO 32000-1, 12.5.5).
 * What is hidden, or only seen on a screen, is not.
 */
final class Appearances {
    private static final int HIDDEN = 2;
    private static final int PRINTED = 4;
    private static final COSName POPUP = COSName.getPDFName("Popup");
    private static final COSName MATRIX = COSName.getPDFName("Matrix");

    /** Something that is drawn: by what, and where in the page's own units. */
    record Drawn(COSStream by, Turn where) {}

    private Appearances() {}

    /** All of a page, the lowest first. */
    static List<Drawn> on(SourcePage page) {
        List<Drawn> all = new ArrayList<>();
        if (page.get(COSName.ANNOTS) instanceof COSArray annotations) {
            for (int i = 0; i < annotations.size(); i++) {
                if (annotations.getObject(i) instanceof COSDictionary each && isPrinted(each)) {
                    add(each, all);
                }
            }
        }
        return all;
    }

    private static boolean isPrinted(COSDictionary annotation) {
        int flags = annotation.getInt(COSName.F, 0);
        return (flags & HIDDEN) == 0
                && (flags & PRINTED) != 0
                && !POPUP.equals(annotation.getDictionaryObject(COSName.SUBTYPE));
    }

    private static void add(COSDictionary annotation, List<Drawn> all) {
        COSStream stream = appearance(annotation);
        Box rect = box(annotation.getDictionaryObject(COSName.RECT));
        Box own = stream == null ? null : box(stream.getDictionaryObject(COSName.BBOX));
        if (stream == null || rect == null || own == null) {
            return;
        }
        Box seen = matrix(stream).of(own);
        if (seen.width() > 0 && seen.height() > 0) {
            double x = rect.width() / seen.width();
            double y = rect.height() / seen.height();
            all.add(new Drawn(stream, new Turn(x, 0, 0, y, rect.x() - x * seen.x(), rect.y() - y * seen.y())));
        }
    }

    /** Its normal look; of several, the one for its state. */
    private static @Nullable COSStream appearance(COSDictionary annotation) {
        if (!(annotation.getDictionaryObject(COSName.AP) instanceof COSDictionary looks)) {
            return null;
        }
        COSBase normal = looks.getDictionaryObject(COSName.N);
        if (normal instanceof COSDictionary states && !(normal instanceof COSStream)) {
            COSName state = annotation.getCOSName(COSName.AS);
            normal = state == null ? null : states.getDictionaryObject(state);
        }
        return normal instanceof COSStream s ? s : null;
    }

    private static Turn matrix(COSStream form) {
        double[] m = numbers(form.getDictionaryObject(MATRIX), 6);
        return m.length == 0 ? Turn.NONE : new Turn(m[0], m[1], m[2], m[3], m[4], m[5]);
    }

    private static @Nullable Box box(@Nullable COSBase value) {
        double[] v = numbers(value, 4);
        return v.length == 0
                ? null
                : Box.between(Math.min(v[0], v[2]), Math.min(v[1], v[3]), Math.max(v[0], v[2]), Math.max(v[1], v[3]));
    }

    private static double[] numbers(@Nullable COSBase value, int count) {
        if (!(value instanceof COSArray a) || a.size() < count) {
            return new double[0];
        }
        double[] all = new double[count];
        for (int i = 0; i < count; i++) {
            if (!(a.getObject(i) instanceof COSNumber n)) {
                return new double[0];
            }
            all[i] = n.floatValue();
        }
        return all;
    }
}
