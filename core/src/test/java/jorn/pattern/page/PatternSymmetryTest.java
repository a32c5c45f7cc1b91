package jorn.pattern.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Turn;
import jorn.measure.Length;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.OutlineMotif;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ScatteredMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.symmetry.Lattice;
import jorn.pattern.symmetry.WallpaperGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Drawn pages are mapped onto themselves by the generators of their group as the International Tables for Crystallography, volume A, list them,
 * about the middle of the page; and not by a move that the group lacks. The moves are written here once more, apart from the program's.
 */
class PatternSymmetryTest {
    /** As a, b, c, d, e, f of (a·x + b·y + e, c·x + d·y + f), in shares of the cell. */
    private static final Map<String, double[][]> GENERATORS = Map.ofEntries(
            Map.entry("p1", new double[][] {}),
            Map.entry("p2", new double[][] {{-1, 0, 0, -1, 0, 0}}),
            Map.entry("pm", new double[][] {{-1, 0, 0, 1, 0, 0}}),
            Map.entry("pg", new double[][] {{-1, 0, 0, 1, 0, 0.5}}),
            Map.entry("cm", new double[][] {{1, 0, 0, 1, 0.5, 0.5}, {-1, 0, 0, 1, 0, 0}}),
            Map.entry("pmm", new double[][] {{-1, 0, 0, -1, 0, 0}, {-1, 0, 0, 1, 0, 0}}),
            Map.entry("pmg", new double[][] {{-1, 0, 0, -1, 0, 0}, {-1, 0, 0, 1, 0.5, 0}}),
            Map.entry("pgg", new double[][] {{-1, 0, 0, -1, 0, 0}, {-1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("cmm", new double[][] {{1, 0, 0, 1, 0.5, 0.5}, {-1, 0, 0, -1, 0, 0}, {-1, 0, 0, 1, 0, 0}}),
            Map.entry("p4", new double[][] {{-1, 0, 0, -1, 0, 0}, {0, -1, 1, 0, 0, 0}}),
            Map.entry("p4m", new double[][] {{0, -1, 1, 0, 0, 0}, {-1, 0, 0, 1, 0, 0}}),
            Map.entry("p4g", new double[][] {{0, -1, 1, 0, 0, 0}, {-1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("p3", new double[][] {{0, -1, 1, -1, 0, 0}}),
            Map.entry("p3m1", new double[][] {{0, -1, 1, -1, 0, 0}, {0, -1, -1, 0, 0, 0}}),
            Map.entry("p31m", new double[][] {{0, -1, 1, -1, 0, 0}, {0, 1, 1, 0, 0, 0}}),
            Map.entry("p6", new double[][] {{0, -1, 1, -1, 0, 0}, {-1, 0, 0, -1, 0, 0}}),
            Map.entry("p6m", new double[][] {{0, -1, 1, -1, 0, 0}, {-1, 0, 0, -1, 0, 0}, {0, -1, -1, 0, 0, 0}}));

    /** Moves of the same lattice that the group has nowhere: with these it would be another one. */
    private static final Map<String, double[][]> LACKED = Map.ofEntries(
            Map.entry("p1", new double[][] {{-1, 0, 0, -1, 0, 0}}),
            Map.entry("pm", new double[][] {{-1, 0, 0, -1, 0, 0}, {1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("pg", new double[][] {{-1, 0, 0, 1, 0, 0}, {-1, 0, 0, -1, 0, 0}}),
            Map.entry("cm", new double[][] {{-1, 0, 0, -1, 0, 0}, {1, 0, 0, 1, 0.5, 0}}),
            Map.entry("pmm", new double[][] {{1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("pmg", new double[][] {{-1, 0, 0, 1, 0, 0}, {1, 0, 0, -1, 0, 0}}),
            Map.entry("pgg", new double[][] {{-1, 0, 0, 1, 0, 0}, {1, 0, 0, -1, 0, 0}}),
            Map.entry("cmm", new double[][] {{1, 0, 0, 1, 0.5, 0}}),
            Map.entry("p4", new double[][] {{-1, 0, 0, 1, 0, 0}, {0, 1, 1, 0, 0, 0}, {-1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("p4m", new double[][] {{1, 0, 0, 1, 0.5, 0.5}}),
            Map.entry("p4g", new double[][] {{-1, 0, 0, 1, 0, 0}, {0, 1, 1, 0, 0, 0}}),
            Map.entry("p3", new double[][] {{-1, 0, 0, -1, 0, 0}, {0, -1, -1, 0, 0, 0}, {0, 1, 1, 0, 0, 0}}),
            Map.entry("p3m1", new double[][] {{-1, 0, 0, -1, 0, 0}, {0, 1, 1, 0, 0, 0}}),
            Map.entry("p31m", new double[][] {{-1, 0, 0, -1, 0, 0}, {0, -1, -1, 0, 0, 0}}),
            Map.entry("p6", new double[][] {{0, -1, -1, 0, 0, 0}, {0, 1, 1, 0, 0, 0}}));

    private static final Box PAGE = new Box(0, 0, 460, 520);
    /** About the middle, so large that moves stay on the page. */
    private static final double REACH = 130;

    private static PatternSpec spec(WallpaperGroup group, PatternMotif motif, long seed) {
        PatternSpec spec = PatternSpec.of(group, motif, seed);
        // Small enough that whole cells lie about the middle.
        return spec.withRepeat(spec.repeat().withCell(Length.mm(34)).withTurn((int) (seed % 3) * 11.0))
                .withSurround(spec.surround().withBorder(Surround.Rim.NONE));
    }

    /** A move given in shares of the cell, on the page, about its middle. */
    private static Turn onPage(double[] m, PatternSpec spec) {
        Lattice l = spec.repeat().lattice();
        Turn to = new Turn(l.ax(), l.ay(), l.bx(), l.by(), PAGE.centreX(), PAGE.centreY());
        return to.after(new Turn(m[0], m[2], m[1], m[3], m[4], m[5])).after(to.back());
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void theDisplayListIsMappedOntoItself(WallpaperGroup group) {
        PatternSpec spec = spec(group, new ShippedMotif("feather"), group.ordinal());
        Points points = new Points(new ColouringPage(spec, PAGE).marks());
        for (double[] m : GENERATORS.get(group.id())) {
            assertEquals(0, points.off(onPage(m, spec)), 0.02, group + " " + m[0] + " " + m[4]);
        }
        Lattice l = spec.repeat().lattice();
        assertEquals(0, points.off(Turn.move(l.ax(), l.ay())), 0.02);
        assertEquals(0, points.off(Turn.move(l.bx(), l.by())), 0.02);
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void theDisplayListIsNotMappedOntoItselfByWhatTheGroupLacks(WallpaperGroup group) {
        PatternSpec spec = spec(group, new ShippedMotif("twig"), 40 + group.ordinal());
        Points points = new Points(new ColouringPage(spec, PAGE).marks());
        for (double[] m : LACKED.getOrDefault(group.id(), new double[][] {})) {
            assertTrue(points.off(onPage(m, spec)) > 0.15, group + " lacks it, and its page has it");
        }
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void theRasterIsMappedOntoItself(WallpaperGroup group) {
        PatternSpec spec = spec(group, new ScatteredMotif(7L), 80 + group.ordinal());
        List<Mark> marks = new ColouringPage(spec, PAGE).marks();
        BufferedImage upright = raster(marks, Turn.NONE);
        for (double[] m : GENERATORS.get(group.id())) {
            double other = different(upright, raster(marks, onPage(m, spec)));
            assertTrue(other < 0.012, group + ": " + other);
        }
        for (double[] m : LACKED.getOrDefault(group.id(), new double[][] {})) {
            double other = different(upright, raster(marks, onPage(m, spec)));
            assertTrue(other > 0.03, group + " lacks it: " + other);
        }
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void aMotifInGeneralPositionHasTheGroupThatWasAskedFor(WallpaperGroup group) {
        assertEquals(group, ActualGroup.of(PatternSpec.of(group, new ShippedMotif("paisley"), 3)));
        assertEquals(group, ActualGroup.of(PatternSpec.of(group, new ScatteredMotif(11L), 4)));
    }

    @Test
    void aSymmetricMotifRaisesTheGroup() {
        PatternMotif bar = new OutlineMotif("bar", List.of("0,0 4,0 4,1 0,1"), false);
        assertEquals(WallpaperGroup.P2, ActualGroup.of(PatternSpec.of(WallpaperGroup.P1, bar, 1)));
        PatternSpec upright = PatternSpec.of(WallpaperGroup.PM, bar, 1);
        // A bar has two mirrors and a half turn; held upright these fit to the mirrors of the repeat.
        assertEquals(
                WallpaperGroup.PMM,
                ActualGroup.of(upright.withHold(upright.hold().withTurn(0))));
        PatternMotif square = new OutlineMotif("square", List.of("0,0 1,0 1,1 0,1"), false);
        PatternSpec turned = PatternSpec.of(WallpaperGroup.P4, square, 1);
        assertEquals(WallpaperGroup.P4, ActualGroup.of(turned));
        PatternSpec ring = PatternSpec.of(WallpaperGroup.P3, new OutlineMotif("ring", List.of(ring()), true), 1);
        // Where a round motif has most room in p3 it stands on a mirror.
        assertTrue(ActualGroup.of(ring).times() > 3, ActualGroup.of(ring).id());
    }

    private static String ring() {
        double[] xy = new double[48];
        for (int i = 0; i < 24; i++) {
            xy[2 * i] = Math.cos(i * Math.PI / 12);
            xy[2 * i + 1] = Math.sin(i * Math.PI / 12);
        }
        return jorn.shape.Polylines.written(xy);
    }

    /** Points on all lines near the middle, and how far moved ones are from lines. */
    private static final class Points {
        private static final double FINE = 0.5;
        private final List<double[]> near = new ArrayList<>();
        private final java.util.Map<Long, List<double[]>> bins = new java.util.HashMap<>();

        Points(List<Mark> marks) {
            for (Marks.Standing each : Marks.standing(marks)) {
                if (!(each.mark() instanceof Mark.Stroke s)) {
                    continue;
                }
                for (double[] flat : Curves.flat(s.path().turned(each.at()), 0.01)) {
                    double length = 0;
                    for (int i = 2; i < flat.length; i += 2) {
                        length += Math.hypot(flat[i] - flat[i - 2], flat[i + 1] - flat[i - 1]);
                    }
                    int count = Math.max(2, (int) Math.ceil(length / FINE));
                    double[] points = Curves.spaced(flat, count);
                    for (int i = 0; i < points.length; i += 2) {
                        double[] p = {points[i], points[i + 1], s.width()};
                        bins.computeIfAbsent(key(p[0], p[1]), k -> new ArrayList<>())
                                .add(p);
                        if (Math.hypot(p[0] - PAGE.centreX(), p[1] - PAGE.centreY()) < REACH / 2 && i % 8 == 0) {
                            near.add(p);
                        }
                    }
                }
            }
            assertTrue(near.size() > 200, "lines near the middle: " + near.size());
        }

        private static long key(double x, double y) {
            return (long) Math.floor(x) * 100_003L + (long) Math.floor(y);
        }

        /** The share of points near the middle that the move does not bring onto a line of the same weight. */
        double off(Turn move) {
            int off = 0;
            for (double[] p : near) {
                if (!onALine(move.x(p[0], p[1]), move.y(p[0], p[1]), p[2])) {
                    off++;
                }
            }
            return (double) off / near.size();
        }

        private boolean onALine(double x, double y, double weight) {
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    for (double[] q : bins.getOrDefault(key(x + i, y + j), List.of())) {
                        if (q[2] == weight && Math.hypot(q[0] - x, q[1] - y) < FINE * 0.6) {
                            return true;
                        }
                    }
                }
            }
            return false;
        }
    }

    private static BufferedImage raster(List<Mark> marks, Turn move) {
        BufferedImage image = new BufferedImage(260, 260, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 260, 260);
        g.setColor(Color.BLACK);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.translate(130 - PAGE.centreX(), 130 - PAGE.centreY());
        g.transform(new AffineTransform(move.a(), move.b(), move.c(), move.d(), move.e(), move.f()));
        for (Marks.Standing each : Marks.standing(marks)) {
            if (each.mark() instanceof Mark.Stroke s) {
                g.setStroke(new BasicStroke((float) s.width(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                g.draw(s.path().turned(each.at()).asShape());
            }
        }
        g.dispose();
        return image;
    }

    /** The share of pixels in the middle that are clearly not alike. */
    private static double different(BufferedImage a, BufferedImage b) {
        int other = 0;
        int all = 0;
        for (int x = 65; x < 195; x++) {
            for (int y = 65; y < 195; y++) {
                all++;
                other += Math.abs((a.getRGB(x, y) & 255) - (b.getRGB(x, y) & 255)) > 90 ? 1 : 0;
            }
        }
        return (double) other / all;
    }
}
