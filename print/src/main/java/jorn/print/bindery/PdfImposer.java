package jorn.print.bindery;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Turn;
import jorn.impose.HandMarks;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.SheetLayout;
import jorn.print.export.Progress;
import jorn.print.pdf.Operators;
import jorn.print.pdf.PdfSink;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;

/** Writes sheets with the pages of a file. Each page is a form that is written once, its content as it was packed; nothing is drawn anew. */
public final class PdfImposer {
    private static final COSName GROUP = COSName.getPDFName("Group");
    private static final COSName DUPLEX = COSName.getPDFName("Duplex");

    private final PdfSource source;
    private final SheetLayout layout;
    private final HandMarks marks;
    private final PageBoxes boxes;

    /** @param boxes what is taken of each page */
    public PdfImposer(PdfSource source, SheetLayout layout, HandMarks marks, PageBoxes boxes) {
        this.source = source;
        this.layout = layout;
        this.marks = marks;
        this.boxes = boxes;
    }

    /** Which sides of the sheets are written, and how they are turned for the printer. */
    public enum SheetSides {
        /** Front and back by turns. */
        BOTH,
        FRONTS,
        BACKS
    }

    /**
     * One way through the printer.
     *
     * @param halfTurned whether backs stand on their heads, for sheets that are turned over about the other edge
     * @param backwards whether the last sheet comes first
     * @param front what makes good what the printer does to fronts
     * @param back likewise for backs
     */
    public record Pass(SheetSides sides, boolean halfTurned, boolean backwards, Turn front, Turn back) {
        /** For a printer that prints both sides, and does as it is told. */
        public static final Pass DUPLEX = new Pass(SheetSides.BOTH, false, false, Turn.NONE, Turn.NONE);
    }

    /**
     * What is in the file already.
     *
     * @param forms of pages, by their numbers
     * @param sizes of pages
     * @param sheets what draws a side, by its operators: pages are named by their places, so that sheets that are laid alike share it
     */
    private record Written(Map<Integer, Integer> forms, Map<List<Float>, Ref> sizes, Map<String, Ref> sheets) {}

    private record Side(PressSheet sheet, boolean front) {}

    private List<Side> sides(Pass pass) {
        List<PressSheet> sheets = new ArrayList<>(layout.imposition().sheets());
        if (pass.backwards()) {
            Collections.reverse(sheets);
        }
        List<Side> all = new ArrayList<>();
        for (PressSheet sheet : sheets) {
            if (pass.sides() != SheetSides.BACKS) {
                all.add(new Side(sheet, true));
            }
            if (pass.sides() != SheetSides.FRONTS && !sheet.back().isEmpty()) {
                all.add(new Side(sheet, false));
            }
        }
        return all;
    }

    /** How many pages a file of a pass has. */
    public int count(Pass pass) {
        return sides(pass).size();
    }

    /**
     * Writes a file.
     *
     * @throws CancellationException where it was stopped
     */
    public void write(Pass pass, OutputStream out, Progress progress) throws IOException {
        List<Side> sides = sides(pass);
        ObjectWriter to = new ObjectWriter(out, source.version() >= 2 ? "2.0" : "1.7");
        to.begin(Rewriting.NONE);
        for (int n = 1; n <= source.count(); n++) {
            // What pages are drawn with may lead back to them; no page comes along.
            to.leaveOut(source.page(n).dictionary());
        }
        Written written = new Written(new HashMap<>(), new HashMap<>(), new HashMap<>());
        int root = to.fresh();
        COSArray kids = new COSArray();
        for (int i = 0; i < sides.size(); i++) {
            if (!progress.at(i, sides.size(), source.name())) {
                throw new CancellationException();
            }
            kids.add(sheet(sides.get(i), pass, root, written, to));
        }
        Layers layers = new Layers();
        layers.take(source, to);
        to.drain();
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.TYPE, COSName.PAGES);
        tree.setInt(COSName.COUNT, kids.size());
        tree.setItem(COSName.KIDS, kids);
        to.write(root, tree);
        COSDictionary catalog = new COSDictionary();
        catalog.setItem(COSName.TYPE, COSName.CATALOG);
        catalog.setItem(COSName.PAGES, new Ref(root));
        layers.properties().ifPresent(l -> catalog.setItem(COSName.OCPROPERTIES, l));
        if (pass.sides() == SheetSides.BOTH) {
            COSDictionary preferences = new COSDictionary();
            // The back is seen when the sheet is turned like a leaf: about its upright edge.
            boolean shortEdge = layout.isLandscape() != pass.halfTurned();
            boolean two = layout.imposition().sheets().stream()
                    .anyMatch(s -> !s.back().isEmpty());
            preferences.setName(DUPLEX, two ? shortEdge ? "DuplexFlipShortEdge" : "DuplexFlipLongEdge" : "Simplex");
            preferences.setName(COSName.getPDFName("PrintScaling"), "None");
            catalog.setItem(COSName.VIEWER_PREFERENCES, preferences);
        }
        int own = to.fresh();
        to.write(own, catalog);
        COSDictionary told = new COSDictionary();
        told.setString(COSName.PRODUCER, PdfSink.PROGRAM);
        to.finish(own, to.add(told).number());
    }

    private Ref sheet(Side side, Pass pass, int root, Written written, ObjectWriter to) throws IOException {
        Box sheet = layout.sheet();
        COSDictionary things = new COSDictionary();
        StringBuilder out = new StringBuilder();
        Turn whole = side.front() ? pass.front() : pass.back();
        if (!side.front() && pass.halfTurned()) {
            whole = whole.after(Turn.about(sheet.centreX(), sheet.centreY(), 180));
        }
        Turn flip = new Turn(1, 0, 0, -1, 0, sheet.height());
        Turn down = flip.after(whole);
        int place = 0;
        for (PlacedPage each : layout.side(side.sheet(), side.front(), boxes::of)) {
            place++;
            int number = each.seat().page();
            Integer form = written.forms().get(number);
            if (form == null) {
                form = form(number, written.sizes(), to);
                written.forms().put(number, form);
            }
            COSName name = COSName.getPDFName("P" + place);
            things.setItem(name, new Ref(form));
            out.append("q\n");
            Box taken = boxes.of(number);
            Turn seated = each.turn().after(Turn.move(-taken.x(), -taken.y()));
            Box all = seated.of(new Box(0, 0, source.width(number), source.height(number)));
            Box seen = seated.of(boxes.bleed(number)).common(layout.paperOf(each.seat()));
            if (!seen.outset(0.01).holds(all)) {
                rectangle(out, down.of(seen));
            }
            matrix(out, down.after(seated).after(shown(source.page(number))));
            out.append('/').append(name.getName()).append(" Do\n");
            lying(source.page(number), "A" + place + "x", things, out, to);
            out.append("Q\n");
        }
        List<Mark> hand = marks.on(side.sheet(), side.front());
        if (!hand.isEmpty()) {
            out.append("q\n");
            matrix(out, down);
            out.append(new String(new MarkPen().written(hand), java.nio.charset.StandardCharsets.US_ASCII));
            out.append("Q\n");
        }
        Ref content = written.sheets().get(out.toString());
        if (content == null) {
            content = new Ref(to.fresh());
            to.stream(
                    content.number(),
                    new COSDictionary(),
                    out.toString().getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            written.sheets().put(out.toString(), content);
        }
        COSDictionary resources = new COSDictionary();
        resources.setItem(COSName.XOBJECT, things);
        COSDictionary page = new COSDictionary();
        page.setItem(COSName.TYPE, COSName.PAGE);
        page.setItem(COSName.PARENT, new Ref(root));
        page.setItem(COSName.MEDIA_BOX, Numbers.of(0, 0, sheet.width(), sheet.height()));
        page.setItem(COSName.RESOURCES, resources);
        page.setItem(COSName.CONTENTS, content);
        return to.add(page);
    }

    /** What lies on a page is drawn over it. */
    private static void lying(SourcePage page, String prefix, COSDictionary things, StringBuilder out, ObjectWriter to)
            throws IOException {
        List<Appearances.Drawn> all = Appearances.on(page);
        if (all.isEmpty()) {
            return;
        }
        float[] s = page.seen();
        rectangle(out, Box.between(s[0], s[1], s[2], s[3]));
        for (int i = 0; i < all.size(); i++) {
            COSName name = COSName.getPDFName(prefix + i);
            things.setItem(name, new Ref(to.shared(all.get(i).by())));
            out.append("q\n");
            matrix(out, all.get(i).where());
            out.append('/').append(name.getName()).append(" Do\nQ\n");
        }
    }

    /** From a page's own units to points from the top left corner of what is shown of it, y down. */
    static Turn shown(SourcePage page) {
        float[] s = page.seen();
        double u = page.unit();
        return switch (page.rotation()) {
            case 90 -> new Turn(0, u, u, 0, -s[1] * u, -s[0] * u);
            case 180 -> new Turn(-u, 0, 0, u, s[2] * u, -s[1] * u);
            case 270 -> new Turn(0, -u, -u, 0, s[3] * u, s[2] * u);
            default -> new Turn(u, 0, 0, -u, -s[0] * u, s[3] * u);
        };
    }

    private static void rectangle(StringBuilder out, Box b) {
        for (double each : new double[] {b.x(), b.y(), b.width(), b.height()}) {
            out.append(Numbers.text(each, 4)).append(' ');
        }
        out.append("re W n\n");
    }

    private static void matrix(StringBuilder out, Turn t) {
        for (double each : new double[] {t.a(), t.b(), t.c(), t.d()}) {
            out.append(Numbers.text(each, 6)).append(' ');
        }
        out.append(Numbers.text(t.e(), 3))
                .append(' ')
                .append(Numbers.text(t.f(), 3))
                .append(" cm\n");
    }

    /** A page as a form: what draws it, and with what (ISO 32000-1, 8.10). */
    private int form(int number, Map<List<Float>, Ref> sizes, ObjectWriter to) throws IOException {
        SourcePage page = source.page(number);
        COSDictionary form = new COSDictionary();
        form.setItem(COSName.SUBTYPE, COSName.FORM);
        float[] s = page.seen();
        // Pages are mostly of one size, which is written once.
        List<Float> box = List.of(s[0], s[1], s[2], s[3]);
        Ref known = sizes.get(box);
        if (known == null) {
            known = to.add(Numbers.of(s[0], s[1], s[2], s[3]));
            sizes.put(box, known);
        }
        form.setItem(COSName.BBOX, known);
        COSBase resources = page.item(COSName.RESOURCES);
        form.setItem(COSName.RESOURCES, resources == null ? new COSDictionary() : resources);
        COSBase group = page.dictionary().getItem(GROUP);
        if (group != null) {
            form.setItem(GROUP, group);
        }
        COSBase contents = page.dictionary().getDictionaryObject(COSName.CONTENTS);
        if (contents instanceof COSArray a && a.size() == 1 && a.getObject(0) instanceof COSStream one) {
            contents = one;
        }
        if (contents instanceof COSStream stream) {
            return to.shared(form, stream);
        }
        int own = to.fresh();
        to.stream(own, form, contents instanceof COSArray a ? joined(a) : new byte[0]);
        return own;
    }

    /** Contents in several pieces are one, parted by white (7.8.2). */
    private static byte[] joined(COSArray pieces) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.getObject(i) instanceof COSStream piece) {
                try (InputStream in = piece.createInputStream()) {
                    in.transferTo(all);
                }
                all.write('\n');
            }
        }
        return all.toByteArray();
    }

    /** A pass as bytes, to be looked at. */
    public InputStream bytes(Pass pass) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        write(pass, out, Progress.SILENT);
        return new ByteArrayInputStream(out.toByteArray());
    }

    /** Writes marks for hands as operators. */
    private static final class MarkPen {
        private final Operators out = new Operators();

        byte[] written(List<Mark> marks) {
            marks.forEach(this::write);
            return out.bytes();
        }

        private void write(Mark mark) {
            if (mark instanceof Mark.Stroke s) {
                out.op("w", s.width());
                out.raw("[");
                s.dash().forEach(d -> out.number(d).append(' '));
                out.raw("] 0 d\n");
                out.path(s.path()).raw("S\n");
            } else if (mark instanceof Mark.Fill f) {
                out.path(f.path()).raw("f\n");
            } else if (mark instanceof Mark.Turned t) {
                Turn at = t.turn();
                out.raw("q\n").op("cm", at.a(), at.b(), at.c(), at.d(), at.e(), at.f());
                t.marks().forEach(this::write);
                out.raw("Q\n");
            } else {
                throw new IllegalArgumentException("no mark for hands: " + mark);
            }
        }
    }
}
