package jorn.print.bindery;

import java.io.IOException;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;

/** Fields to be filled in (ISO 32000-1, 12.7): of all sources together; two of one name stay two. */
final class Forms {
    private static final COSName FIELDS = COSName.FIELDS;
    private static final COSName DEFAULTS = COSName.DR;
    private static final COSName NEED = COSName.getPDFName("NeedAppearances");

    private final COSArray fields = new COSArray();
    private final COSDictionary resources = new COSDictionary();
    private final Set<String> names = new HashSet<>();
    private final COSDictionary others = new COSDictionary();

    /** Takes those of a source whose pages come along; to be called before its objects are written. */
    void take(PdfSource source, Carrying carrying, ObjectWriter to) throws IOException {
        if (!(source.catalog().getDictionaryObject(COSName.ACRO_FORM) instanceof COSDictionary form)
                || !(form.getDictionaryObject(FIELDS) instanceof COSArray own)) {
            return;
        }
        for (int i = 0; i < own.size(); i++) {
            if (own.getObject(i) instanceof COSDictionary field && isSeen(field, to)) {
                String name = field.getDictionaryObject(COSName.T) instanceof COSString s ? s.getString() : "";
                String now = name;
                for (int n = 2; !now.isEmpty() && !names.add(now); n++) {
                    now = name + "-" + n;
                }
                if (!now.equals(name)) {
                    carrying.replace(field, COSName.T, new COSString(now));
                }
                fields.add(new Ref(to.number(field)));
            }
        }
        if (form.getDictionaryObject(DEFAULTS) instanceof COSDictionary defaults) {
            merge(defaults, to);
        }
        for (COSName key : new COSName[] {COSName.DA, COSName.Q, NEED}) {
            COSBase value = form.getDictionaryObject(key);
            if (value != null && !others.containsKey(key)) {
                others.setItem(key, value);
            }
        }
    }

    /** Whether one of its widgets lies on a page that comes along; one that lies on none comes, too. */
    private static boolean isSeen(COSDictionary field, ObjectWriter to) {
        int[] found = new int[2];
        look(field, to, found, Collections.newSetFromMap(new IdentityHashMap<>()));
        return found[0] > 0 || found[1] == 0;
    }

    private static void look(COSDictionary field, ObjectWriter to, int[] found, Set<COSBase> seen) {
        if (!seen.add(field)) {
            return;
        }
        if (field.getDictionaryObject(COSName.P) instanceof COSDictionary page) {
            found[to.isLeftOut(page) ? 1 : 0]++;
        }
        if (field.getDictionaryObject(COSName.KIDS) instanceof COSArray kids) {
            for (int i = 0; i < kids.size(); i++) {
                if (kids.getObject(i) instanceof COSDictionary kid) {
                    look(kid, to, found, seen);
                }
            }
        }
    }

    /** What fields are drawn with: kinds of things, and things by name; the first of a name stays. */
    private void merge(COSDictionary defaults, ObjectWriter to) throws IOException {
        for (COSName kind : defaults.keySet()) {
            if (defaults.getDictionaryObject(kind) instanceof COSDictionary things) {
                COSDictionary all =
                        resources.getDictionaryObject(kind) instanceof COSDictionary d ? d : new COSDictionary();
                for (COSName name : things.keySet()) {
                    COSBase value = things.getDictionaryObject(name);
                    if (value != null && !all.containsKey(name)) {
                        all.setItem(name, new Ref(to.shared(value)));
                    }
                }
                resources.setItem(kind, all);
            }
        }
    }

    /** All together; nothing where there are none. */
    Optional<COSDictionary> form() {
        if (fields.size() == 0) {
            return Optional.empty();
        }
        COSDictionary form = new COSDictionary(others);
        form.setItem(FIELDS, fields);
        if (resources.size() > 0) {
            form.setItem(DEFAULTS, resources);
        }
        return Optional.of(form);
    }
}
