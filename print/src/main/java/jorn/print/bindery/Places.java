package jorn.print.bindery;

import java.io.IOException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.jspecify.annotations.Nullable;

/** Places with names, to which links and bookmarks lead (ISO 32000-1, 12.3.2.3): of all sources together, clashing ones kept apart. */
final class Places {
    private final Map<String, COSBase> all = new LinkedHashMap<>();

    /** Places of one source, by name: each an array, as it is referred to. */
    static Map<String, COSBase> of(PdfSource source) {
        Map<String, COSBase> found = new HashMap<>();
        COSDictionary catalog = source.catalog();
        if (catalog.getDictionaryObject(COSName.DESTS) instanceof COSDictionary old) {
            for (COSName name : old.keySet()) {
                found.put(name.getName(), old.getItem(name));
            }
        }
        if (catalog.getDictionaryObject(COSName.NAMES) instanceof COSDictionary names) {
            Trees.walk(names.getDictionaryObject(COSName.DESTS), true, (key, value) -> {
                String name = Carrying.name(key);
                if (name != null) {
                    found.put(name, value);
                }
            });
        }
        return found;
    }

    /** The array of a place; nothing where there is none. */
    static @Nullable COSArray array(@Nullable COSBase value) {
        COSBase actual = value instanceof COSObject o ? o.getObject() : value;
        if (actual instanceof COSDictionary d) {
            actual = d.getDictionaryObject(COSName.D);
        }
        return actual instanceof COSArray a ? a : null;
    }

    /** Takes those of a source; to be called before its objects are written. */
    void take(Map<String, COSBase> own, Carrying carrying, ObjectWriter to) throws IOException {
        Map<String, String> called = new HashMap<>();
        for (String name : own.keySet()) {
            String now = name;
            for (int i = 2; all.containsKey(now) || (i > 2 && own.containsKey(now)); i++) {
                now = name + "-" + i;
            }
            if (!now.equals(name)) {
                carrying.rename(name, now);
            }
            called.put(name, now);
            all.put(now, org.apache.pdfbox.cos.COSNull.NULL);
        }
        for (Map.Entry<String, COSBase> each : own.entrySet()) {
            String now = called.getOrDefault(each.getKey(), each.getKey());
            COSArray array = array(each.getValue());
            if (array == null || array.size() == 0 || to.isLeftOut(nonNull(array.getObject(0)))) {
                all.remove(now);
            } else {
                all.put(now, to.add(array));
            }
        }
    }

    private static COSBase nonNull(@Nullable COSBase value) {
        return value == null ? org.apache.pdfbox.cos.COSNull.NULL : value;
    }

    Map<String, COSBase> all() {
        return all;
    }
}
