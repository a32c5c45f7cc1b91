package jorn.print.bindery;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.jspecify.annotations.Nullable;

/**
 * A page of a source, with what it has from the tree of pages above it (ISO 32000-1, 7.7.3.4).
 *
 * @param dictionary as it stands in the file
 * @param inherited what it has not itself
 */
record SourcePage(COSDictionary dictionary, COSDictionary inherited) {
    private static final float[] LETTER = {0, 0, 612, 792};
    private static final COSName TRIM_BOX = COSName.getPDFName("TrimBox");
    private static final COSName BLEED_BOX = COSName.getPDFName("BleedBox");
    private static final int QUARTER = 90;
    private static final int FULL = 360;

    /** What the page has of a kind, itself or from above. */
    @Nullable
    COSBase get(COSName key) {
        COSBase own = dictionary.getDictionaryObject(key);
        return own == null ? inherited.getDictionaryObject(key) : own;
    }

    /** The same, as it is referred to. */
    @Nullable
    COSBase item(COSName key) {
        COSBase own = dictionary.getItem(key);
        return own == null ? inherited.getItem(key) : own;
    }

    /** Its sheet: left, bottom, right, top, in its own units, from the smaller to the larger. */
    float[] media() {
        float[] media = box(get(COSName.MEDIA_BOX));
        return media == null ? LETTER.clone() : media;
    }

    /** What is seen of it: the crop box, within the sheet. */
    float[] seen() {
        float[] media = media();
        float[] crop = box(get(COSName.CROP_BOX));
        if (crop == null) {
            return media;
        }
        return within(crop, media);
    }

    /** The finished page, as far as it is seen: the trim box (ISO 32000-1, 14.11.2); what is seen of it where it has none. */
    float[] trim() {
        return within(box(get(TRIM_BOX)), seen());
    }

    /** What may be seen of it beyond the trim, before it is cut: the bleed box; no more than the trim where it has none. */
    float[] bleed() {
        return within(box(get(BLEED_BOX)), seen(), trim());
    }

    private static float[] within(float @Nullable [] wanted, float[] room) {
        return within(wanted, room, room);
    }

    private static float[] within(float @Nullable [] wanted, float[] room, float[] unless) {
        if (wanted == null) {
            return unless;
        }
        float[] both = {
            Math.max(room[0], wanted[0]),
            Math.max(room[1], wanted[1]),
            Math.min(room[2], wanted[2]),
            Math.min(room[3], wanted[3])
        };
        return both[2] - both[0] < 1 || both[3] - both[1] < 1 ? unless : both;
    }

    private static float @Nullable [] box(@Nullable COSBase value) {
        if (!(value instanceof COSArray a) || a.size() < 4) {
            return null;
        }
        float[] v = new float[4];
        for (int i = 0; i < 4; i++) {
            if (!(a.getObject(i) instanceof COSNumber n)) {
                return null;
            }
            v[i] = n.floatValue();
        }
        float[] sorted = {Math.min(v[0], v[2]), Math.min(v[1], v[3]), Math.max(v[0], v[2]), Math.max(v[1], v[3])};
        return sorted[2] - sorted[0] < 1 || sorted[3] - sorted[1] < 1 ? null : sorted;
    }

    /** How it is turned when it is shown, in degrees clockwise: 0, 90, 180 or 270. */
    int rotation() {
        int r = get(COSName.ROTATE) instanceof COSNumber n ? n.intValue() : 0;
        return Math.floorMod(Math.floorDiv(r, QUARTER) * QUARTER, FULL);
    }

    /** How large a unit of it is, in points. */
    double unit() {
        return dictionary.getDictionaryObject(COSName.getPDFName("UserUnit")) instanceof COSNumber n
                        && n.floatValue() > 0
                ? n.floatValue()
                : 1;
    }

    private boolean isSideways() {
        return rotation() % (2 * QUARTER) != 0;
    }

    /** How wide it is shown, in points. */
    double width() {
        float[] b = seen();
        return unit() * (isSideways() ? b[3] - b[1] : b[2] - b[0]);
    }

    /** How high it is shown, in points. */
    double height() {
        float[] b = seen();
        return unit() * (isSideways() ? b[2] - b[0] : b[3] - b[1]);
    }
}
