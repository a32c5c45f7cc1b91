package jorn.print.pdf;

import java.awt.geom.Rectangle2D;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkVisitor;
import jorn.art.Stamp;
import jorn.deliver.Flattener;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/** Turns marks into content operators. A stamp becomes one form, however often it is placed. */
final class ArtWriter implements Closeable {
    /** Room round a stamp's bounds for the weight of its lines and the overhang of its letters. */
    private static final double FORM_ROOM = 20;

    private final PDDocument document;
    private final FontShelf fonts;
    private final Map<Stamp, Form> forms = new HashMap<>();
    private final Map<String, COSName> fontNames = new HashMap<>();

    private final Map<Double, COSName> states = new HashMap<>();

    /** A form and the name by which content asks for it. */
    record Form(COSName name, PDFormXObject object) {}

    /** A passage from one ink to another, wherever it is drawn. */
    private record Passage(Ink from, Ink to, Mark.Shade.Ends line) {}

    private final Map<Passage, COSName> shades = new HashMap<>();

    private final PdfTerms terms;
    private final InkWriter inks;
    private final PictureWriter pictures;
    private final ForeignPages pages;

    ArtWriter(PDDocument document, PdfTerms terms) {
        this.document = document;
        this.terms = terms;
        this.fonts = new FontShelf(document);
        this.inks = new InkWriter(terms.colours());
        this.pictures = new PictureWriter(document, terms);
        this.pages = new ForeignPages(document, terms);
    }

    @Override
    public void close() throws IOException {
        pages.close();
    }

    FontShelf fonts() {
        return fonts;
    }

    /** Marks as the standard takes them: without anything that shines through where it must not. */
    List<Mark> taken(List<Mark> marks, Box page) {
        List<Mark> all = pages.taken(marks);
        return terms.standard().isFlat()
                ? new Flattener((under, part) -> OnePicture.of(under, part, page)).flat(all)
                : all;
    }

    void write(List<Mark> marks, PDResources resources, Operators out) {
        Writing writing = new Writing(resources, out);
        marks.forEach(m -> m.accept(writing));
    }

    /** Something that can fail while a mark is written. */
    private interface Deed {
        void run() throws IOException;
    }

    /** Writes marks to one stream of content. */
    private final class Writing implements MarkVisitor<Void> {
        private final PDResources resources;
        private final Operators out;

        private Writing(PDResources resources, Operators out) {
            this.resources = resources;
            this.out = out;
        }

        private Void done(Deed deed) {
            try {
                deed.run();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return null;
        }

        private void within(List<Mark> marks) {
            marks.forEach(m -> m.accept(this));
        }

        private void show(COSName name) {
            out.raw("/" + name.getName() + " Do\n");
        }

        @Override
        public Void fill(Mark.Fill fill) {
            inks.choose(fill.ink(), false, resources, out);
            out.path(fill.path()).op("f");
            return null;
        }

        @Override
        public Void shade(Mark.Shade shade) {
            COSName name = shades.computeIfAbsent(
                    new Passage(shade.from(), shade.to(), shade.line()),
                    p -> COSName.getPDFName("S" + (shades.size() + 1)));
            resources.put(name, inks.passage(shade));
            out.op("q")
                    .path(shade.path())
                    .op("W")
                    .op("n")
                    .raw("/" + name.getName() + " sh\n")
                    .op("Q");
            return null;
        }

        @Override
        public Void stroke(Mark.Stroke stroke) {
            inks.choose(stroke.ink(), true, resources, out);
            ArtWriter.stroke(stroke, out);
            return null;
        }

        @Override
        public Void words(Mark.Words words) {
            return done(() -> ArtWriter.this.words(words, resources, out));
        }

        @Override
        public Void stamped(Mark.Stamped place) {
            return done(() -> {
                Form form = form(place.stamp());
                resources.put(form.name(), form.object());
                if (place.dx() == 0 && place.dy() == 0) {
                    show(form.name());
                } else {
                    out.op("q").op("cm", 1, 0, 0, 1, place.dx(), place.dy());
                    show(form.name());
                    out.op("Q");
                }
            });
        }

        @Override
        public Void turned(Mark.Turned turned) {
            var t = turned.turn();
            out.op("q").op("cm", t.a(), t.b(), t.c(), t.d(), t.e(), t.f());
            within(turned.marks());
            out.op("Q");
            return null;
        }

        @Override
        public Void image(Mark.Image image) {
            return done(() -> pictures.write(image, resources, out));
        }

        /** Nothing is drawn; the sink puts links on the page itself. */
        @Override
        public Void link(Mark.Link link) {
            return null;
        }

        @Override
        public Void clip(Mark.Clip clip) {
            out.op("q").path(clip.shape()).op("W").op("n");
            within(clip.marks());
            out.op("Q");
            return null;
        }

        @Override
        public Void group(Mark.Group group) {
            return done(() -> {
                Form form = shining(group);
                resources.put(form.name(), form.object());
                COSName state =
                        states.computeIfAbsent(group.opacity(), o -> COSName.getPDFName("G" + (states.size() + 1)));
                resources.put(state, opacity(group.opacity()));
                out.op("q").raw("/" + state.getName() + " gs\n");
                show(form.name());
                out.op("Q");
            });
        }

        @Override
        public Void foreign(Mark.Foreign foreign) {
            return done(() -> {
                Form form = pages.form(foreign.page());
                resources.put(form.name(), form.object());
                Box to = foreign.to();
                // As it is seen, after it has been turned; its own points run up from its lower left corner.
                Rectangle2D box = form.object()
                        .getBBox()
                        .transform(form.object().getMatrix())
                        .getBounds2D();
                double sx = to.width() / box.getWidth();
                double sy = to.height() / box.getHeight();
                out.op("q").op("cm", sx, 0, 0, -sy, to.x() - box.getX() * sx, to.bottom() + box.getY() * sy);
                show(form.name());
                out.op("Q");
            });
        }
    }

    private static PDExtendedGraphicsState opacity(double opacity) {
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setNonStrokingAlphaConstant((float) opacity);
        state.setStrokingAlphaConstant((float) opacity);
        return state;
    }

    /** Marks that shine through as one: a transparency group of their own (ISO 32000-1, 11.6.6). */
    private Form shining(Mark.Group group) throws IOException {
        Form form = form(new Stamp(group.marks()));
        if (form.object().getGroup() == null) {
            PDTransparencyGroupAttributes attributes = new PDTransparencyGroupAttributes();
            attributes.getCOSObject().setItem(COSName.S, COSName.TRANSPARENCY);
            form.object().getCOSObject().setItem(COSName.GROUP, attributes.getCOSObject());
        }
        return form;
    }

    private static void stroke(Mark.Stroke stroke, Operators out) {
        out.op("w", stroke.width());
        if (stroke.dash().isEmpty() && !stroke.round()) {
            out.path(stroke.path()).op("S");
            return;
        }
        out.op("q");
        if (stroke.round()) {
            out.op("J", 1).op("j", 1);
        }
        out.raw("[");
        for (double d : stroke.dash()) {
            out.number(d).append(' ');
        }
        out.raw("] 0 d\n").path(stroke.path()).op("S").op("Q");
    }

    /**
     * Glyphs by number, set where the shaper put them. Where glyphs do not stand for one character each, the text that they
     * stand for is said as ActualText (ISO 32000-1, 14.9.4), so that it can be searched and copied.
     */
    private void words(Mark.Words words, PDResources resources, Operators out) throws IOException {
        GlyphRun run = words.run();
        if (run.glyphs().length == 0) {
            return;
        }
        FontShelf.Entry face = fonts.entryFor(run);
        COSName name = fontNames.computeIfAbsent(run.face(), f -> COSName.getPDFName("F" + (fontNames.size() + 1)));
        resources.put(name, face.font);
        // PDF 1.3, of which PDF/X-1a is, passes over what it does not know.
        boolean spoken = !run.plain();
        if (spoken) {
            out.raw("/Span <</ActualText <" + utf16(run.text()) + ">>> BDC\n");
        }
        inks.chooseForWords(words.ink(), run.size(), resources, out);
        out.op("BT").raw("/" + name.getName() + " ");
        out.op("Tf", run.size()).op("Tm", 1, 0, 0, -1, words.x(), words.y());
        glyphs(run, face.widths, out);
        out.op("ET");
        if (spoken) {
            out.op("EMC");
        }
    }

    private static void glyphs(GlyphRun run, int[] widths, Operators out) {
        out.raw("[<");
        double drift = 0;
        for (int i = 0; i < run.glyphs().length; i++) {
            out.raw(String.format("%04X", run.glyphs()[i]));
            double wanted = (run.x()[i + 1] - run.x()[i]) / run.size() * 1000;
            drift += wanted - widths[run.glyphs()[i]];
            if (i + 1 < run.glyphs().length && Math.abs(drift) >= 0.5) {
                out.raw(">").number(-drift);
                out.raw("<");
                drift = 0;
            }
        }
        out.raw(">]").op("TJ");
    }

    private Form form(Stamp stamp) throws IOException {
        Form known = forms.get(stamp);
        if (known != null) {
            return known;
        }
        PDFormXObject object = new PDFormXObject(document);
        Form form = new Form(COSName.getPDFName("S" + (forms.size() + 1)), object);
        forms.put(stamp, form);
        PDResources resources = new PDResources();
        Operators inside = new Operators();
        write(stamp.marks(), resources, inside);
        Box b = stamp.bounds().outset(FORM_ROOM);
        object.setBBox(new PDRectangle((float) b.x(), (float) b.y(), (float) b.width(), (float) b.height()));
        object.setResources(resources);
        try (OutputStream out = object.getCOSObject().createOutputStream(COSName.FLATE_DECODE)) {
            out.write(inside.bytes());
        }
        return form;
    }

    private static String utf16(String text) {
        StringBuilder b = new StringBuilder("FEFF");
        for (byte each : text.getBytes(StandardCharsets.UTF_16BE)) {
            b.append(String.format("%02X", each));
        }
        return b.toString();
    }
}
