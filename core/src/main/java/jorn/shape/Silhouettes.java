package jorn.shape;

import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import jorn.measure.Trouble;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface.Style;

/**
 * Shapes that are one high, with their left upper corner at nought: silhouettes that ship by name, or any letters.
 *
 * <p>The silhouettes are lists of points of our own, one shape a line: {@code ID smooth x,y …}, or {@code ID mirrored x,y …} for the right half
 * of one, from its head to its foot. A curve is led through the points (Catmull and Rom, 1974); a point with {@code !} behind it is a corner.
 */
public final class Silhouettes {
    private static final Map<String, Path2D> SHIPPED = read();

    /** At which outlines are asked for: large, so that hinting and rounding play no part. */
    private static final float SIZE = 1000;

    private Silhouettes() {}

    /** The names of those that ship. */
    public static List<String> names() {
        return List.copyOf(SHIPPED.keySet());
    }

    public static boolean isShipped(String name) {
        return SHIPPED.containsKey(name);
    }

    /**
     * A silhouette by its name, or the outline of letters.
     *
     * @throws Trouble where the letters have no outline
     */
    public static Shape of(String nameOrLetters) {
        Path2D shipped = SHIPPED.get(nameOrLetters);
        if (shipped != null) {
            return shipped;
        }
        return oneHigh(
                letters(nameOrLetters, TypeShelf.typeface("alegreya-sans").face(Style.BOLD)));
    }

    /**
     * The outline of letters, of a size of 1, standing at nought.
     *
     * @param wanted the face, if it has them
     * @throws Trouble where the letters have no outline
     */
    public static Shape letters(String text, Face wanted) {
        Face face = TypeShelf.able(wanted, text);
        GlyphVector glyphs = face.font()
                .deriveFont(SIZE)
                .layoutGlyphVector(
                        new java.awt.font.FontRenderContext(null, true, true),
                        text.toCharArray(),
                        0,
                        text.length(),
                        java.awt.Font.LAYOUT_LEFT_TO_RIGHT);
        Shape outline =
                AffineTransform.getScaleInstance(1 / SIZE, 1 / SIZE).createTransformedShape(glyphs.getOutline());
        if (outline.getBounds2D().isEmpty()) {
            throw Trouble.of("shape.refused.no-outline", text);
        }
        return outline;
    }

    /** The same shape, one high, with its left upper corner at nought. */
    static Path2D oneHigh(Shape shape) {
        Rectangle2D box = shape.getBounds2D();
        AffineTransform fit = AffineTransform.getScaleInstance(1 / box.getHeight(), 1 / box.getHeight());
        fit.translate(-box.getX(), -box.getY());
        return new Path2D.Double(shape, fit);
    }

    private record Spot(double x, double y, boolean corner) {
        static Spot read(String text) {
            String[] two = text.replace("!", "").split(",", 2);
            return new Spot(Double.parseDouble(two[0]), Double.parseDouble(two[1]), text.endsWith("!"));
        }
    }

    private static Map<String, Path2D> read() {
        Map<String, Path2D> all = new LinkedHashMap<>();
        try (InputStream in =
                Objects.requireNonNull(Silhouettes.class.getResourceAsStream("/jorn/shape/silhouettes.txt"))) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            text.lines().filter(l -> !l.isBlank()).forEach(line -> {
                String[] parts = line.strip().split("\\s+");
                List<Spot> spots = new ArrayList<>();
                for (int i = 2; i < parts.length; i++) {
                    spots.add(Spot.read(parts[i]));
                }
                if (parts[1].equals("mirrored")) {
                    for (int i = spots.size() - 1; i >= 0; i--) {
                        Spot s = spots.get(i);
                        if (s.x() != 0) {
                            spots.add(new Spot(-s.x(), s.y(), s.corner()));
                        }
                    }
                }
                all.put(parts[0], oneHigh(curve(spots)));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }

    /** A closed curve through points: at a corner it has no handle. */
    private static Path2D curve(List<Spot> spots) {
        int n = spots.size();
        Path2D.Double path = new Path2D.Double();
        path.moveTo(spots.get(0).x(), spots.get(0).y());
        for (int i = 0; i < n; i++) {
            Spot before = spots.get((i + n - 1) % n);
            Spot from = spots.get(i);
            Spot to = spots.get((i + 1) % n);
            Spot after = spots.get((i + 2) % n);
            double out = from.corner() ? 0 : 1 / 6.0;
            double in = to.corner() ? 0 : 1 / 6.0;
            path.curveTo(
                    from.x() + (to.x() - before.x()) * out,
                    from.y() + (to.y() - before.y()) * out,
                    to.x() - (after.x() - from.x()) * in,
                    to.y() - (after.y() - from.y()) * in,
                    to.x(),
                    to.y());
        }
        path.closePath();
        return path;
    }
}
