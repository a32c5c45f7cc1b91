package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.ForeignPage;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.art.Turn;
import jorn.block.paper.Space;
import jorn.block.picture.Border;
import jorn.block.picture.Decoration;
import jorn.block.picture.Ornament;
import jorn.block.picture.PictureBlock;
import jorn.book.Book;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.edition.Edition;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.NodeKinds;
import jorn.layout.NodePath;
import jorn.layout.Tree;
import jorn.measure.Length;
import jorn.measure.PaperSize;
import jorn.print.pdf.PdfSink;
import jorn.print.read.PdfLook;
import jorn.recipe.Recipe;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is seen is what prints: the raster sink's picture beside poppler's picture of the PDF sink's file. */
class SinksAgreeTest {
    @TempDir
    Path folder;

    /** The same on small pages, which are compared in half the time. */
    private static Book small() {
        Book book = SinksBeside.journal();
        return book.withBrief(book.brief().withTrim(PaperSize.A6.size()));
    }

    @Test
    void onEveryKindOfPage() throws IOException {
        Edition composer = Edition.of(SinksBeside.journal());
        for (int n : new int[] {1, 2, 3, 5, 6}) {
            compare(composer.page(n), "page " + n);
        }
    }

    @Test
    void onEveryFourthDesignOfTheCatalogue() throws IOException {
        onDesigns(4);
    }

    @Test
    @Tag("long")
    void onEveryDesignOfTheCatalogue() throws IOException {
        onDesigns(1);
    }

    private void onDesigns(int step) throws IOException {
        Map<String, PageArt> pages = new LinkedHashMap<>();
        for (int i = 0; i < jorn.recipe.Catalogue.all().size(); i += step) {
            var entry = jorn.recipe.Catalogue.all().get(i);
            Book book = small().withRuns(java.util.List.of(
                    jorn.book.Run.of(entry.name(), entry.recipe(), 24, jorn.book.Placement.Start.ANYWHERE)));
            pages.put(entry.id(), Edition.of(book).page(1));
        }
        compare(pages);
    }

    /** A picture whose quarters have four colours, so that one that is turned or cropped wrongly is noticed. */
    private static Picture picture() throws IOException {
        BufferedImage image = new BufferedImage(240, 160, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 160; y++) {
            for (int x = 0; x < 240; x++) {
                image.setRGB(x, y, x < 120 ? y < 80 ? 0xC9A24A : 0x2F5D50 : y < 80 ? 0x27496D : 0xF4EEF4);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return Picture.of("quarters.png", bytes.toByteArray());
    }

    @Test
    void onEveryKindOfBlock() throws IOException {
        Picture picture = picture();
        Map<String, PageArt> pages = new LinkedHashMap<>();
        for (NodeKind.Offer<?> kind : NodeKinds.offers()) {
            Node block = kind.fresh().get() instanceof PictureBlock p
                    ? new PictureBlock(picture.id(), PictureBlock.Fit.FILL, p.height(), 1.0)
                    : kind.fresh().get();
            if (block instanceof Space) {
                continue;
            }
            Recipe recipe = new Recipe("one", "One", Tree.insert(block, NodePath.ROOT, Tree.Edge.BELOW, new Space()));
            Run run = Run.of("One", recipe, 24, Placement.Start.ANYWHERE).inContents(true);
            pages.put(
                    kind.id(),
                    Edition.of(small().with(picture).withRuns(List.of(run))).page(2));
        }
        compare(pages);
    }

    @Test
    void onBordersOfEveryKindAndPicturesBehindADesign() throws IOException {
        Picture picture = picture();
        Map<String, PageArt> pages = new LinkedHashMap<>();
        for (Border.Corners corners : Border.Corners.values()) {
            Node border = new Border(
                    new Space(), corners, 3, Length.mm(1.5), 2.0, Palette.Role.ACCENT, Length.mm(3), Optional.empty());
            pages.put("border " + corners, page(border, picture, List.of()));
        }
        Node frame = new Border(
                new Space(),
                Border.Corners.SQUARE,
                1,
                Length.mm(1),
                1.0,
                Palette.Role.LINE,
                Length.mm(3),
                Optional.of(picture.id()));
        pages.put("a picture's frame", page(frame, picture, List.of()));
        for (Decoration.Anchor anchor : Decoration.Anchor.values()) {
            Decoration drawn = new Decoration(
                    Ornament.Shape.COMB, Optional.empty(), anchor, Length.mm(30), 0.5, true, true, false);
            Decoration shown =
                    new Decoration(null, Optional.of(picture.id()), anchor, Length.mm(40), 0.6, true, false, true);
            pages.put("at " + anchor, page(NodeKinds.fresh("lines"), picture, List.of(shown, drawn)));
        }
        compare(pages);
    }

    private static PageArt page(Node node, Picture picture, List<Decoration> decorations) {
        Run run = Run.of("One", new Recipe("one", "One", node), 24, Placement.Start.ANYWHERE)
                .withDecorations(decorations);
        return Edition.of(small().with(picture).withRuns(List.of(run))).page(2);
    }

    @Test
    void onTheCover() throws IOException {
        Book book = SinksBeside.journal();
        compare(Edition.of(book).cover().plane(), "cover");
        compare(Edition.of(book).cover().frontArt(), "front");
    }

    @Test
    void onDashesCurvesAndTurnedArt() throws IOException {
        Box trim = new Box(0, 0, 200, 150);
        var curve = jorn.art.Path.builder()
                .move(20, 20)
                .curve(60, 140, 120, -40, 180, 120)
                .build();
        var ring = jorn.art.Path.builder()
                .move(20, 120)
                .line(60, 60)
                .line(90, 130)
                .close()
                .build();
        List<Mark> marks = List.of(
                new Mark.Stroke(curve, 3, Ink.hex("A1352A"), List.of(12.0, 6.0)),
                new Mark.Fill(ring, Ink.black(0.4)),
                new Mark.Turned(Turn.scale(0.5, 100, 40), List.of(new Mark.Fill(ring, Ink.hex("2F5D50")))),
                new Mark.Turned(Turn.quarterUp(150, 140), List.of(new Mark.Stroke(ring, 2, Ink.BLACK))));
        compare(new PageArt(trim, trim.outset(9), marks), "shapes");
    }

    @Test
    void onClippedShiningAndForeignArt() throws IOException {
        Box trim = new Box(0, 0, 200, 150);
        Mark red = new Mark.Fill(jorn.art.Path.box(new Box(20, 20, 90, 60)), Ink.hex("A1352A"));
        Mark blue = new Mark.Fill(jorn.art.Path.box(new Box(70, 50, 90, 60)), Ink.hex("27496D"));
        Mark line = new Mark.Stroke(jorn.art.Path.line(10, 10, 190, 140), 12, Ink.BLACK);
        var diamond = jorn.art.Path.builder()
                .move(100, 10)
                .line(180, 75)
                .line(100, 140)
                .line(20, 75)
                .close()
                .build();
        Map<String, PageArt> pages = new LinkedHashMap<>();
        pages.put("clipped", art(trim, new Mark.Clip(diamond, List.of(red, blue, line))));
        pages.put("shining", art(trim, line, new Mark.Group(0.4, List.of(red, blue))));
        pages.put(
                "a group in a turn in a clip",
                art(
                        trim,
                        line,
                        new Mark.Clip(
                                diamond,
                                List.of(new Mark.Turned(
                                        Turn.scale(0.8, 10, 20), List.of(new Mark.Group(0.6, List.of(red, blue))))))));
        byte[] file = written(new PageArt(trim, trim, List.of(red, line)));
        ForeignPage page = new ForeignPage("a", "made-elsewhere.pdf", 1, 200, 150, file);
        pages.put("a page made elsewhere", art(trim, new Mark.Foreign(page, new Box(30, 40, 120, 90)), blue));
        compare(pages);
        BufferedImage shown = RasterSink.picture(pages.get("a page made elsewhere"), trim, 1);
        assertEquals(0xA1352A, shown.getRGB(60, 54) & 0xFFFFFF, "the red of the page, where it now stands");
    }

    /** Photographs as cameras turn them, whole and in part: what the camera noted is honoured alike, and by hand once. */
    @Test
    void onPhotographsThatACameraTurned() throws IOException {
        Box trim = new Box(0, 0, 200, 220);
        Map<String, PageArt> pages = new LinkedHashMap<>();
        for (int tag = 1; tag <= 8; tag++) {
            Picture photograph = photograph(tag);
            double w = photograph.width();
            double h = photograph.height();
            Mark whole = new Mark.Image(photograph, new Box(0, 0, w, h), new Box(20, 15, w / 2, h / 2), 1);
            Mark part = new Mark.Image(photograph, new Box(w / 4, 0, w / 2, h / 2), new Box(20, 145, w / 4, h / 4), 1);
            Mark faint = new Mark.Image(photograph, new Box(0, 0, w, h), new Box(130, 145, w / 4, h / 4), 0.6);
            pages.put("turned as tag " + tag, art(trim, whole, part, faint));
        }
        compare(pages);
        // Tag 6: the camera's left is the foot's left; its black quarter, first in the file, stands at the head's
        // right.
        BufferedImage shown = RasterSink.picture(pages.get("turned as tag 6"), trim, 1);
        assertEquals(0, shown.getRGB(20 + 75, 15 + 10) & 0xFF, 40, "black at the head's right");
        assertEquals(255, shown.getRGB(20 + 10, 15 + 10) & 0xFF, 40, "white at the head's left");
    }

    /** Pictures that are turned with the page: seen as finely as upright ones. */
    @Test
    void onTurnedPictures() throws IOException {
        Box trim = new Box(0, 0, 200, 220);
        Picture picture = picture();
        Mark whole = new Mark.Image(picture, new Box(0, 0, 240, 160), new Box(20, 20, 120, 80), 1);
        Map<String, PageArt> pages = new LinkedHashMap<>();
        pages.put("a quarter up", art(trim, new Mark.Turned(Turn.quarterUp(30, 180), List.of(whole))));
        pages.put("a quarter down", art(trim, new Mark.Turned(new Turn(0, 1, -1, 0, 150, 20), List.of(whole))));
        pages.put("half round", art(trim, new Mark.Turned(new Turn(-1, 0, 0, -1, 180, 160), List.of(whole))));
        double cos = Math.cos(0.7);
        double sin = Math.sin(0.7);
        // As turns are that were reckoned: the cosine of a right angle is not quite nothing.
        double nearly = Math.cos(Math.PI / 2);
        pages.put(
                "nearly a quarter",
                art(trim, new Mark.Turned(new Turn(nearly, 1, -1, nearly, 150, 20), List.of(whole))));
        pages.put("askew", art(trim, new Mark.Turned(new Turn(cos, sin, -sin, cos, 60, 10), List.of(whole))));
        compare(pages);
        BufferedImage shown = RasterSink.picture(pages.get("nearly a quarter"), trim, 1);
        assertEquals(0xC9A24A, shown.getRGB(120, 50) & 0xFFFFFF, "the first quarter in its own colour");
        assertEquals(0x2F5D50, shown.getRGB(60, 50) & 0xFFFFFF, "the third below it, turned");
    }

    /** A photograph whose profile says that its pixels mean more light than they seem to: whole, in part, faint. */
    @Test
    void onPhotographsWithAProfileOfTheirOwn() throws IOException {
        Box trim = new Box(0, 0, 200, 150);
        Picture photograph = profiled(128);
        Mark whole = new Mark.Image(photograph, new Box(0, 0, 96, 64), new Box(10, 10, 96, 64), 1);
        Mark part = new Mark.Image(photograph, new Box(8, 8, 40, 40), new Box(120, 10, 60, 60), 1);
        Mark faint = new Mark.Image(photograph, new Box(0, 0, 96, 64), new Box(10, 80, 90, 60), 0.5);
        PageArt page = art(trim, whole, part, faint);
        compare(page, "a photograph with a profile");
        BufferedImage shown = RasterSink.picture(page, trim, 1);
        // IEC 61966-2-1: half of the light, 128 of 255, is stored as 188.
        for (int x : new int[] {50, 150}) {
            for (int shift : new int[] {0, 8, 16}) {
                assertEquals(188, shown.getRGB(x, 40) >> shift & 255, 3, "at " + x);
            }
        }
        assertEquals((255 + 188) / 2f, shown.getRGB(50, 110) & 255, 3, "half of it and half of the paper");
    }

    /** A drawing that is lightened or printed in two inks stays one of areas, and looks as its pixels would. */
    @Test
    void onDrawingsThatAreLightened() throws IOException {
        Box trim = new Box(0, 0, 200, 150);
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='80'>"
                + "<rect x='0' y='0' width='70' height='80' fill='#27496D'/>"
                + "<circle cx='60' cy='40' r='30' fill='#C9A24A'/></svg>";
        Picture drawing = Picture.of("leaf.svg", svg.getBytes(StandardCharsets.UTF_8));
        Box all = new Box(0, 0, drawing.width(), drawing.height());
        Mark plain = new Mark.Image(drawing, all, new Box(10, 10, 80, 64), 1);
        Mark faint = new Mark.Image(drawing, all, new Box(100, 10, 80, 64), 0.3);
        PageArt page = art(trim, plain, faint);
        compare(page, "a lightened drawing");
        byte[] file = written(page);
        try (var document = org.apache.pdfbox.Loader.loadPDF(file)) {
            for (var name : document.getPage(0).getResources().getXObjectNames()) {
                assertEquals(
                        org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject.class,
                        document.getPage(0).getResources().getXObject(name).getClass(),
                        "no pixels");
            }
        }
        assertEquals(true, file.length < 20_000, "its lines are small: " + file.length);
    }

    /** A JPEG of one grey whose profile has sRGB's primaries and straight curves. */
    private static Picture profiled(int level) throws IOException {
        BufferedImage image = new BufferedImage(96, 64, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 96 * 64; i++) {
            image.setRGB(i % 96, i / 96, level << 16 | level << 8 | level);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        byte[] jpeg = out.toByteArray();
        byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(jpeg, 0, 2);
        // In two segments, as large profiles are.
        int half = profile.length / 2;
        for (int n = 1; n <= 2; n++) {
            byte[] part = Arrays.copyOfRange(profile, n == 1 ? 0 : half, n == 1 ? half : profile.length);
            int length = 2 + 12 + 2 + part.length;
            with.write(new byte[] {(byte) 0xFF, (byte) 0xE2, (byte) (length >> 8), (byte) length});
            with.writeBytes("ICC_PROFILE\0".getBytes(StandardCharsets.US_ASCII));
            with.write(new byte[] {(byte) n, 2});
            with.writeBytes(part);
        }
        with.write(jpeg, 2, jpeg.length - 2);
        return Picture.of("profiled.jpg", with.toByteArray());
    }

    /** Four quarters from black to white, and a note of the camera's: an Exif segment with tag 274 alone. */
    private static Picture photograph(int tag) throws IOException {
        BufferedImage image = new BufferedImage(240, 180, BufferedImage.TYPE_INT_RGB);
        int[] greys = {0x000000, 0x707070, 0xFFFFFF, 0xB0B0B0};
        for (int y = 0; y < 180; y++) {
            for (int x = 0; x < 240; x++) {
                image.setRGB(x, y, greys[x / 120 + y / 90 * 2]);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        javax.imageio.ImageIO.write(image, "jpeg", out);
        byte[] jpeg = out.toByteArray();
        byte[] note = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) tag,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream noted = new ByteArrayOutputStream();
        noted.write(jpeg, 0, 2);
        noted.write(note);
        noted.write(jpeg, 2, jpeg.length - 2);
        return Picture.of("photograph.jpg", noted.toByteArray());
    }

    private static PageArt art(Box trim, Mark... marks) {
        return new PageArt(trim, trim, List.of(marks));
    }

    private static byte[] written(PageArt art) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PdfSink sink = new PdfSink("t", "")) {
            sink.add(art);
            sink.writeTo(out);
        }
        return out.toByteArray();
    }

    private void compare(PageArt art, String what) throws IOException {
        compare(Map.of(what, art));
    }

    private void compare(Map<String, PageArt> pages) throws IOException {
        SinksBeside.compare(pages, folder);
    }

    @Test
    void aWrittenFileCanBeLookedAt() throws IOException {
        Path file = folder.resolve("look.pdf");
        try (PdfSink sink = new PdfSink("t", "")) {
            sink.add(Edition.of(SinksBeside.journal()).page(1));
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
        }
        assertEquals(150, PdfLook.firstPage(file, 150).getHeight(), 1);
    }
}
