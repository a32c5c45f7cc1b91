package jorn.print.bindery;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;

/** What pages are called (ISO 32000-1, 12.4.2): each keeps the name that it had in its own file. */
final class Labels {
    private static final COSName PAGE_LABELS = COSName.getPDFName("PageLabels");
    private static final COSName STYLE = COSName.getPDFName("S");
    private static final COSName PREFIX = COSName.getPDFName("P");
    private static final COSName START = COSName.getPDFName("St");

    private final List<Called> all = new ArrayList<>();
    private boolean any;

    /**
     * The name of a page.
     *
     * @param style as in the file, {@code D} or {@code r}; empty where there is only what stands before
     * @param number counted in that style
     */
    private record Called(String style, String prefix, int number) {
        boolean follows(Called before) {
            return style.equals(before.style) && prefix.equals(before.prefix) && number == before.number + 1;
        }
    }

    /** @param pages of the new file */
    Labels(int pages) {
        for (int i = 0; i < pages; i++) {
            all.add(new Called("D", "", i + 1));
        }
    }

    /**
     * Takes those of a source.
     *
     * @param pages which pages, from 1
     * @param places where they come to stand in the new file, from 0
     */
    void take(PdfSource source, int[] pages, int[] places) {
        TreeMap<Integer, COSDictionary> ranges = new TreeMap<>();
        Trees.walk(source.catalog().getDictionaryObject(PAGE_LABELS), false, (key, value) -> {
            COSBase actual = value instanceof org.apache.pdfbox.cos.COSObject o ? o.getObject() : value;
            if (key instanceof COSInteger i && actual instanceof COSDictionary d) {
                ranges.put(i.intValue(), d);
            }
        });
        any |= !ranges.isEmpty();
        for (int i = 0; i < pages.length; i++) {
            all.set(places[i], called(ranges, pages[i]));
        }
    }

    private static Called called(NavigableMap<Integer, COSDictionary> ranges, int page) {
        Map.Entry<Integer, COSDictionary> range = ranges.floorEntry(page - 1);
        if (range == null) {
            return new Called("D", "", page);
        }
        COSDictionary d = range.getValue();
        String style = d.getNameAsString(STYLE, "");
        String prefix = d.getDictionaryObject(PREFIX) instanceof COSString s ? s.getString() : "";
        return new Called(style, prefix, d.getInt(START, 1) + page - 1 - range.getKey());
    }

    /** As pairs of a tree; nothing where no source has any. */
    Map<Integer, COSDictionary> ranges() {
        Map<Integer, COSDictionary> out = new TreeMap<>();
        if (!any) {
            return out;
        }
        for (int i = 0; i < all.size(); i++) {
            Called now = all.get(i);
            if (i > 0 && now.follows(all.get(i - 1))) {
                continue;
            }
            COSDictionary d = new COSDictionary();
            if (!now.style().isEmpty()) {
                d.setName(STYLE, now.style());
                d.setInt(START, now.number());
            }
            if (!now.prefix().isEmpty()) {
                d.setItem(PREFIX, new COSString(now.prefix()));
            }
            out.put(i, d);
        }
        return out;
    }
}
