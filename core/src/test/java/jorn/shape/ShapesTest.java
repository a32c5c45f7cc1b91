package jorn.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Shape;
import java.nio.charset.StandardCharsets;
import java.util.List;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.dots.DotPicture;
import jorn.puzzle.dots.DotRules;
import org.junit.jupiter.api.Test;

/** Outlines that ship, of letters, of drawings, and the dots on them. */
class ShapesTest {
    private static String read(String inside) {
        return SvgOutline.read(
                ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'>" + inside + "</svg>")
                        .getBytes(StandardCharsets.UTF_8),
                "bee.svg");
    }

    /** Lines so broad that they can be coloured are ribbons, one where they meet; others stay lines. */
    @Test
    void broadLinesOfADrawingHaveAnInside() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg'><g stroke='black' style='fill: none'>";
        String cross = "<path d='M10 50H90M50 10V90'/></g></svg>";
        List<String> broad = SvgOutline.lines(bytes(head.replace("none", "none; stroke-width: 12px") + cross), "x.svg");
        assertEquals(1, broad.size());
        assertTrue(!broad.get(0).startsWith("open"));
        assertEquals(13, broad.get(0).split(" ").length, 1, "twelve corners of a cross");
        List<String> fine = SvgOutline.lines(bytes(head.replace("none", "none; stroke-width: 3px") + cross), "x.svg");
        assertEquals(2, fine.size());
        assertTrue(fine.stream().allMatch(l -> l.startsWith("open")));
        String turned =
                "<line x1='0' y1='0' x2='40' y2='0' transform='scale(2)' stroke='black' stroke-width='10'/></svg>";
        String bar = SvgOutline.lines(bytes("<svg xmlns='http://www.w3.org/2000/svg'>" + turned), "x.svg")
                .get(0);
        assertEquals(20, SvgOutline.shape(bar).getBounds2D().getHeight(), 0.01, "sized with the part");
        String reckoned = head.replace("none", "none; stroke-width: 3px")
                + cross.replace("<path", "<path stroke-width='calc(2px * 9)'");
        assertEquals(
                2, SvgOutline.lines(bytes(reckoned), "x.svg").size(), "a width that cannot be read is that round it");
    }

    private static byte[] bytes(String svg) {
        return svg.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void everyShapeIsOneHighAndBeginsAtNought() {
        for (String name : Silhouettes.names()) {
            var box = Silhouettes.of(name).getBounds2D();
            assertEquals(0, box.getX(), 1e-9, name);
            assertEquals(0, box.getY(), 1e-9, name);
            assertEquals(1, box.getHeight(), 1e-9, name);
        }
        assertEquals(1, Silhouettes.of("Q").getBounds2D().getHeight(), 1e-9);
        assertThrows(Trouble.class, () -> Silhouettes.of(" "));
    }

    /** Each command of path data, written absolutely and relatively, gives the same line (SVG 1.1, section 8.3). */
    @Test
    void pathsAreReadByTheirStandard() {
        String[][] same = {
            {"M10 10 L90 10 L90 60 L10 60 Z", "m10 10 l80 0 l0 50 l-80 0 z"},
            {"M10,10 90,10 90,60 10,60z", "M10 10H90V60H10Z"},
            {"M10 10C30 -10 70 -10 90 10L50 90Z", "m10,10c20-20 60-20 80 0l-40 80z"},
            {"M10 50C10 20 40 20 50 50S90 80 90 50L50 90Z", "M10 50C10 20 40 20 50 50C60 80 90 80 90 50L50 90Z"},
            {"M10 10Q50 -30 90 10T90 90L10 90Z", "M10 10Q50 -30 90 10Q130 50 90 90L10 90Z"},
        };
        for (String[] pair : same) {
            assertEquals(read("<path d='" + pair[0] + "'/>"), read("<path d='" + pair[1] + "'/>"), pair[0]);
        }
    }

    @Test
    void theLargestClosedLineIsTaken() {
        String wide = read("<circle cx='5' cy='5' r='2'/><rect x='0' y='20' width='80' height='40'/>");
        assertEquals(2, SvgOutline.shape(wide).getBounds2D().getWidth(), 1e-3, "80 : 40");
        String oval = read("<ellipse cx='50' cy='50' rx='40' ry='20'/>");
        assertEquals(2, SvgOutline.shape(oval).getBounds2D().getWidth(), 1e-2);
        String polygon = read("<script>alert(1)</script><polygon points='0,0 30,0 30,10 0,10'/>");
        assertEquals(3, SvgOutline.shape(polygon).getBounds2D().getWidth(), 1e-3);
    }

    @Test
    void whatIsNoDrawingIsRefused() {
        assertThrows(Trouble.class, () -> SvgOutline.read("no svg".getBytes(StandardCharsets.UTF_8), "x.svg"));
        assertThrows(Trouble.class, () -> read("<text>bee</text>"));
        assertThrows(Trouble.class, () -> read("<rect width='many' height='2'/>"));
        StringBuilder many = new StringBuilder("M0 0");
        for (int i = 0; i < 120_000; i++) {
            many.append(" L").append(i % 977).append(' ').append(i % 991);
        }
        assertThrows(Trouble.class, () -> read("<path d='" + many + "Z'/>"));
    }

    private static DotPicture dots(DotRules rules, Grade grade, int turn) {
        return (DotPicture) rules.make(PuzzleOrder.of(grade, 2, turn, turn));
    }

    /** A square has four corners; each bears a dot, and the rest stand between them at equal distances. */
    @Test
    void cornersBearDotsAndTheRestStandEvenly() {
        DotRules rules = DotRules.customary()
                .withOutlines(List.of(read("<rect width='50' height='50'/>")))
                .withDots(20);
        List<DotPicture.Dot> dots = dots(rules, Grade.GENTLE, 0).dots();
        assertEquals(20, dots.size());
        for (double[] corner : new double[][] {{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
            assertTrue(
                    dots.stream().anyMatch(d -> Math.hypot(d.x() - corner[0], d.y() - corner[1]) < 0.02),
                    corner[0] + ", " + corner[1]);
        }
        for (int i = 0; i < 20; i++) {
            DotPicture.Dot a = dots.get(i);
            DotPicture.Dot b = dots.get((i + 1) % 20);
            assertEquals(0.2, Math.hypot(a.x() - b.x(), a.y() - b.y()), 0.02);
        }
    }

    @Test
    void dotsLieOnTheOutlineAndHarderPicturesHaveMore() {
        for (String name : Silhouettes.names()) {
            Shape shape = Silhouettes.of(name);
            DotPicture picture = dots(DotRules.customary().withShapes(List.of(name)), Grade.STEADY, 0);
            for (DotPicture.Dot each : picture.dots()) {
                boolean near = shape.intersects(each.x() - 0.01, each.y() - 0.01, 0.02, 0.02)
                        && !shape.contains(each.x() - 0.01, each.y() - 0.01, 0.02, 0.02);
                assertTrue(near, name + " " + each);
            }
        }
        assertTrue(dots(DotRules.customary(), Grade.HARD, 0).dots().size()
                > dots(DotRules.customary(), Grade.GENTLE, 0).dots().size());
    }

    @Test
    void shapesComeInTurnAndAnotherOneIsAnotherShape() {
        DotRules rules = DotRules.customary();
        assertNotEquals(dots(rules, Grade.GENTLE, 0), dots(rules, Grade.GENTLE, 1));
        PuzzleOrder order = PuzzleOrder.of(Grade.GENTLE, 2, 0, 0);
        assertNotEquals(rules.make(order), rules.make(order.seeded(5)));
        assertThrows(Trouble.class, () -> rules.withDots(3));
    }
}
