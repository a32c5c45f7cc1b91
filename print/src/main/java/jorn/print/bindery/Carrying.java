package jorn.print.bindery;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;
import org.jspecify.annotations.Nullable;

/** What changes as a source's objects come into a file with others: names that clash, numbers of tags, what belonged to the whole file. */
final class Carrying implements Rewriting {
    private static final COSName STRUCT_PARENTS = COSName.getPDFName("StructParents");
    private static final COSName STRUCT_PARENT = COSName.getPDFName("StructParent");
    private static final COSName GO_TO = COSName.getPDFName("GoTo");

    private final Map<String, String> renamed = new HashMap<>();
    private final IdentityHashMap<COSBase, Ref> stands = new IdentityHashMap<>();
    private final IdentityHashMap<COSDictionary, Map<COSName, COSBase>> replaced = new IdentityHashMap<>();
    private int tags;

    /** A place that others of that name are called by, too, is called otherwise here. */
    void rename(String from, String to) {
        renamed.put(from, to);
    }

    /** Where an object of the whole file is referred to, the one of the new file is meant. */
    void standsFor(COSBase old, Ref now) {
        stands.put(old, now);
    }

    /** A value is another one. */
    void replace(COSDictionary in, COSName key, COSBase now) {
        replaced.computeIfAbsent(in, d -> new HashMap<>()).put(key, now);
    }

    /** Numbers that lead from pages to their tags begin here. */
    void tagsFrom(int number) {
        tags = number;
    }

    @Override
    public @Nullable COSBase value(COSDictionary in, COSName key, COSBase value) {
        Ref other = stands.get(value);
        if (other != null) {
            return other;
        }
        Map<COSName, COSBase> own = replaced.get(in);
        if (own != null && own.containsKey(key)) {
            return own.get(key);
        }
        if (key.equals(STRUCT_PARENTS) || key.equals(STRUCT_PARENT)) {
            return value instanceof COSInteger i ? COSInteger.get(i.longValue() + tags) : value;
        }
        boolean place =
                key.equals(COSName.DEST) || (key.equals(COSName.D) && GO_TO.equals(in.getDictionaryObject(COSName.S)));
        return place && !renamed.isEmpty() ? place(value) : value;
    }

    private COSBase place(COSBase value) {
        String name = name(value);
        String now = name == null ? null : renamed.get(name);
        return now == null ? value : new COSString(now);
    }

    /** A named place's name; nothing where the place is told itself. */
    static @Nullable String name(@Nullable COSBase value) {
        return value instanceof COSString s ? s.getString() : value instanceof COSName n ? n.getName() : null;
    }
}
