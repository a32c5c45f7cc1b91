package jorn.check;

import static jorn.check.Checked.GOOD;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.art.PictureCredit;
import jorn.art.PictureFile;
import jorn.art.Target;
import jorn.block.paper.Framed;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.block.picture.PictureBlock;
import jorn.block.text.TextBlock;
import jorn.book.Book;
import jorn.book.PageKey;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.content.Items;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.press.PdfRule;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Books with one thing wrong in each. */
final class Seeds {
    /**
     * One of them.
     *
     * @param id of the finding that tells of it
     * @param what is wrong, in a few words
     */
    record Seed(String id, String what, Supplier<Book> book) {
        @Override
        public String toString() {
            return id + ": " + what;
        }
    }

    private final List<Seed> all = new ArrayList<>();

    private Seeds() {}

    static List<Seed> all() {
        Seeds seeds = new Seeds();
        seeds.pages();
        seeds.margins();
        seeds.edges();
        seeds.words();
        seeds.lines();
        seeds.pictures();
        seeds.inks();
        seeds.outside();
        seeds.later();
        return seeds.all;
    }

    private void seed(String id, String what, Supplier<Book> book) {
        all.add(new Seed(id, what, book));
    }

    // What books are made of here.

    private static Book pagesOf(int pages) {
        return GOOD.withBrief(GOOD.brief().withPages(pages));
    }

    private static Recipe recipe(Node root) {
        return new Recipe("own", "Own", root);
    }

    private static TextBlock words(String text, double size) {
        return new TextBlock(text, Voice.BODY, Style.REGULAR, Length.points(size), Align.LEFT);
    }

    private static Recipe page(Node node) {
        return recipe(Stack.down(Part.natural(node), Part.share(1, new RuledLines(Ruling.customary()))));
    }

    /** A hundred pages for prompts, of which one is different. */
    private static Book prompts(int which, String different) {
        List<String> all = new ArrayList<>();
        for (int i = 1; i <= 100; i++) {
            all.add(i == which ? different : "What did the bees bring home?");
        }
        return pagesOf(100)
                .withRuns(List.of(Run.from(new Items(all), "Prompts", page(words("{prompt}", 12)), Start.ANYWHERE)));
    }

    /** All pages ruled so. */
    private static Book ruled(Ruling ruling) {
        return GOOD.withRecipe(2, r -> r.withRuling(ruling));
    }

    private static Recipe lined(Ruling ruling) {
        return Catalogue.recipe("lined").withRuling(ruling);
    }

    /** One page of its own among those of the run. */
    private static Book alone(Recipe design) {
        return GOOD.withRun(2, r -> r.withExceptions(Map.of(new PageKey.Counted(61), design)));
    }

    /** A mark at a place of its own on each page, in points from the trim's corner. */
    private record Marked(Function<Flow, List<Mark>> marks, boolean edge) implements Node {
        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            out.addAll(marks.apply(flow));
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 0;
        }

        @Override
        public boolean reachesEdge() {
            return edge;
        }
    }

    static Book marked(boolean edge, Mark... marks) {
        return GOOD.withRuns(List.of(
                Run.of("Marked", recipe(new Marked(f -> List.of(marks), edge)), 1, Start.RECTO),
                GOOD.runs().get(2)));
    }

    static Mark plate(double left, double top, double right, double bottom, Ink ink) {
        return new Mark.Fill(Path.box(Box.between(left, top, right, bottom)), ink);
    }

    private static Mark plate(double left, double top, double right, double bottom) {
        return plate(left, top, right, bottom, Ink.BLACK);
    }

    private static Mark line(double x1, double y1, double x2, double y2, double width, Ink ink) {
        return new Mark.Stroke(Path.line(x1, y1, x2, y2), width, ink);
    }

    static byte[] file(int width, int height, String kind, Color colour) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        java.util.Random random = new java.util.Random(width);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int shade = random.nextInt(200);
                image.setRGB(x, y, colour == null ? shade * 0x010101 : colour.getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, kind, out);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static Picture grey(int width, int height) {
        return Picture.of("hive.png", file(width, height, "png", null));
    }

    /** Twenty-four pages with a picture an inch high. */
    static Book pictured(Picture picture) {
        return shown(new PictureBlock(picture.id(), PictureBlock.Fit.WHOLE, Length.inches(1), 1.0))
                .with(picture);
    }

    private static Book shown(PictureBlock block) {
        return GOOD.withRuns(List.of(
                Run.of("One", recipe(Stack.down(Part.fixed(Length.inches(1), block))), 24, Start.ANYWHERE),
                GOOD.runs().get(2)));
    }

    private static Picture withFile(byte[] now) {
        Picture whole = grey(400, 400);
        try {
            return whole.withFile(new ByteArrayInputStream(now), 10_000_000);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** At a press that takes four inks, nothing that shines through, and so much ink. */
    static Book fourInks(int most, Mark... marks) {
        Book book = marked(false, marks);
        var press = book.brief().press();
        PdfRule rule = new PdfRule(Optional.empty(), PdfRule.Colour.CMYK, false, Optional.of(most));
        return book.withBrief(
                book.brief().at(jorn.press.PressProfiles.with(press, rule)).withInk("colour"));
    }

    // What is wrong.

    private void pages() {
        for (int n : new int[] {2, 10, 22}) {
            seed("page.count", "too few: " + n, () -> pagesOf(n)
                    .withCover(GOOD.cover().withSpineText(false)));
        }
        for (int n : new int[] {830, 900, 1500}) {
            seed("page.count", "too many: " + n, () -> pagesOf(n));
        }
        for (int n : new int[] {101, 103, 109}) {
            seed("page.blank", "odd: " + n, () -> GOOD.withBrief(GOOD.brief().withPages(24))
                    .withRuns(List.of(Run.of("Lined", GOOD.runs().get(2).recipe(), n, Start.ANYWHERE))));
        }
        seed(
                "page.fit",
                "a prompt of thirty lines too many, the 61st",
                () -> prompts(61, "A long way to the heather. ".repeat(250)));
        seed("page.fit", "the last prompt", () -> prompts(100, "A long way to the heather. ".repeat(250)));
        seed("page.fit", "a page alone", () -> alone(page(words("A long way to the heather. ".repeat(250), 12))));
        seed(
                "page.fit",
                "a facing page",
                () -> GOOD.withRun(2, r -> r.facing(page(words("Heather. ".repeat(900), 12)))));
        seed(
                "page.fit",
                "a foot margin that leaves no room",
                () -> GOOD.withMargins(GOOD.margins().withFoot(Optional.of(Length.inches(5.8)))));
        seed(
                "page.size",
                "no trim of the press",
                () -> GOOD.withBrief(GOOD.brief().withTrim(jorn.measure.Size.of(12, 12, jorn.measure.Unit.INCH))));
        seed(
                "page.size",
                "narrower than it makes",
                () -> GOOD.withBrief(GOOD.brief().withTrim(jorn.measure.Size.of(3.5, 9, jorn.measure.Unit.INCH))));
    }

    private void margins() {
        for (double gutter : new double[] {0.2, 0.3, 0.37}) {
            seed(
                    "margin.gutter",
                    "set to " + gutter + " in",
                    () -> GOOD.withMargins(GOOD.margins().withGutter(Optional.of(Length.inches(gutter)))));
        }
        for (double outside : new double[] {0.1, 0.2, 0.24}) {
            seed(
                    "margin.outside",
                    "outside " + outside + " in",
                    () -> GOOD.withMargins(GOOD.margins().withOutside(Optional.of(Length.inches(outside)))));
        }
        seed(
                "margin.outside",
                "head 0.1 in",
                () -> GOOD.withMargins(GOOD.margins().withHead(Optional.of(Length.inches(0.1)))));
        seed(
                "margin.outside",
                "foot 0.1 in",
                () -> GOOD.withMargins(GOOD.margins().withFoot(Optional.of(Length.inches(0.1)))));
        seed("margin.gutter", "a line in the gutter", () -> marked(false, line(15, 100, 15, 200, 0.7, Ink.BLACK)));
        seed("margin.gutter", "a plate in the gutter", () -> marked(false, plate(10, 100, 200, 200)));
        seed(
                "margin.outside",
                "a line by the fore-edge",
                () -> marked(false, line(422, 100, 422, 200, 0.7, Ink.BLACK)));
        seed("margin.outside", "a plate by the head", () -> marked(false, plate(100, 8, 200, 100)));
        seed("margin.outside", "a plate by the foot", () -> marked(false, plate(100, 500, 200, 640)));
    }

    private void edges() {
        Ruling edge = Ruling.customary().withReach(Ruling.Reach.EDGE);
        seed("bleed.missing", "lines off the page at home", () -> ruled(edge)
                .withBrief(GOOD.brief().at(PressShelf.shipped().find("home"))));
        seed("bleed.missing", "one page at home", () -> alone(lined(edge))
                .withBrief(GOOD.brief().at(PressShelf.shipped().find("home"))));
        seed("bleed.missing", "a facing page at home", () -> GOOD.withRun(2, r -> r.facing(lined(edge)))
                .withBrief(GOOD.brief().at(PressShelf.shipped().find("home"))));
        seed(
                "bleed.missing",
                "bleed for nothing",
                () -> GOOD.withBrief(GOOD.brief().withBleed(true)));
        Mark off = plate(300, 300, 441, 400);
        seed("bleed.sliver", "to the trim at the fore-edge", () -> marked(true, off, plate(300, 100, 432, 200)));
        seed(
                "bleed.sliver",
                "half way into the bleed at the fore-edge",
                () -> marked(true, off, plate(300, 100, 436, 200)));
        seed("bleed.sliver", "to the trim at the head", () -> marked(true, off, plate(100, 0, 200, 100)));
        seed("bleed.sliver", "to the trim at the foot", () -> marked(true, off, plate(100, 500, 200, 648)));
        seed("bleed.sliver", "nearly through the bleed", () -> marked(true, off, plate(100, 500, 200, 656)));
    }

    private void words() {
        for (double size : new double[] {4, 4.5, 5, 5.9}) {
            seed(
                    "text.small",
                    size + " pt on each page",
                    () -> GOOD.withRecipe(2, r -> page(words("Smoke first", size))));
        }
        seed("text.small", "4 pt on one page", () -> alone(page(words("Smoke first", 4))));
        seed(
                "text.small",
                "4 pt on a facing page",
                () -> GOOD.withRun(2, r -> r.facing(page(words("Smoke first", 4)))));
        for (String where : List.of("title", "subtitle", "author", "blurb")) {
            seed("text.letters", "the " + where, () -> switch (where) {
                case "title" -> GOOD.withTitle("Hive ფ");
                case "subtitle" -> GOOD.withSubtitle("Notes ფ");
                case "author" -> GOOD.withAuthor("Skep ფ");
                default -> GOOD.withCover(GOOD.cover().withBlurb("Room for ფ"));
            });
        }
        seed("text.letters", "the 61st prompt", () -> prompts(61, "What does ኦ mean?"));
        seed("text.letters", "the last prompt", () -> prompts(100, "ኦ"));
        seed("text.letters", "a page alone", () -> alone(page(words("ኦ", 12))));
        seed("text.letters", "a facing page", () -> GOOD.withRun(2, r -> r.facing(page(words("ኦ", 12)))));
        for (double strength : new double[] {0.03, 0.1, 0.2}) {
            Palette faint = new Palette("faint", "Faint", Map.of(Palette.Role.TEXT, Ink.black(strength)));
            seed("text.contrast", "words in " + strength + " of black", () -> GOOD.withRecipe(
                            2, r -> page(words("Smoke", 12)))
                    .withPalette(faint));
        }
        seed("text.contrast", "black words on a black plate", () -> onGround(Ink.BLACK));
        seed("text.contrast", "black words on dark blue", () -> onGround(Ink.hex("101030"))
                .withBrief(GOOD.brief().withInk("colour")));
        seed(
                "text.contrast",
                "a title in its panel’s colour",
                () -> GOOD.withCover(GOOD.cover().withTitleInk(GOOD.cover().panelInk())));
        seed(
                "text.contrast",
                "a title nearly in its panel’s colour",
                () -> GOOD.withCover(GOOD.cover().withTitleInk(Ink.hex("E0DCCF"))));
    }

    static Book onGround(Ink ink) {
        return GOOD.withRuns(List.of(
                Run.of(
                        "Marked",
                        recipe(Stack.down(
                                Part.fixed(
                                        Length.points(1),
                                        new Marked(f -> List.of(plate(30, 30, 400, 300, ink)), false)),
                                Part.natural(words("Smoke first, then wait", 20)))),
                        1,
                        Start.RECTO),
                GOOD.runs().get(2)));
    }

    private void lines() {
        Ruling ruling = Ruling.customary();
        for (double strength : new double[] {0.01, 0.03, 0.1, 0.13}) {
            seed("line.thin", "lines of " + strength, () -> ruled(ruling.withStrength(strength)));
        }
        for (double weight : new double[] {0.05, 0.1, 0.24}) {
            seed("line.thin", "lines of " + weight + " pt", () -> ruled(ruling.withWeight(weight)));
        }
        seed(
                "line.thin",
                "faint lines on a facing page",
                () -> GOOD.withRun(2, r -> r.facing(lined(ruling.withStrength(0.03)))));
        seed("line.thin", "faint lines on one page", () -> alone(lined(ruling.withStrength(0.03))));
        seed("line.thin", "thin lines on one page", () -> alone(lined(ruling.withWeight(0.1))));
        seed(
                "line.thin",
                "a frame of 0.05 pt",
                () -> GOOD.withRecipe(2, r -> recipe(new Framed(new Space(), Length.mm(2), false, 0.05, ""))));
        seed("line.dots", "a thin grey line", () -> marked(false, line(100, 100, 300, 100, 0.5, Ink.black(0.4))));
        seed(
                "line.dots",
                "a grey line just too thin",
                () -> marked(false, line(100, 100, 300, 100, 0.74, Ink.black(0.9))));
        seed("page.waiting", "bare pages", () -> GOOD.withRecipe(2, r -> jorn.recipe.Recipes.bare("Pictures")));
        seed(
                "page.waiting",
                "a heading alone",
                () -> GOOD.withRecipe(2, r -> jorn.recipe.Recipes.heading("Thanks", "Thanks")));
        seed("line.thin", "dots of one per cent", () -> GOOD.withRecipe(2, r -> Catalogue.recipe("dotted"))
                .withPalette(new Palette("faint", "Faint", Map.of(Palette.Role.LINE, Ink.black(0.01)))));
        for (double side : new double[] {4, 7, 9}) {
            seed(
                    "square.small",
                    "squares of " + side + " pt",
                    () -> marked(false, new Mark.Stroke(Path.box(new Box(100, 100, side, side)), 0.7, Ink.BLACK)));
        }
    }

    private void pictures() {
        for (int pixels : new int[] {40, 199, 250, 299}) {
            seed("picture.dpi", pixels + " to the inch", () -> pictured(grey(pixels, pixels)));
        }
        seed(
                "picture.missing",
                "an empty frame",
                () -> shown(new PictureBlock("", PictureBlock.Fit.WHOLE, Length.inches(1), 1.0)));
        seed(
                "picture.missing",
                "gone from the book",
                () -> shown(new PictureBlock("gone", PictureBlock.Fit.FILL, Length.inches(1), 1.0)));
        seed(
                "picture.missing",
                "gone from the file",
                () -> pictured(grey(400, 400).withFile(PictureFile.MISSING)));
        byte[] whole = file(400, 400, "png", null);
        seed("picture.damaged", "cut in half", () -> pictured(withFile(Arrays.copyOf(whole, whole.length / 2))));
        seed("picture.damaged", "its end cut", () -> pictured(withFile(Arrays.copyOf(whole, whole.length - 3))));
        seed("picture.damaged", "another picture", () -> pictured(withFile(file(400, 400, "jpeg", null))));
        for (double stretched : new double[] {0.5, 0.9, 1.1, 2}) {
            Picture picture = grey(900, 900);
            seed(
                    "picture.distorted",
                    "stretched " + stretched,
                    () -> marked(
                            false,
                            new Mark.Image(
                                    picture, new Box(0, 0, 900, 900), new Box(100, 100, 100 * stretched, 100), 1)));
        }
    }

    private void inks() {
        seed("ink.colour", "a palette", () -> GOOD.withPalette(Palette.shipped().get(1)));
        seed("ink.colour", "a picture", () -> pictured(Picture.of("red.png", file(400, 400, "png", Color.RED))));
        seed("ink.colour", "a photograph", () -> pictured(Picture.of("blue.jpg", file(400, 400, "jpeg", Color.BLUE))));
        seed("ink.colour", "a plate", () -> marked(false, plate(100, 100, 200, 200, Ink.hex("AA3300"))));
        for (double each : new double[] {0.85, 0.95, 1}) {
            seed(
                    "ink.coverage",
                    "four times " + each,
                    () -> fourInks(300, plate(100, 100, 200, 200, new Ink.Cmyk(each, each, each, each))));
        }
        seed(
                "ink.coverage",
                "more than a lower limit",
                () -> fourInks(240, plate(100, 100, 200, 200, new Ink.Cmyk(0.7, 0.7, 0.7, 0.5))));
        for (double opacity : new double[] {0.2, 0.5, 0.9}) {
            seed(
                    "transparency",
                    "a plate of " + opacity,
                    () -> fourInks(300, new Mark.Group(opacity, List.of(plate(100, 100, 200, 200)))));
        }
    }

    /** Two inks and more in small words, links that lead astray, margins that do not mirror, contents that lie, licences. */
    private void later() {
        for (double black : new double[] {0.5, 0.8, 1}) {
            seed(
                    "ink.rich-text",
                    "words of four inks, black " + black,
                    () -> fourInks(400, line("Smoke first", 10, 100, 100, new Ink.Cmyk(0.4, 0.3, 0.3, black))));
        }
        Mark.Link home = new Mark.Link(new Box(100, 100, 40, 20), new Target.Page(3));
        seed(
                "link.target",
                "beyond the end",
                () -> marked(false, new Mark.Link(new Box(100, 100, 40, 20), new Target.Page(500))));
        seed(
                "link.target",
                "beside the page",
                () -> marked(false, new Mark.Link(new Box(900, 100, 40, 20), new Target.Page(3))));
        seed(
                "link.target",
                "two in one place",
                () -> marked(false, home, new Mark.Link(new Box(120, 110, 40, 20), new Target.Page(4))));
        seed(
                "margin.mirrored",
                "the same margins left and right",
                () -> GOOD.withRuns(List.of(Run.of(
                        "Marked",
                        recipe(new Marked(
                                f -> List.of(line("p" + number(f), 10, 60, 60, Ink.BLACK), plate(60, 100, 392, 500)),
                                false)),
                        120,
                        Start.RECTO))));
        seed("folio.contents", "a line that was typed", () -> contents(13));
        seed("ink.tint", "two per cent", () -> marked(false, plate(100, 100, 200, 200, Ink.black(0.02))));
        seed("ink.tint", "ninety-eight per cent", () -> marked(false, plate(100, 100, 200, 200, Ink.black(0.98))));
        seed(
                "text.small",
                "seven points, light on dark",
                () -> marked(false, plate(90, 80, 250, 120, Ink.BLACK), line("Smoke first", 7, 100, 100, Ink.WHITE)));
        seed("picture.dpi", "black and white at 400", () -> pictured(drawing(400)));
        seed("picture.dpi", "black and white at 1,300", () -> pictured(drawing(1300)));
        seed("picture.dpi", "greys at 700", () -> pictured(grey(700, 700)));
        PictureCredit by = PictureCredit.UNKNOWN.withLicence("CC BY 4.0").withAuthor("Ada Comb");
        seed("picture.licence", "credit owed", () -> pictured(grey(320, 320).withCredit(by)));
        seed("picture.licence", "more copies than allowed", () -> {
            Book book = pictured(grey(320, 320)
                    .withCredit(
                            PictureCredit.UNKNOWN.withLicence("fifty copies").withCopies(Optional.of(50))));
            return book.withPlans(book.plans().withBatch(Optional.of(new jorn.book.PrintBatch(60, 1, 1))));
        });
        seed("page.backs", "pictures to colour on both sides", () -> {
            Picture picture = grey(2300, 2300);
            PictureBlock block = new PictureBlock(picture.id(), PictureBlock.Fit.WHOLE, Length.inches(7), 1.0);
            Book book = Starter.COLOURING_BOOK
                    .begin()
                    .withTitle("Honeycomb Patterns")
                    .withAuthor("Skep & Sedge");
            return book.withBrief(book.brief().withPages(24))
                    .withRuns(List.of(Run.of(
                            "Pictures", recipe(Stack.down(Part.fixed(Length.inches(7), block))), 24, Start.RECTO)))
                    .with(picture);
        });
        seed("page.same", "the same week on every page", () -> {
            Book week = GOOD.withRuns(List.of(Run.of("Weeks", jorn.recipe.Catalogue.recipe("week"), 120, Start.RECTO)));
            java.time.LocalDate from = java.time.LocalDate.of(2027, 1, 1);
            return week.withCalendar(week.calendar().dated(from, from.plusDays(364)));
        });
        seed("file.size", "a picture larger than a press takes", () -> {
            Book book = pictured(grey(590, 590));
            var limits = new jorn.press.PressLimits(List.of(), Optional.of(0.2), false);
            return book.withBrief(book.brief().at(book.brief().press().withLimits(limits)));
        });
        seed("cover.size", "called right for another page count", () -> {
            Book book = Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
            var then = new jorn.book.ApprovedCover(Length.inches(12.4), Length.inches(9.25), Length.inches(0.2));
            return book.withCover(
                    book.cover().withPlan(book.cover().plan().map(p -> p.withApproved(Optional.of(then)))));
        });
    }

    private static Mark line(String text, double size, double x, double y, Ink ink) {
        return new Mark.Words(
                x,
                y,
                jorn.text.Shaper.shape(jorn.text.TypeShelf.typeface("alegreya").regular(), size, text),
                ink);
    }

    private static int number(Flow flow) {
        return Integer.parseInt(flow.fill("{page}"));
    }

    /** Pure black and white, half and half. */
    private static Picture drawing(int pixels) {
        BufferedImage image = new BufferedImage(pixels, pixels, BufferedImage.TYPE_BYTE_BINARY);
        for (int y = 0; y < pixels; y++) {
            for (int x = 0; x < pixels; x++) {
                image.setRGB(x, y, (x / 40 + y / 40) % 2 == 0 ? 0xFFFFFF : 0);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return Picture.of("drawing.png", out.toByteArray());
    }

    /** Contents that were typed by hand, with three heads on pages 5, 9 and the one that is said for the third. */
    static Book contents(int third) {
        List<Mark> lines = new ArrayList<>();
        String[] heads = {"Spring work", "Summer work", "Autumn work"};
        int[] says = {5, 9, third};
        for (int i = 0; i < 3; i++) {
            lines.add(line(heads[i] + " . . . " + says[i], 11, 80, 120 + 20 * i, Ink.BLACK));
        }
        java.util.function.Function<Flow, List<Mark>> draw = f -> {
            int page = number(f);
            if (page == 1) {
                return lines;
            }
            List<Mark> all = new ArrayList<>();
            int at = page == 5 ? 0 : page == 9 ? 1 : page == 15 ? 2 : -1;
            if (at >= 0) {
                all.add(line(heads[at], 16, 80, 120, Ink.BLACK));
            }
            all.add(line("" + page, 9, 220, 600, Ink.BLACK));
            return all;
        };
        return GOOD.withFurniture(jorn.book.Furniture.NONE)
                .withRuns(List.of(Run.of("Marked", recipe(new Marked(draw, false)), 120, Start.RECTO)));
    }

    private void outside() {
        seed("spine.text", "seventy-eight pages", () -> pagesOf(78));
        seed("spine.text", "thirty pages", () -> pagesOf(30));
        seed("cover.title", "no title", () -> GOOD.withTitle(" "));
        seed(
                "barcode.area",
                "a flood of words",
                () -> GOOD.withCover(GOOD.cover().withBlurb("Words. ".repeat(2800))));
        for (double most : new double[] {0.3, 0.6, 0.9}) {
            seed("book.thickness", "staples that hold " + most + " mm", () -> {
                Book zine = Starter.ZINE.begin().withTitle("Zine");
                var press = jorn.press.PressProfiles.holding(zine.brief().press(), Length.mm(most));
                return zine.withBrief(zine.brief().at(press).withPages(32));
            });
        }
        for (double price : new double[] {1, 3.99, 4.06}) {
            seed(
                    "price.below",
                    "sold for " + price,
                    () -> GOOD.withPlans(GOOD.plans().withPrice("us", Optional.of(price))));
        }
        seed("pdf.standard", "a press that wants one", () -> {
            PressProfile trade = PressShelf.shipped().find("trade");
            PdfRule rule = new PdfRule(Optional.of("PDF/X-9"), PdfRule.Colour.CMYK, false, Optional.of(300));
            return GOOD.withBrief(
                    GOOD.brief().at(trade.withPdf(Optional.of(rule))).withPages(120));
        });
    }
}
