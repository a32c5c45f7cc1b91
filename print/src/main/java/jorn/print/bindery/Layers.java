package jorn.print.bindery;

import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.jspecify.annotations.Nullable;

/** What can be shown or hidden (ISO 32000-1, 8.11): of all sources together, each as it was. */
final class Layers {
    private static final COSName PROPERTIES = COSName.OCPROPERTIES;
    private static final COSName GROUPS = COSName.OCGS;
    private static final COSName ON = COSName.getPDFName("ON");
    private static final COSName BASE_STATE = COSName.getPDFName("BaseState");
    private static final List<COSName> LISTS = List.of(
            COSName.getPDFName("Order"),
            ON,
            COSName.OFF,
            COSName.getPDFName("Locked"),
            COSName.getPDFName("RBGroups"),
            COSName.getPDFName("AS"));

    private final COSArray groups = new COSArray();
    private final COSDictionary shown = new COSDictionary();

    /** Takes those of a source. */
    void take(PdfSource source, ObjectWriter to) {
        if (!(source.catalog().getDictionaryObject(PROPERTIES) instanceof COSDictionary own)) {
            return;
        }
        addAll(own.getDictionaryObject(GROUPS), groups, to);
        if (own.getDictionaryObject(COSName.D) instanceof COSDictionary d) {
            if (COSName.OFF.equals(d.getDictionaryObject(BASE_STATE))) {
                hide(own.getDictionaryObject(GROUPS), d.getDictionaryObject(ON), to);
            }
            for (COSName key : LISTS) {
                COSArray all = shown.getDictionaryObject(key) instanceof COSArray a ? a : new COSArray();
                addAll(d.getDictionaryObject(key), all, to);
                if (all.size() > 0) {
                    shown.setItem(key, all);
                }
            }
        }
    }

    /** Where a source hides all that it does not name, each is hidden by itself: others' are shown. */
    private void hide(@Nullable COSBase groups, @Nullable COSBase on, ObjectWriter to) {
        if (groups instanceof COSArray list) {
            COSArray hidden = shown.getDictionaryObject(COSName.OFF) instanceof COSArray a ? a : new COSArray();
            for (int i = 0; i < list.size(); i++) {
                COSBase each = list.getObject(i);
                if (each instanceof COSDictionary && !(on instanceof COSArray a && names(a, each))) {
                    hidden.add(new Ref(to.number(each)));
                }
            }
            shown.setItem(COSName.OFF, hidden);
        }
    }

    @SuppressWarnings("ReferenceEquality") // the very same object is named, not one that is like it
    private static boolean names(COSArray list, COSBase group) {
        for (int i = 0; i < list.size(); i++) {
            if (list.getObject(i) == group) {
                return true;
            }
        }
        return false;
    }

    private static void addAll(@Nullable COSBase from, COSArray all, ObjectWriter to) {
        if (from instanceof COSArray list) {
            for (int i = 0; i < list.size(); i++) {
                COSBase each = list.getObject(i);
                if (each instanceof COSDictionary || each instanceof COSArray) {
                    all.add(new Ref(to.number(each)));
                } else if (each != null) {
                    all.add(each);
                }
            }
        }
    }

    /** All together; nothing where there are none. */
    Optional<COSDictionary> properties() {
        if (groups.size() == 0) {
            return Optional.empty();
        }
        COSDictionary all = new COSDictionary();
        all.setItem(GROUPS, groups);
        all.setItem(COSName.D, shown);
        return Optional.of(all);
    }
}
