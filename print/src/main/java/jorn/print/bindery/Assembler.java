package jorn.print.bindery;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import jorn.print.pdf.PdfSink;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSString;

/**
 * A new file of pages of any number of sources, taken one source after the other. Bookmarks, links, names, fields, tags, layers, attached
 * files and what pages are called come along. Of the whole file, title and language are those of the first source.
 */
final class Assembler {
    private static final int TOGETHER = 50;
    private static final int QUARTER = 90;
    private static final int FULL = 360;
    private static final List<COSName> OF_PAGE =
            List.of(COSName.RESOURCES, COSName.MEDIA_BOX, COSName.CROP_BOX, COSName.ROTATE);
    private static final List<COSName> OF_FILE =
            List.of(COSName.LANG, COSName.VIEWER_PREFERENCES, COSName.METADATA, COSName.OUTPUT_INTENTS);
    private static final List<COSName> OTHER_BOXES = List.of(COSName.TRIM_BOX, COSName.BLEED_BOX, COSName.ART_BOX);

    private final ObjectWriter to;
    private final int[] kids;
    private final int[] nodes;
    private final int root;
    private final COSDictionary catalog = new COSDictionary();
    private final Places places = new Places();
    private final Outline outline = new Outline();
    private final Labels labels;
    private final Forms forms = new Forms();
    private final Tags tags = new Tags();
    private final Layers layers = new Layers();
    private final Attachments attachments = new Attachments();
    private boolean attaching = true;
    private int info;
    private boolean begun;

    /**
     * @param pages how many the new file has
     * @param version of PDF, the latest of all sources
     */
    Assembler(OutputStream out, int pages, float version) throws IOException {
        to = new ObjectWriter(out, version >= 2 ? "2.0" : "1.7");
        kids = new int[pages];
        nodes = new int[(pages + TOGETHER - 1) / TOGETHER];
        labels = new Labels(pages);
        root = to.fresh();
        for (int i = 0; i < nodes.length; i++) {
            nodes[i] = to.fresh();
        }
    }

    /** Files that are attached to sources stay behind. */
    void leaveAttachments() {
        attaching = false;
    }

    /** How many bytes there are so far, about. */
    long size() {
        return to.size();
    }

    /**
     * Takes pages of a source.
     *
     * @param at where they come to stand, from 0
     * @param under the bookmark under which those of the source stand; empty for none
     */
    void take(PdfSource source, List<PageUse> uses, int[] at, String under) throws IOException {
        Carrying carrying = new Carrying();
        to.begin(carrying);
        IdentityHashMap<COSBase, Integer> first = new IdentityHashMap<>();
        for (int i = 0; i < uses.size(); i++) {
            kids[at[i]] = to.fresh();
            COSDictionary page = source.page(uses.get(i).page()).dictionary();
            if (first.putIfAbsent(page, kids[at[i]]) == null) {
                to.number(page, kids[at[i]]);
            }
        }
        for (int n = 1; n <= source.count(); n++) {
            COSDictionary page = source.page(n).dictionary();
            if (!first.containsKey(page)) {
                to.leaveOut(page);
            }
        }
        Map<String, COSBase> own = Places.of(source);
        tags.begin(source, carrying, to);
        forms.take(source, carrying, to);
        places.take(own, carrying, to);
        Set<COSBase> fitted = Collections.newSetFromMap(new IdentityHashMap<>());
        for (int i = 0; i < uses.size(); i++) {
            page(source, uses.get(i), at[i], carrying, fitted);
        }
        labels.take(source, uses.stream().mapToInt(PageUse::page).toArray(), at);
        if (uses.size() > 0) {
            outline.take(source, own, under, new Ref(kids[at[0]]), to);
        }
        tags.take(source, to);
        layers.take(source, to);
        if (attaching) {
            attachments.take(source, to);
        }
        if (!begun) {
            begun = true;
            ofFile(source);
        }
        to.drain();
    }

    /** Puts blanks of a size. */
    void blanks(int[] at, double[] size) throws IOException {
        to.begin(Rewriting.NONE);
        for (int place : at) {
            kids[place] = to.fresh();
            COSDictionary body = body(place);
            body.setItem(COSName.MEDIA_BOX, Numbers.of(0, 0, size[0], size[1]));
            body.setItem(COSName.RESOURCES, new COSDictionary());
            to.write(kids[place], body);
        }
    }

    private void ofFile(PdfSource source) throws IOException {
        for (COSName key : OF_FILE) {
            COSBase value = source.catalog().getDictionaryObject(key);
            if (value instanceof COSDictionary || value instanceof COSArray) {
                catalog.setItem(key, to.add(value));
            } else if (value != null) {
                catalog.setItem(key, value);
            }
        }
        COSDictionary told = new COSDictionary();
        if (source.document().getDocument().getTrailer().getDictionaryObject(COSName.INFO) instanceof COSDictionary d) {
            for (COSName key : d.keySet()) {
                if (d.getDictionaryObject(key) instanceof COSString s) {
                    told.setItem(key, s);
                }
            }
        }
        told.setString(COSName.PRODUCER, PdfSink.PROGRAM);
        info = to.add(told).number();
    }

    private COSDictionary body(int at) {
        COSDictionary body = new COSDictionary();
        body.setItem(COSName.TYPE, COSName.PAGE);
        body.setItem(COSName.PARENT, new Ref(nodes[at / TOGETHER]));
        return body;
    }

    private void page(PdfSource source, PageUse use, int at, Carrying carrying, Set<COSBase> fitted)
            throws IOException {
        COSDictionary body = body(at);
        SourcePage page = source.page(use.page());
        for (Map.Entry<COSName, COSBase> each : page.dictionary().entrySet()) {
            COSName key = each.getKey();
            // Threads of articles lead through pages that need not come along.
            if (!key.equals(COSName.PARENT) && !key.equals(COSName.B) && !body.containsKey(key)) {
                body.setItem(key, each.getValue());
            }
        }
        for (COSName key : OF_PAGE) {
            COSBase value = page.item(key);
            if (value != null && !body.containsKey(key)) {
                body.setItem(key, value);
            }
        }
        if (use.turn() != 0) {
            body.setInt(COSName.ROTATE, Math.floorMod(page.rotation() + use.turn(), FULL));
        }
        if (use.part().isPresent()) {
            float[] b = shares(page, use.part().get());
            body.setItem(COSName.CROP_BOX, Numbers.of(b[0], b[1], b[2], b[3]));
            body.setItem(COSName.MEDIA_BOX, Numbers.of(b[0], b[1], b[2], b[3]));
            OTHER_BOXES.forEach(body::removeItem);
        }
        if (use.size().isPresent()) {
            fit(page, use, use.size().get(), body, carrying, fitted);
        }
        to.write(kids[at], body);
    }

    /** Shares of what is seen as the page's own units; as it is shown, a page may be turned. */
    private static float[] shares(SourcePage page, PageUse.Share part) {
        float[] s = page.seen();
        double w = s[2] - s[0];
        double h = s[3] - s[1];
        double l = part.left();
        double t = part.top();
        double r = part.right();
        double b = part.bottom();
        double[] own =
                switch (page.rotation()) {
                    case QUARTER -> new double[] {t, l, b, r};
                    case 2 * QUARTER -> new double[] {1 - r, t, 1 - l, b};
                    case 3 * QUARTER -> new double[] {1 - b, 1 - r, 1 - t, 1 - l};
                    default -> new double[] {l, 1 - b, r, 1 - t};
                };
        return new float[] {
            (float) (s[0] + own[0] * w),
            (float) (s[1] + own[1] * h),
            (float) (s[0] + own[2] * w),
            (float) (s[1] + own[3] * h)
        };
    }

    /** In proportion into the middle of another size. */
    private void fit(
            SourcePage page, PageUse use, double[] size, COSDictionary body, Carrying carrying, Set<COSBase> fitted)
            throws IOException {
        float[] s = use.part().map(p -> shares(page, p)).orElseGet(page::seen);
        boolean sideways = (page.rotation() + use.turn()) % (2 * QUARTER) != 0;
        double w = sideways ? size[1] : size[0];
        double h = sideways ? size[0] : size[1];
        double unit = page.unit();
        double scale = Math.min(w / ((s[2] - s[0]) * unit), h / ((s[3] - s[1]) * unit)) * unit;
        double dx = w / 2 - scale * (s[0] + s[2]) / 2;
        double dy = h / 2 - scale * (s[1] + s[3]) / 2;
        body.setItem(COSName.MEDIA_BOX, Numbers.of(0, 0, w, h));
        body.removeItem(COSName.CROP_BOX);
        body.removeItem(COSName.getPDFName("UserUnit"));
        OTHER_BOXES.forEach(body::removeItem);
        if (Math.abs(scale - 1) < 1e-6 && Math.abs(dx) < 1e-6 && Math.abs(dy) < 1e-6) {
            return;
        }
        COSArray contents = new COSArray();
        String clip = String.format(Locale.ROOT, "%.4f %.4f %.4f %.4f re W n", s[0], s[1], s[2] - s[0], s[3] - s[1]);
        contents.add(operators(
                String.format(Locale.ROOT, "q %.6f 0 0 %.6f %.4f %.4f cm %s q\n", scale, scale, dx, dy, clip)));
        COSBase own = page.dictionary().getItem(COSName.CONTENTS);
        COSBase actual = own instanceof COSObject o ? o.getObject() : own;
        if (actual instanceof COSArray a) {
            for (int i = 0; i < a.size(); i++) {
                contents.add(a.get(i));
            }
        } else if (own != null) {
            contents.add(own);
        }
        contents.add(operators("\nQ Q\n"));
        body.setItem(COSName.CONTENTS, contents);
        if (page.get(COSName.ANNOTS) instanceof COSArray annotations) {
            for (int i = 0; i < annotations.size(); i++) {
                if (annotations.getObject(i) instanceof COSDictionary a && fitted.add(a)) {
                    move(a, COSName.RECT, scale, dx, dy, carrying);
                    move(a, COSName.QUADPOINTS, scale, dx, dy, carrying);
                }
            }
        }
    }

    private static void move(COSDictionary of, COSName key, double scale, double dx, double dy, Carrying carrying) {
        if (of.getDictionaryObject(key) instanceof COSArray from) {
            COSArray moved = new COSArray();
            for (int i = 0; i < from.size(); i++) {
                double v = from.getObject(i) instanceof COSNumber n ? n.floatValue() : 0;
                moved.add(new COSFloat((float) (scale * v + (i % 2 == 0 ? dx : dy))));
            }
            carrying.replace(of, key, moved);
        }
    }

    private Ref operators(String text) throws IOException {
        int number = to.fresh();
        to.stream(number, new COSDictionary(), text.getBytes(StandardCharsets.US_ASCII));
        return new Ref(number);
    }

    /** Writes what belongs to the whole file; nothing can be taken then. */
    void finish() throws IOException {
        to.begin(Rewriting.NONE);
        COSArray all = new COSArray();
        for (int n = 0; n < nodes.length; n++) {
            int begin = n * TOGETHER;
            int end = Math.min(kids.length, begin + TOGETHER);
            COSArray own = new COSArray();
            for (int i = begin; i < end; i++) {
                own.add(new Ref(kids[i]));
            }
            COSDictionary node = new COSDictionary();
            node.setItem(COSName.TYPE, COSName.PAGES);
            node.setItem(COSName.PARENT, new Ref(root));
            node.setInt(COSName.COUNT, end - begin);
            node.setItem(COSName.KIDS, own);
            to.write(nodes[n], node);
            all.add(new Ref(nodes[n]));
        }
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.TYPE, COSName.PAGES);
        tree.setInt(COSName.COUNT, kids.length);
        tree.setItem(COSName.KIDS, all);
        to.write(root, tree);
        catalog.setItem(COSName.TYPE, COSName.CATALOG);
        catalog.setItem(COSName.PAGES, new Ref(root));
        outline.write(to).ifPresent(o -> {
            catalog.setItem(COSName.OUTLINES, o);
            catalog.setItem(COSName.PAGE_MODE, COSName.getPDFName("UseOutlines"));
        });
        COSDictionary names = new COSDictionary();
        if (!places.all().isEmpty()) {
            names.setItem(COSName.DESTS, to.add(Trees.names(to, places.all())));
        }
        attachments.write(catalog, names, to);
        if (names.size() > 0) {
            catalog.setItem(COSName.NAMES, names);
        }
        Map<Integer, COSDictionary> called = labels.ranges();
        if (!called.isEmpty()) {
            catalog.setItem(COSName.PAGE_LABELS, to.add(Trees.numbers(to, called)));
        }
        forms.form().ifPresent(f -> catalog.setItem(COSName.ACRO_FORM, f));
        tags.write(to).ifPresent(t -> {
            catalog.setItem(COSName.STRUCT_TREE_ROOT, t);
            COSDictionary marked = new COSDictionary();
            marked.setBoolean(COSName.getPDFName("Marked"), true);
            catalog.setItem(COSName.getPDFName("MarkInfo"), marked);
        });
        layers.properties().ifPresent(l -> catalog.setItem(COSName.OCPROPERTIES, l));
        int own = to.fresh();
        to.write(own, catalog);
        to.finish(own, info);
    }
}
