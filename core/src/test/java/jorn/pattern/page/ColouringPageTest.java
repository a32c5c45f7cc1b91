package jorn.pattern.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Area;
import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.symmetry.Rosette;
import jorn.pattern.symmetry.WallpaperGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a colouring page must be: black lines, closed white fields wide enough for a pen, nothing off its area. */
class ColouringPageTest {
    private static final Box AREA = new Box(30, 40, 360, 480);

    private static PatternSpec spec(WallpaperGroup group, String motif, long seed) {
        return PatternSpec.of(group, new ShippedMotif(motif), seed);
    }

    private static PatternSpec with(PatternSpec spec, UnaryOperator<Surround> change) {
        return spec.withSurround(change.apply(spec.surround()));
    }

    /** What the edge cuts off of a field is no blot: along the edge stands nothing that is filled. */
    @ParameterizedTest
    @CsvSource({"P1,petal,PAGE", "P4,daisy,PAGE", "P6,shell,PAGE", "P1,petal,ROUND"})
    void nothingAtTheEdgeIsInked(WallpaperGroup group, String motif, PatternWindow.Pane window) {
        PatternSpec spec = with(spec(group, motif, 19), s -> s.withWindow(new PatternWindow(window, "")));
        List<Mark> marks = new ColouringPage(spec, AREA).inkedMarks();
        Area edge = new Area(new BasicStroke(0.05f)
                .createStrokedShape(spec.surround().window().in(room(spec))));
        int filled = 0;
        for (Mark mark : marks) {
            if (mark instanceof Mark.Fill fill) {
                filled++;
                Area meets = new Area(fill.path().asShape());
                meets.intersect(edge);
                assertTrue(meets.isEmpty(), meets.getBounds2D() + " of the edge");
            }
        }
        assertTrue(filled > 0, "fields within are inked");
    }

    private static Box room(PatternSpec spec) {
        return AREA.within(spec.inking().weight(1.3) / 2);
    }

    @ParameterizedTest
    @CsvSource({
        "P1,petal,PAGE,''",
        "P4M,lotus,ROUND,''",
        "P31M,leaf,SHAPE,butterfly",
        "PGG,kite,LETTER,B",
        "P6,shell,WORD,HONEY"
    })
    void everythingIsBlackAndWithinItsArea(WallpaperGroup group, String motif, PatternWindow.Pane window, String text) {
        PatternSpec spec = with(spec(group, motif, 3), s -> s.withWindow(new PatternWindow(window, text)));
        ColouringPage page = new ColouringPage(spec, AREA);
        for (Marks.Standing each : Marks.standing(page.inkedMarks())) {
            if (each.mark() instanceof Mark.Stroke s) {
                assertEquals(Ink.BLACK, s.ink());
                assertTrue(s.width() >= Inking.THINNEST && s.width() <= Inking.THICKEST, "" + s.width());
            } else if (each.mark() instanceof Mark.Fill f) {
                assertEquals(Ink.BLACK, f.ink());
            }
            Box b = each.bounds();
            boolean nothing = b.width() <= 0 || b.height() <= 0;
            assertTrue(
                    nothing
                            || (b.x() > AREA.x() - 1
                                    && b.y() > AREA.y() - 1
                                    && b.right() < AREA.right() + 1
                                    && b.bottom() < AREA.bottom() + 1),
                    b.toString());
        }
        assertTrue(page.count().fields() > 20);
    }

    @Test
    void fieldsOfAWindowLieInIt() {
        PatternSpec spec = with(spec(WallpaperGroup.CMM, "bud", 5), s -> s.withWindow(PatternWindow.parse("letter:B"))
                .withBorder(Surround.Rim.NONE));
        ColouringPage page = new ColouringPage(spec, AREA);
        Area letter =
                PatternWindow.parse("letter:B").in(AREA.within(spec.inking().weight(1.3) / 2 + 1));
        for (ColourField f : page.fields()) {
            assertTrue(letter.contains(f.roundel().x(), f.roundel().y()), f.toString());
        }
    }

    @ParameterizedTest
    @CsvSource({"P4,twig,7", "P3M1,tulip,8", "PMG,gem,9", "P6M,petal,10"})
    void noFieldLeaksIntoAnother(WallpaperGroup group, String motif, long seed) {
        ColouringPage page = new ColouringPage(spec(group, motif, seed), AREA);
        List<ColourField> fields = page.fields();
        int scale = 3;
        int w = (int) ((AREA.right() + 20) * scale);
        int h = (int) ((AREA.bottom() + 20) * scale);
        BufferedImage image = raster(page.inkedMarks(), w, h, scale);
        int[] flooded = new int[w * h];
        int n = 0;
        for (ColourField f : fields) {
            int row = (int) (f.roundel().y() * scale);
            int start = row * w + (int) (f.roundel().x() * scale);
            assertEquals(0, flooded[start], "field " + n + " was reached from field " + flooded[start]);
            flood(image, flooded, start, ++n, w, h);
        }
        assertTrue(n > 30);
    }

    private static BufferedImage raster(List<Mark> marks, int w, int h, int scale) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.setColor(Color.BLACK);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(scale, scale);
        draw(marks, g);
        g.dispose();
        return image;
    }

    private static void draw(List<Mark> marks, Graphics2D g) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Stroke s) {
                g.setStroke(new BasicStroke((float) s.width(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                g.draw(s.path().asShape());
            } else if (mark instanceof Mark.Fill f) {
                g.fill(f.path().asShape());
            } else if (mark instanceof Mark.Clip c) {
                Graphics2D inner = (Graphics2D) g.create();
                inner.clip(c.shape().asShape());
                draw(c.marks(), inner);
                inner.dispose();
            } else if (mark instanceof Mark.Stamped p) {
                Graphics2D inner = (Graphics2D) g.create();
                inner.translate(p.dx(), p.dy());
                draw(p.inside(), inner);
                inner.dispose();
            }
        }
    }

    private static void flood(BufferedImage image, int[] flooded, int start, int number, int w, int h) {
        Deque<Integer> open = new ArrayDeque<>(List.of(start));
        flooded[start] = number;
        while (!open.isEmpty()) {
            int p = open.pop();
            int x = p % w;
            int y = p / w;
            int[] near = {x > 0 ? p - 1 : -1, x < w - 1 ? p + 1 : -1, y > 0 ? p - w : -1, y < h - 1 ? p + w : -1};
            for (int q : near) {
                if (q >= 0 && flooded[q] == 0 && (image.getRGB(q % w, q / w) & 255) > 127) {
                    flooded[q] = number;
                    open.push(q);
                }
            }
        }
    }

    @Test
    void fieldsThatAreLeftAreWideEnoughForAPen() {
        ColouringPage page = new ColouringPage(spec(WallpaperGroup.P4, "feather", 2), AREA);
        assertTrue(page.count().small() > 0, "some were too small");
        for (ColourField f : page.fields()) {
            assertTrue(
                    f.across().points() >= ColourField.LEAST.points(),
                    f.across().toString());
        }
        assertEquals(page.fields().size(), page.count().fields());
        PatternSpec left = page.spec().withInking(page.spec().inking().withSmall(Inking.SmallFields.LEFT));
        FieldCount all = new ColouringPage(left, AREA).count();
        assertTrue(all.fields() > page.count().fields());
        assertTrue(all.smallest().points() < ColourField.LEAST.points());
    }

    @Test
    void linesGetLighterTheWayThatIsSaid() {
        PatternSpec spec = spec(WallpaperGroup.P4M, "petal", 4).withGradual(Gradual.parse("weight:left-to-right"));
        double left = 0;
        double right = 0;
        int l = 0;
        int r = 0;
        for (Marks.Standing each : Marks.standing(new ColouringPage(spec, AREA).marks())) {
            if (each.mark() instanceof Mark.Stroke s && s.path().bounds().width() < 200) {
                if (s.path().bounds().centreX() < AREA.x() + AREA.width() * 0.3) {
                    left += s.width();
                    l++;
                } else if (s.path().bounds().centreX() > AREA.x() + AREA.width() * 0.7) {
                    right += s.width();
                    r++;
                }
            }
        }
        assertTrue(l > 0 && r > 0 && left / l > 1.5 * right / r, left / l + " " + right / r);
    }

    @Test
    void theWaysOfAChangeLeadWhereTheySay() {
        Box box = new Box(0, 0, 100, 200);
        assertEquals(0.25, Gradual.parse("scale:left-to-right").at(25, 150, box), 1e-9);
        assertEquals(0.75, Gradual.parse("scale:right-to-left").at(25, 150, box), 1e-9);
        assertEquals(0.75, Gradual.parse("scale:downward").at(25, 150, box), 1e-9);
        assertEquals(0.25, Gradual.parse("scale:upward").at(25, 150, box), 1e-9);
        assertEquals(0, Gradual.parse("scale:outward").at(50, 100, box), 1e-9);
        assertEquals(1, Gradual.parse("scale:outward").at(0, 0, box), 1e-9);
        assertEquals(1, Gradual.parse("scale:inward").at(50, 100, box), 1e-9);
        assertThrows(Trouble.class, () -> Gradual.parse("colour:upward"));
    }

    @Test
    void aMotifBecomesAnother() {
        PatternMotif leaf = new ShippedMotif("leaf");
        PatternMotif star = new ShippedMotif("star-five");
        var morph = new jorn.pattern.motif.Morph(leaf.lines(), star.lines());
        Box first = Marks.bounds(morph.at(0).stream()
                .map(l -> (Mark) new Mark.Fill(l.path(), Ink.BLACK))
                .toList());
        Box last = Marks.bounds(morph.at(1).stream()
                .map(l -> (Mark) new Mark.Fill(l.path(), Ink.BLACK))
                .toList());
        assertEquals(1.9, first.height(), 0.05, "a leaf is 1.9 high");
        assertEquals(0.98 * 2 * Math.sin(Math.toRadians(72)), last.width(), 0.05, "a star is as wide as its points");
        assertNotEquals(morph.at(0.4).get(0), morph.at(0.6).get(0));
    }

    /** A mandala of order n is the same after a turn by an n-th of a full one. */
    @ParameterizedTest
    @CsvSource({"C5", "D8", "D12", "C7"})
    void aMandalaTurnsAsItsRosetteSays(String id) {
        Rosette rosette = Rosette.of(id);
        List<Inked> lines = Rings.of(rosette, 0, 0, 150, spec(WallpaperGroup.P6M, "lotus", 6));
        List<double[]> spots = lines.stream().map(l -> middle(l, 1, 0, false)).toList();
        double t = 2 * Math.PI / rosette.order();
        for (Inked l : lines) {
            assertTrue(isThere(middle(l, Math.cos(t), Math.sin(t), false), spots), id + " turned");
            assertTrue(!rosette.mirrored() || isThere(middle(l, 1, 0, true), spots), id + " mirrored");
        }
    }

    private static boolean isThere(double[] spot, List<double[]> spots) {
        return spots.stream().anyMatch(s -> Math.hypot(s[0] - spot[0], s[1] - spot[1]) < 0.3);
    }

    /** The middle of a line, turned, or mirrored from left to right. */
    private static double[] middle(Inked line, double cos, double sin, boolean mirrored) {
        double x = 0;
        double y = 0;
        int n = 0;
        for (double[] flat : jorn.pattern.motif.Curves.flat(line.path(), 0.01)) {
            double[] p = jorn.pattern.motif.Curves.spaced(flat, 200);
            for (int i = 0; i < p.length - 2; i += 2) {
                x += p[i];
                y += p[i + 1];
                n++;
            }
        }
        double mx = (mirrored ? -x : x) / n;
        double my = y / n;
        return new double[] {mx * cos - my * sin, mx * sin + my * cos};
    }

    @Test
    void behindAMandalaThePatternIsCleared() {
        PatternSpec spec =
                with(spec(WallpaperGroup.P4, "petal", 6), s -> s.withMandala(Optional.of(new Rosette(8, true)))
                        .withBorder(Surround.Rim.LINE));
        List<Mark> marks = new ColouringPage(spec, AREA).marks();
        Mark.Clip pattern = (Mark.Clip) marks.get(0);
        assertTrue(!pattern.shape().holds(AREA.centreX(), AREA.centreY(), jorn.art.Turn.NONE));
        assertTrue(pattern.shape().holds(AREA.x() + 8, AREA.y() + 8, jorn.art.Turn.NONE));
    }

    @Test
    void fieldsOfAKindHaveOneNumberAndNumbersStandInTheirFields() {
        PatternSpec spec = spec(WallpaperGroup.P4M, "five-petals", 6);
        PatternSpec numbered = spec.withInking(spec.inking().withColours(5));
        MadePage page = MadePage.of(numbered, AREA.width(), AREA.height());
        assertEquals(page.count().orElseThrow().fields(), page.numbers().size());
        Map<Long, Set<Integer>> byRadius = new HashMap<>();
        for (Numbered n : page.numbers()) {
            assertTrue(n.colour() >= 1 && n.colour() <= 5);
            assertTrue(n.radius() * 2 >= ColourField.LEAST.points());
        }
        assertEquals(5, page.numbers().stream().map(Numbered::colour).distinct().count());
        ColouringPage again = new ColouringPage(numbered, new Box(0, 0, AREA.width(), AREA.height()));
        Map<ColourField, Integer> kinds = Numbered.kinds(again.fields(), 5, numbered.seed());
        kinds.forEach((f, c) -> byRadius.computeIfAbsent(Math.round(f.field().area() * 2), k -> new HashSet<>())
                .add(c));
        long alone = byRadius.values().stream().filter(s -> s.size() == 1).count();
        assertTrue(alone > 0.9 * byRadius.size(), alone + " of " + byRadius.size());
    }

    @Test
    void thereAreFortyMotifsAndEachLiesInItsCircle() {
        assertTrue(jorn.pattern.motif.MotifShelf.names().size() >= 40);
        for (String name : jorn.pattern.motif.MotifShelf.names()) {
            for (var line : jorn.pattern.motif.MotifShelf.lines(name)) {
                for (double[] flat : jorn.pattern.motif.Curves.flat(line.path(), 0.01)) {
                    for (int i = 0; i < flat.length; i += 2) {
                        assertTrue(Math.hypot(flat[i], flat[i + 1]) < 1.09, name);
                    }
                }
            }
        }
        assertThrows(Trouble.class, () -> new ShippedMotif("unicorn"));
    }

    @Test
    void whatIsOutOfRangeIsRefused() {
        PatternSpec spec = spec(WallpaperGroup.P4, "petal", 1);
        assertThrows(Trouble.class, () -> spec.repeat().withCell(Length.mm(11)));
        assertThrows(Trouble.class, () -> spec.repeat().withOverlap(101));
        assertThrows(Trouble.class, () -> spec.hold().withSize(6));
        assertThrows(Trouble.class, () -> spec.inking().withWeight(4.5));
        assertThrows(Trouble.class, () -> spec.inking().withColours(1));
        assertThrows(Trouble.class, () -> spec.inking().withCompanions(5));
        assertThrows(Trouble.class, () -> PatternWindow.parse("shape:dragon"));
        assertThrows(Trouble.class, () -> PatternWindow.parse("letter:"));
        assertThrows(Trouble.class, () -> PatternWindow.parse("word:" + "A".repeat(25)));
    }

    @Test
    void aPageIsTheSameEachTime() {
        PatternSpec spec = spec(WallpaperGroup.P31M, "clover", 12);
        assertEquals(new ColouringPage(spec, AREA).inkedMarks(), new ColouringPage(spec, AREA).inkedMarks());
    }
}
