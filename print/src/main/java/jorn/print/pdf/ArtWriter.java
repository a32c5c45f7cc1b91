package jorn.print.pdf;

import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
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
import jorn.art.Orientation;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.art.PictureFile;
import jorn.art.Stamp;
import jorn.art.Turn;
import jorn.deliver.ColourPolicy;
import jorn.print.picture.Pixels;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/** Turns marks into content operators. A stamp becomes one form, however often it is placed. */
final class ArtWriter implements Closeable {
    /** Room round a stamp's bounds for the weight of its lines and the overhang of its letters. */
    private static final double FORM_ROOM = 20;

    private final PDDocument document;
    private final FontShelf fonts;
    private final Map<Stamp, Form> forms = new HashMap<>();
    private final Map<String, COSName> fontNames = new HashMap<>();

    private final Map<PictureKey, PDImageXObject> pictures = new HashMap<>();
    private final Map<PictureKey, COSName> pictureNames = new HashMap<>();

    /** Below so many pixels to the inch a picture is seen to be coarse (common practice). */
    private static final double LEAST_PPI = 300;

    private static final double POINTS_PER_INCH = 72;

    private final Map<Picture, Form> drawings = new HashMap<>();

    private record PictureKey(Picture picture, Pixels.PixelLook shown) {}

    private final Map<Double, COSName> states = new HashMap<>();

    /** A form and the name by which content asks for it. */
    record Form(COSName name, PDFormXObject object) {}

    /** A passage from one ink to another, wherever it is drawn. */
    private record Passage(Ink from, Ink to, Mark.Shade.Ends line) {}

    private final Map<Passage, COSName> shades = new HashMap<>();

    private final InkWriter inks;
    private final ForeignPages pages;

    ArtWriter(PDDocument document, ColourPolicy policy) {
        this.document = document;
        this.fonts = new FontShelf(document);
        this.inks = new InkWriter(policy);
        this.pages = new ForeignPages(document);
    }

    @Override
    public void close() throws IOException {
        pages.close();
    }

    FontShelf fonts() {
        return fonts;
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
            return done(() -> picture(image, resources, out));
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

    /** A picture, written once however often it is shown; a JPEG file as it is. Half a picture is not printed. */
    private void picture(Mark.Image image, PDResources resources, Operators out) throws IOException {
        if (image.picture().file().harm().isPresent()) {
            return;
        }
        Box from = image.from();
        Box to = image.to();
        if (goesAsLines(image)) {
            lines(image, resources, out);
            return;
        }
        PictureKey key = new PictureKey(image.picture(), new Pixels.PixelLook(image.opacity(), image.tone()));
        PDImageXObject object = pictures.get(key);
        if (object == null) {
            object = pictureObject(image);
            pictures.put(key, object);
        }
        COSName name = pictureNames.computeIfAbsent(key, k -> COSName.getPDFName("P" + (pictureNames.size() + 1)));
        resources.put(name, object);
        double sx = to.width() / from.width();
        double sy = to.height() / from.height();
        double w = image.picture().width() * sx;
        double h = image.picture().height() * sy;
        out.op("q");
        boolean part = from.width() < image.picture().width() - 0.01
                || from.height() < image.picture().height() - 0.01;
        if (part) {
            out.path(Path.box(to)).op("W").op("n");
        }
        // The unit square of a picture has y up; what the camera noted is from its top down.
        Orientation orientation = goesAsItIs(image)
                ? image.picture()
                        .file()
                        .facts()
                        .map(PictureFile.Facts::orientation)
                        .orElse(Orientation.UPRIGHT)
                : Orientation.UPRIGHT;
        Turn placed = new Turn(w, 0, 0, h, to.x() - from.x() * sx, to.y() - from.y() * sy)
                .after(orientation.turn(1, 1))
                .after(new Turn(1, 0, 0, -1, 0, 1));
        out.op("cm", placed.a(), placed.b(), placed.c(), placed.d(), placed.e(), placed.f());
        out.raw("/" + name.getName() + " Do\n").op("Q");
    }

    /** A drawing stays one of lines and areas, unless its colours have to be changed. */
    private boolean goesAsLines(Mark.Image image) {
        return goesAs(PictureFile.Facts.Kind.SVG, image);
    }

    /** Whether a picture is of this kind, and nothing has to be changed of it. */
    private boolean goesAs(PictureFile.Facts.Kind kind, Mark.Image image) {
        return inks.policy().pictures() == ColourPolicy.Pictures.AS_THEY_ARE
                && image.opacity() == 1
                && image.tone().isNone()
                && image.picture().file().facts().filter(f -> f.kind() == kind).isPresent();
    }

    private void lines(Mark.Image image, PDResources resources, Operators out) throws IOException {
        Form form = drawings.get(image.picture());
        if (form == null) {
            form = new Form(
                    COSName.getPDFName("V" + (drawings.size() + 1)), DrawnPicture.form(document, image.picture()));
            drawings.put(image.picture(), form);
        }
        resources.put(form.name(), form.object());
        Box from = image.from();
        Box to = image.to();
        double sx = to.width() / from.width();
        double sy = to.height() / from.height();
        Box box = Box.between(
                to.x() - from.x() * sx,
                to.y() - from.y() * sy,
                to.x() + (image.picture().width() - from.x()) * sx,
                to.y() + (image.picture().height() - from.y()) * sy);
        double w = form.object().getBBox().getWidth();
        double h = form.object().getBBox().getHeight();
        out.op("q").path(Path.box(to)).op("W").op("n");
        out.op("cm", box.width() / w, 0, 0, -box.height() / h, box.x(), box.bottom());
        out.raw("/" + form.name().getName() + " Do\n").op("Q");
    }

    private PDImageXObject pictureObject(Mark.Image image) throws IOException {
        return switch (inks.policy().pictures()) {
            case AS_THEY_ARE -> goesAsItIs(image)
                    ? JPEGFactory.createFromByteArray(
                            document, image.picture().file().bytes())
                    : LosslessFactory.createFromImage(document, pixels(image));
            case GREY -> LosslessFactory.createFromImage(document, Pixels.grey(pixels(image)));
            case FOUR_INKS -> FourInkPicture.of(document, pixels(image));
        };
    }

    /** A JPEG goes into the file untouched; the page turns it upright. */
    private boolean goesAsItIs(Mark.Image image) {
        return goesAs(PictureFile.Facts.Kind.JPEG, image);
    }

    private static BufferedImage pixels(Mark.Image image) {
        double shown = image.from().width() / image.to().width() * POINTS_PER_INCH;
        return Pixels.forPrint(image.picture(), new Pixels.PixelLook(image.opacity(), image.tone()), LEAST_PPI, shown);
    }

    private static void stroke(Mark.Stroke stroke, Operators out) {
        out.op("w", stroke.width());
        if (stroke.dash().isEmpty()) {
            out.path(stroke.path()).op("S");
            return;
        }
        out.op("q").raw("[");
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
        if (!run.plain()) {
            out.raw("/Span <</ActualText <" + utf16(run.text()) + ">>> BDC\n");
        }
        inks.choose(words.ink(), false, resources, out);
        out.op("BT").raw("/" + name.getName() + " ");
        out.op("Tf", run.size()).op("Tm", 1, 0, 0, -1, words.x(), words.y());
        glyphs(run, face.widths, out);
        out.op("ET");
        if (!run.plain()) {
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
