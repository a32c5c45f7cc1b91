package jorn.print.bindery;

import java.io.IOException;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;

/** What pages are made of, for those who hear them (ISO 32000-1, 14.7): the trees of all sources below one root. */
final class Tags {
    private static final COSName ROOT = COSName.STRUCT_TREE_ROOT;
    private static final COSName PARENT_TREE = COSName.getPDFName("ParentTree");
    private static final COSName NEXT_KEY = COSName.getPDFName("ParentTreeNextKey");
    private static final COSName ROLE_MAP = COSName.getPDFName("RoleMap");
    private static final COSName CLASS_MAP = COSName.getPDFName("ClassMap");

    private final COSArray kids = new COSArray();
    private final TreeMap<Integer, COSBase> parents = new TreeMap<>();
    private final COSDictionary roles = new COSDictionary();
    private final COSDictionary classes = new COSDictionary();
    private int next;
    private int own;

    /** To be called before a source's objects are written. */
    void begin(PdfSource source, Carrying carrying, ObjectWriter to) {
        carrying.tagsFrom(next);
        if (source.catalog().getDictionaryObject(ROOT) instanceof COSDictionary root) {
            own = own == 0 ? to.fresh() : own;
            carrying.standsFor(root, new Ref(own));
        }
    }

    /** Takes those of a source. */
    void take(PdfSource source, ObjectWriter to) throws IOException {
        if (!(source.catalog().getDictionaryObject(ROOT) instanceof COSDictionary root)) {
            return;
        }
        int[] most = {root.getInt(NEXT_KEY, 0) - 1};
        Trees.walk(root.getDictionaryObject(PARENT_TREE), false, (key, value) -> {
            if (key instanceof COSInteger i) {
                most[0] = Math.max(most[0], i.intValue());
                COSBase actual = value instanceof COSObject o ? o.getObject() : value;
                if (actual instanceof COSDictionary || actual instanceof COSArray) {
                    parents.put(next + i.intValue(), new Ref(to.number(actual)));
                }
            }
        });
        next += most[0] + 1;
        COSBase below = root.getDictionaryObject(COSName.K);
        if (below instanceof COSArray a) {
            for (int i = 0; i < a.size(); i++) {
                add(a.getObject(i), to);
            }
        } else {
            add(below, to);
        }
        merge(root, ROLE_MAP, roles, to);
        merge(root, CLASS_MAP, classes, to);
    }

    private void add(@org.jspecify.annotations.Nullable COSBase kid, ObjectWriter to) {
        if (kid instanceof COSDictionary d) {
            kids.add(new Ref(to.number(d)));
        }
    }

    private static void merge(COSDictionary root, COSName key, COSDictionary all, ObjectWriter to) throws IOException {
        if (root.getDictionaryObject(key) instanceof COSDictionary map) {
            for (COSName name : map.keySet()) {
                COSBase value = map.getDictionaryObject(name);
                if (value != null && !all.containsKey(name)) {
                    boolean simple = value instanceof COSName;
                    all.setItem(name, simple ? value : to.add(value));
                }
            }
        }
    }

    /** Writes all; nothing where there are none. */
    Optional<Ref> write(ObjectWriter to) throws IOException {
        if (own == 0) {
            return Optional.empty();
        }
        COSDictionary root = new COSDictionary();
        root.setItem(COSName.TYPE, ROOT);
        root.setItem(COSName.K, kids);
        root.setItem(PARENT_TREE, to.add(Trees.numbers(to, parents)));
        root.setInt(NEXT_KEY, next);
        if (roles.size() > 0) {
            root.setItem(ROLE_MAP, roles);
        }
        if (classes.size() > 0) {
            root.setItem(CLASS_MAP, classes);
        }
        to.write(own, root);
        return Optional.of(new Ref(own));
    }
}
