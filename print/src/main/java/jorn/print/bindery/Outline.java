package jorn.print.bindery;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;
import org.jspecify.annotations.Nullable;

/** Bookmarks (ISO 32000-1, 12.3.3): those of all sources, those of each below one with the name of its file. */
final class Outline {
    private static final int DEEPEST = 60;
    private static final COSName FIT = COSName.getPDFName("Fit");
    private static final List<COSName> LEADS = List.of(COSName.DEST, COSName.A, COSName.getPDFName("SE"));
    private static final List<COSName> LOOKS = List.of(COSName.TITLE, COSName.C, COSName.F);

    private final List<Mark> top = new ArrayList<>();

    /**
     * A bookmark as it is written.
     *
     * @param body what it says and where it leads
     * @param open whether what is below it is seen
     */
    private record Mark(int number, COSDictionary body, boolean open, List<Mark> below) {
        /** How many are seen below it. */
        int seen() {
            int all = below.size();
            for (Mark each : below) {
                all += each.open() ? each.seen() : 0;
            }
            return all;
        }
    }

    /**
     * A bookmark of a source.
     *
     * @param page to which it leads, from 1; 0 where it leads elsewhere
     * @param depth from 0
     */
    record Entry(String title, int page, int depth) {}

    /** The bookmarks of a source, in order. */
    static List<Entry> entries(PdfSource source) {
        IdentityHashMap<COSBase, Integer> numbers = new IdentityHashMap<>();
        for (int i = 1; i <= source.count(); i++) {
            numbers.put(source.page(i).dictionary(), i);
        }
        Map<String, COSBase> places = Places.of(source);
        List<Entry> all = new ArrayList<>();
        entries(first(source), 0, all, seen(), item -> page(item, places)
                .map(p -> numbers.getOrDefault(p, 0))
                .orElse(0));
        return all;
    }

    private static Set<COSBase> seen() {
        return Collections.newSetFromMap(new IdentityHashMap<>());
    }

    private static void entries(
            @Nullable COSDictionary first,
            int depth,
            List<Entry> all,
            Set<COSBase> seen,
            ToIntFunction<COSDictionary> page) {
        for (COSDictionary item = first; item != null && seen.add(item) && depth < DEEPEST; item = next(item)) {
            String title = item.getDictionaryObject(COSName.TITLE) instanceof COSString s ? s.getString() : "";
            all.add(new Entry(title, page.applyAsInt(item), depth));
            entries(below(item), depth + 1, all, seen, page);
        }
    }

    private static @Nullable COSDictionary first(PdfSource source) {
        return source.catalog().getDictionaryObject(COSName.OUTLINES) instanceof COSDictionary root
                ? below(root)
                : null;
    }

    private static @Nullable COSDictionary below(COSDictionary item) {
        return item.getDictionaryObject(COSName.FIRST) instanceof COSDictionary d ? d : null;
    }

    private static @Nullable COSDictionary next(COSDictionary item) {
        return item.getDictionaryObject(COSName.NEXT) instanceof COSDictionary d ? d : null;
    }

    /** The page to which a bookmark leads. */
    private static Optional<COSBase> page(COSDictionary item, Map<String, COSBase> places) {
        COSBase place = item.getDictionaryObject(COSName.DEST);
        if (place == null
                && item.getDictionaryObject(COSName.A) instanceof COSDictionary a
                && "GoTo".equals(a.getNameAsString(COSName.S))) {
            place = a.getDictionaryObject(COSName.D);
        }
        String name = Carrying.name(place);
        COSArray array = Places.array(name == null ? place : places.get(name));
        return array == null || array.size() == 0 ? Optional.empty() : Optional.ofNullable(array.getObject(0));
    }

    /**
     * Takes those of a source, as long as its objects can be written.
     *
     * @param under the name of what they stand below; they stand for themselves where it is empty
     * @param page where that leads
     */
    void take(PdfSource source, Map<String, COSBase> places, String under, Ref page, ObjectWriter to)
            throws IOException {
        List<Mark> own = copy(first(source), to, places, 0, seen());
        if (under.isEmpty()) {
            top.addAll(own);
            return;
        }
        COSDictionary body = new COSDictionary();
        body.setItem(COSName.TITLE, new COSString(under));
        COSArray place = new COSArray();
        place.add(page);
        place.add(FIT);
        body.setItem(COSName.DEST, place);
        top.add(new Mark(to.fresh(), body, false, own));
    }

    private List<Mark> copy(
            @Nullable COSDictionary first, ObjectWriter to, Map<String, COSBase> places, int depth, Set<COSBase> seen)
            throws IOException {
        List<Mark> all = new ArrayList<>();
        for (COSDictionary item = first; item != null && seen.add(item) && depth < DEEPEST; item = next(item)) {
            List<Mark> below = copy(below(item), to, places, depth + 1, seen);
            boolean gone = page(item, places).filter(to::isLeftOut).isPresent();
            if (gone && below.isEmpty()) {
                continue;
            }
            COSDictionary body = new COSDictionary();
            for (COSName key : LOOKS) {
                COSBase value = item.getDictionaryObject(key);
                if (value != null) {
                    body.setItem(key, value);
                }
            }
            for (COSName key : LEADS) {
                COSBase value = item.getDictionaryObject(key);
                COSBase now = value == null || gone ? null : to.rewriting().value(item, key, value);
                if (now != null) {
                    // It is of this source: written now, linked to its neighbours later.
                    boolean simple = Carrying.name(now) != null || now instanceof Ref;
                    body.setItem(key, simple ? now : to.add(now));
                }
            }
            boolean open = item.getDictionaryObject(COSName.COUNT) instanceof COSInteger c && c.longValue() > 0;
            all.add(new Mark(to.fresh(), body, open, below));
        }
        return all;
    }

    /** Writes all; nothing where there are none. */
    Optional<Ref> write(ObjectWriter to) throws IOException {
        if (top.isEmpty()) {
            return Optional.empty();
        }
        int root = to.fresh();
        COSDictionary body = new COSDictionary();
        body.setItem(COSName.TYPE, COSName.OUTLINES);
        level(top, root, body, to);
        body.setInt(COSName.COUNT, new Mark(0, body, true, top).seen());
        to.write(root, body);
        return Optional.of(new Ref(root));
    }

    private static void level(List<Mark> marks, int parent, COSDictionary above, ObjectWriter to) throws IOException {
        above.setItem(COSName.FIRST, new Ref(marks.get(0).number()));
        above.setItem(COSName.LAST, new Ref(marks.get(marks.size() - 1).number()));
        for (int i = 0; i < marks.size(); i++) {
            Mark mark = marks.get(i);
            COSDictionary body = mark.body();
            body.setItem(COSName.PARENT, new Ref(parent));
            if (i > 0) {
                body.setItem(COSName.PREV, new Ref(marks.get(i - 1).number()));
            }
            if (i + 1 < marks.size()) {
                body.setItem(COSName.NEXT, new Ref(marks.get(i + 1).number()));
            }
            if (!mark.below().isEmpty()) {
                level(mark.below(), mark.number(), body, to);
                body.setInt(COSName.COUNT, mark.open() ? mark.seen() : -mark.seen());
            }
            to.write(mark.number(), body);
        }
    }
}
