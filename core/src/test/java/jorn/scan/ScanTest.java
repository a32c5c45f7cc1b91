package jorn.scan;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drawings that the test draws, lights, turns and photographs itself, and what comes back. */
class ScanTest {
    private static final int W = 600;
    private static final int H = 800;

    private static BufferedImage sheet(int w, int h) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.dispose();
        return image;
    }

    /** A ring, a cross and a border, each where it is known to be. */
    private static BufferedImage drawing() {
        BufferedImage image = sheet(W, H);
        Graphics2D g = pen(image, 6);
        g.draw(new Ellipse2D.Double(150, 200, 300, 300));
        g.draw(new Line2D.Double(100, 650, 500, 650));
        g.draw(new Line2D.Double(300, 560, 300, 740));
        g.dispose();
        return image;
    }

    private static Graphics2D pen(BufferedImage image, float width) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(25, 25, 30));
        g.setStroke(new BasicStroke(width));
        return g;
    }

    private static Scan scan(BufferedImage image) {
        return new Scan(
                image.getWidth(),
                image.getHeight(),
                image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
    }

    /** Photographed from aslant on a brown table, lit from one side, with noise; by the test's own arithmetic. */
    private static Scan photographed(BufferedImage sheet, double[] q, double shade) {
        int w = 1000;
        int h = 1100;
        int[] rgb = new int[w * h];
        Random noise = new Random(4);
        // Where each pixel of the photograph lies on the sheet.
        double[] m = projection(q, sheet.getWidth(), sheet.getHeight());
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double d = m[6] * x + m[7] * y + m[8];
                double sx = (m[0] * x + m[1] * y + m[2]) / d;
                double sy = (m[3] * x + m[4] * y + m[5]) / d;
                double light = 1 - shade * x / w;
                int p;
                if (sx >= 0 && sy >= 0 && sx < sheet.getWidth() - 1 && sy < sheet.getHeight() - 1) {
                    p = mixed(sheet, sx, sy);
                    p = tinted(p, 0.93 * light, 0.9 * light, 0.82 * light);
                } else {
                    p = tinted(0x6B4A30, light, light, light);
                }
                int n = noise.nextInt(9) - 4;
                rgb[y * w + x] = noisy(p, n);
            }
        }
        return new Scan(w, h, rgb);
    }

    private static int noisy(int p, int n) {
        int out = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            out |= Math.max(0, Math.min(255, (p >> shift & 255) + n)) << shift;
        }
        return out;
    }

    private static int mixed(BufferedImage s, double x, double y) {
        int x0 = (int) x;
        int y0 = (int) y;
        double fx = x - x0;
        double fy = y - y0;
        int out = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double v = (s.getRGB(x0, y0) >> shift & 255) * (1 - fx) * (1 - fy)
                    + (s.getRGB(x0 + 1, y0) >> shift & 255) * fx * (1 - fy)
                    + (s.getRGB(x0, y0 + 1) >> shift & 255) * (1 - fx) * fy
                    + (s.getRGB(x0 + 1, y0 + 1) >> shift & 255) * fx * fy;
            out |= (int) Math.round(v) << shift;
        }
        return out;
    }

    private static int tinted(int p, double r, double g, double b) {
        return (int) ((p >> 16 & 255) * r) << 16 | (int) ((p >> 8 & 255) * g) << 8 | (int) ((p & 255) * b);
    }

    /** Eight equations for the projection from four corners of the photograph onto the sheet, solved by elimination. */
    private static double[] projection(double[] q, double w, double h) {
        double[][] to = {{0, 0}, {w, 0}, {w, h}, {0, h}};
        double[][] a = new double[8][9];
        for (int i = 0; i < 4; i++) {
            double x = q[2 * i];
            double y = q[2 * i + 1];
            a[2 * i] = new double[] {x, y, 1, 0, 0, 0, -to[i][0] * x, -to[i][0] * y, to[i][0]};
            a[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -to[i][1] * x, -to[i][1] * y, to[i][1]};
        }
        for (int c = 0; c < 8; c++) {
            int best = c;
            for (int r = c; r < 8; r++) {
                best = Math.abs(a[r][c]) > Math.abs(a[best][c]) ? r : best;
            }
            double[] swap = a[c];
            a[c] = a[best];
            a[best] = swap;
            for (int r = 0; r < 8; r++) {
                if (r != c) {
                    double f = a[r][c] / a[c][c];
                    for (int k = c; k < 9; k++) {
                        a[r][k] -= f * a[c][k];
                    }
                }
            }
        }
        double[] m = new double[9];
        for (int i = 0; i < 8; i++) {
            m[i] = a[i][8] / a[i][i];
        }
        m[8] = 1;
        return m;
    }

    @ParameterizedTest
    @CsvSource({
        "150,120,820,160,860,1000,110,960",
        "260,90,905,240,760,1010,90,890",
        "120,200,900,130,880,930,190,1020",
    })
    void thePaperIsFoundOnATable(
            double x1, double y1, double x2, double y2, double x3, double y3, double x4, double y4) {
        double[] q = {x1, y1, x2, y2, x3, y3, x4, y4};
        double[] found = Paper.corners(photographed(drawing(), q, 0.35)).orElseThrow();
        assertArrayEquals(q, found, 2.5);
    }

    @Test
    void aPhotographOfADrawingBecomesTheDrawing() {
        double[] q = {150, 120, 820, 160, 860, 1000, 110, 960};
        Cleaned clean = Cleaned.of(photographed(drawing(), q, 0.35), Cleaning.LINE_ART.withInto(Cleaning.Into.BLACK))
                .get(0);
        Scan s = clean.scan();
        double sx = (double) s.width() / W;
        double sy = (double) s.height() / H;
        // Against the drawing before it was photographed: a share of the rim is trimmed.
        int wrong = 0;
        int ink = 0;
        BufferedImage original = drawing();
        for (int y = 20; y < H - 20; y++) {
            for (int x = 20; x < W - 20; x++) {
                boolean black = (original.getRGB(x, y) & 255) < 128;
                ink += black ? 1 : 0;
                boolean there = near(s, (int) (x * sx), (int) (y * sy), black);
                wrong += there ? 0 : 1;
            }
        }
        assertTrue(wrong < 0.03 * ink, wrong + " of " + ink);
    }

    /** Whether a pixel of a kind lies within a few pixels: a thick line that moved by one or two is no other drawing. */
    private static boolean near(Scan s, int x, int y, boolean black) {
        int r = 6;
        for (int j = -r; j <= r; j++) {
            for (int i = -r; i <= r; i++) {
                int px = Math.max(0, Math.min(s.width() - 1, x + i));
                int py = Math.max(0, Math.min(s.height() - 1, y + j));
                if ((s.rgb(px, py) & 255) < 128 == black) {
                    return true;
                }
            }
        }
        return false;
    }

    @Test
    void aScanWithoutATableIsLeftAsItStands() {
        assertTrue(Paper.corners(scan(drawing())).isEmpty());
    }

    @Test
    void unevenLightBecomesWhitePaperAndColoursStay() {
        BufferedImage image = drawing();
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(220, 30, 30));
        g.fillRect(420, 60, 40, 40);
        g.dispose();
        int[] rgb = new int[W * H];
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                rgb[y * W + x] = tinted(image.getRGB(x, y), 1 - 0.4 * x / W, 0.97 - 0.4 * x / W, 0.85 - 0.35 * x / W);
            }
        }
        Scan white = Whitening.of(new Scan(W, H, rgb));
        for (int[] p : new int[][] {{20, 20}, {580, 20}, {20, 780}, {580, 780}, {300, 100}}) {
            int v = white.rgb(p[0], p[1]);
            assertTrue((v & 255) > 245 && (v >> 8 & 255) > 245 && (v >> 16 & 255) > 245, Integer.toHexString(v));
        }
        int red = white.rgb(440, 80);
        assertTrue((red >> 16 & 255) > 180 && (red & 255) < 90, Integer.toHexString(red));
    }

    @Test
    void severalDrawingsOnOneScanAreParted() {
        BufferedImage image = sheet(900, 1200);
        Graphics2D g = pen(image, 5);
        g.draw(new Ellipse2D.Double(60, 60, 320, 400));
        g.draw(new Ellipse2D.Double(120, 140, 60, 60));
        g.draw(new Ellipse2D.Double(520, 90, 300, 300));
        g.drawRect(100, 700, 700, 380);
        g.dispose();
        List<Cleaned> all = Cleaned.of(scan(image), Cleaning.LINE_ART.withPart(true));
        assertEquals(3, all.size());
        assertEquals(320, all.get(0).scan().width(), 50);
        assertEquals(300, all.get(1).scan().height(), 50);
        assertEquals(700, all.get(2).scan().width(), 50);
        assertEquals(1, Cleaned.of(scan(image), Cleaning.LINE_ART).size());
    }

    @ParameterizedTest
    @CsvSource({"6", "9", "13"})
    void thePrintScreenOfAPictureIsFoundAndRemoved(int period) {
        BufferedImage image = sheet(W, H);
        Graphics2D g = pen(image, 13);
        g.draw(new Ellipse2D.Double(150, 200, 300, 300));
        g.setColor(new Color(90, 90, 90));
        for (int y = 100; y < 620; y += period) {
            for (int x = 80; x < 520; x += period) {
                g.fill(new Ellipse2D.Double(x, y, period * 0.55, period * 0.55));
            }
        }
        g.dispose();
        Scan dotted = scan(image);
        assertEquals(period, Screen.period(dotted.grey()).orElseThrow(), 0.6);
        Cleaned clean = Cleaned.of(dotted, Cleaning.LINE_ART.withThreshold(55).withInto(Cleaning.Into.BLACK))
                .get(0);
        int specks = 0;
        for (int y = 260; y < 440; y++) {
            for (int x = 210; x < 390; x++) {
                specks += (clean.scan().rgb(x, y) & 255) < 128 ? 1 : 0;
            }
        }
        assertEquals(0, specks, "dots inside of the ring");
        assertTrue(near(clean.scan(), 150, 350, true), "the ring itself stays");
    }

    @Test
    void aDrawingWithoutDotsHasNoScreen() {
        assertTrue(Screen.period(scan(drawing()).grey()).isEmpty());
    }

    @Test
    void specksAndPinholesGoAndLinesStay() {
        BufferedImage image = drawing();
        Random random = new Random(9);
        for (int i = 0; i < 300; i++) {
            image.setRGB(random.nextInt(W), random.nextInt(H), 0);
        }
        Bits dirty = Bits.of(scan(image).grey(), 128);
        Bits clean = dirty.withoutSpecks(12);
        Bits wanted = Bits.of(scan(drawing()).grey(), 128);
        assertTrue(dirty.count() > wanted.count() + 200);
        assertEquals(wanted.count(), clean.count(), 40);
    }

    /** The area between two circles is known. */
    @Test
    void outlinesOfARingHaveItsArea() {
        List<double[]> rings = Cleaned.of(scan(ringOnly()), Cleaning.LINE_ART.withThreshold(55))
                .get(0)
                .outlines()
                .orElseThrow();
        assertEquals(2, rings.size());
        double area = rings.stream().mapToDouble(Contours::area).sum();
        double wanted = Math.PI * (153 * 153 - 147 * 147);
        assertEquals(wanted, Math.abs(area), wanted * 0.03);
        assertTrue(rings.get(0).length < 400, "simplified: " + rings.get(0).length / 2);
    }

    private static BufferedImage ringOnly() {
        BufferedImage image = sheet(W, H);
        Graphics2D g = pen(image, 6);
        g.draw(new Ellipse2D.Double(150, 200, 300, 300));
        g.dispose();
        return image;
    }

    @Test
    void outlinesLieWhereTheEdgeIs() {
        BufferedImage image = sheet(60, 60);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.fillRect(10, 20, 30, 15);
        g.dispose();
        double[] ring = Contours.of(scan(image).grey(), 128, 0.2, 4).get(0);
        double left = 99;
        double right = 0;
        double top = 99;
        double bottom = 0;
        for (int i = 0; i < ring.length; i += 2) {
            left = Math.min(left, ring[i]);
            right = Math.max(right, ring[i]);
            top = Math.min(top, ring[i + 1]);
            bottom = Math.max(bottom, ring[i + 1]);
        }
        assertArrayEquals(new double[] {10, 40, 20, 35}, new double[] {left, right, top, bottom}, 0.02);
    }

    /** Pixels that touch at corners only, both ways round. */
    @Test
    void everyOutlineIsClosedWhateverThePixels() {
        Random random = new Random(3);
        int[] rgb = new int[40 * 40];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = random.nextInt(256) * 0x010101;
        }
        for (double[] ring : Contours.of(new Scan(40, 40, rgb).grey(), 120, 0, 0)) {
            assertEquals(ring[0], ring[ring.length - 2]);
            assertEquals(ring[1], ring[ring.length - 1]);
            for (int i = 2; i + 1 < ring.length; i += 2) {
                assertTrue(Math.hypot(ring[i] - ring[i - 2], ring[i + 1] - ring[i - 1]) < 1.5, "no jump");
            }
        }
    }

    /** Of two heights the best parting lies between them (Otsu 1979). */
    @Test
    void darkAndBrightArePartedBetween() {
        int[] rgb = new int[1000];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = (i % 4 == 0 ? 40 : 200) * 0x010101;
        }
        int level = new Scan(100, 10, rgb).grey().parting();
        assertTrue(level >= 40 && level < 200, "" + level);
        assertEquals(119, level, 1);
    }

    @Test
    void settingsOutOfRangeAreRefused() {
        assertThrows(Trouble.class, () -> Cleaning.LINE_ART.withThreshold(100));
        assertThrows(Trouble.class, () -> Cleaning.LINE_ART.withThreshold(-1));
        assertThrows(Trouble.class, () -> Cleaning.LINE_ART.withSpecks(21));
    }

    @Test
    void theProjectionBringsCornersOntoCorners() {
        double[] q = {3, 5, 103, 11, 97, 160, -4, 149};
        Perspective p = Perspective.onto(50, 80, q);
        double[] found = {p.x(0, 0), p.y(0, 0), p.x(50, 0), p.y(50, 0), p.x(50, 80), p.y(50, 80), p.x(0, 80), p.y(0, 80)
        };
        assertArrayEquals(q, found, 1e-9);
    }
}
