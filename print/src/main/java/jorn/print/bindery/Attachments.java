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

/** Files that are attached to a file (ISO 32000-1, 7.11.4): those of all sources, equal ones once, two of one name both. */
final class Attachments {
    private static final COSName EMBEDDED = COSName.getPDFName("EmbeddedFiles");
    private static final COSName ASSOCIATED = COSName.getPDFName("AF");

    private final Map<String, COSBase> all = new LinkedHashMap<>();
    private final Map<Integer, String> known = new HashMap<>();
    private final COSArray associated = new COSArray();

    /** Takes those of a source. */
    void take(PdfSource source, ObjectWriter to) throws IOException {
        Map<String, COSBase> own = new LinkedHashMap<>();
        if (source.catalog().getDictionaryObject(COSName.NAMES) instanceof COSDictionary names) {
            Trees.walk(names.getDictionaryObject(EMBEDDED), true, (key, value) -> {
                String name = Carrying.name(key);
                COSBase actual = value instanceof COSObject o ? o.getObject() : value;
                if (name != null && actual instanceof COSDictionary) {
                    own.put(name, actual);
                }
            });
        }
        for (Map.Entry<String, COSBase> each : own.entrySet()) {
            int number = to.shared(each.getValue());
            if (known.containsKey(number)) {
                continue;
            }
            String name = each.getKey();
            for (int i = 2; all.containsKey(name); i++) {
                name = each.getKey() + "-" + i;
            }
            known.put(number, name);
            all.put(name, new Ref(number));
        }
        if (source.catalog().getDictionaryObject(ASSOCIATED) instanceof COSArray files) {
            for (int i = 0; i < files.size(); i++) {
                if (files.getObject(i) instanceof COSDictionary file) {
                    associated.add(new Ref(to.number(file)));
                }
            }
        }
    }

    /** Lists them where readers look for them. */
    void write(COSDictionary catalog, COSDictionary names, ObjectWriter to) throws IOException {
        if (!all.isEmpty()) {
            names.setItem(EMBEDDED, to.add(Trees.names(to, all)));
        }
        if (associated.size() > 0) {
            catalog.setItem(ASSOCIATED, associated);
        }
    }
}
