package jorn.print.bindery;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNull;
import org.apache.pdfbox.cos.COSObject;

/** Which pages of a damaged file lack something: what they refer to is nowhere in it. */
final class Gaps {
    private static final List<COSName> DRAWN = List.of(COSName.CONTENTS, COSName.RESOURCES);

    private Gaps() {}

    /**
     * Their numbers, from 1.
     *
     * @param cut number of an object of which only the beginning is there; 0 for none
     */
    static List<Integer> in(List<SourcePage> pages, long cut) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            if (lacks(pages.get(i), cut)) {
                all.add(i + 1);
            }
        }
        return all;
    }

    /** Likewise, but only those that have nothing of what draws them, though they name it. */
    static List<Integer> bare(List<SourcePage> pages) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            COSBase named = pages.get(i).dictionary().getItem(COSName.CONTENTS);
            COSBase actual = named instanceof COSObject o ? o.getObject() : named;
            if (named != null && (actual == null || actual instanceof COSNull)) {
                all.add(i + 1);
            }
        }
        return all;
    }

    private static boolean lacks(SourcePage page, long cut) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<COSBase> open = new ArrayDeque<>();
        for (COSName key : DRAWN) {
            COSBase value = page.item(key);
            if (value != null) {
                open.push(value);
            }
        }
        while (!open.isEmpty()) {
            COSBase next = open.pop();
            if (next instanceof COSObject o) {
                COSBase actual = o.getObject();
                if (actual == null || actual instanceof COSNull || isCut(o, cut)) {
                    return true;
                }
                next = actual;
            }
            if (!seen.add(next)) {
                continue;
            }
            if (next instanceof COSDictionary d) {
                for (COSName key : d.keySet()) {
                    COSBase value = d.getItem(key);
                    if (!key.equals(COSName.PARENT) && !key.equals(COSName.P) && value != null) {
                        open.push(value);
                    }
                }
            } else if (next instanceof COSArray a) {
                for (int i = 0; i < a.size(); i++) {
                    COSBase value = a.get(i);
                    if (value != null) {
                        open.push(value);
                    }
                }
            }
        }
        return false;
    }

    private static boolean isCut(COSObject object, long cut) {
        return cut > 0 && object.getKey() != null && object.getKey().getNumber() == cut;
    }
}
