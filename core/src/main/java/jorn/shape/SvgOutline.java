package jorn.shape;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import jorn.measure.Trouble;

/**
 * The outline of a drawing in SVG: the largest closed line of its paths, polygons, circles and boxes, as it is written (W3C, Scalable Vector
 * Graphics 1.1, chapters 8 and 9). Scripts, styles and all that is elsewhere are passed over; turns and moves of parts are followed.
 */
public final class SvgOutline {
    private static final int MOST_POINTS = 100_000;

    /** So many points of it are kept. */
    private static final int KEPT = 600;

    private static final double FLAT = 0.002;

    /** A line of such a share of half the drawing's diagonal is about 2 mm wide where the drawing is repeated at its customary size. */
    private static final double BROAD = 0.17;

    /** Outlines of lines with more points are not joined: it takes too long. */
    private static final int MOST_JOINED = 4_000;

    private static final Set<String> UNSEEN =
            Set.of("defs", "symbol", "clipPath", "mask", "pattern", "marker", "metadata", "linearGradient");

    private SvgOutline() {}

    /**
     * Reads the outline.
     *
     * @param name of the file, to speak of it
     * @return points of a shape that is one high, {@code x,y x,y …}; {@link #shape} makes it one again
     * @throws Trouble where there is none, or it has more than 100,000 points
     */
    public static String read(byte[] svg, String name) {
        Shape largest = null;
        double most = 0;
        for (Piece each : pieces(svg, name)) {
            Shape line = each.line();
            if (size(line) > most) {
                most = size(line);
                largest = line;
            }
        }
        if (largest == null) {
            throw Trouble.of("shape.refused.no-line", name);
        }
        return written(Silhouettes.oneHigh(largest), name);
    }

    /** The shape of what {@link #read} gave. */
    public static Shape shape(String points) {
        Path2D.Double path = new Path2D.Double();
        for (String each : points.split(" ")) {
            String[] two = each.split(",");
            double x = Double.parseDouble(two[0]);
            double y = Double.parseDouble(two[1]);
            if (path.getCurrentPoint() == null) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        path.closePath();
        return path;
    }

    private static String written(Path2D shape, String name) {
        List<double[]> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = new FlatteningPathIterator(shape.getPathIterator(null), FLAT, 10);
                !i.isDone();
                i.next()) {
            if (i.currentSegment(at) != PathIterator.SEG_CLOSE) {
                points.add(at.clone());
            }
            if (points.size() > MOST_POINTS) {
                throw Trouble.of("shape.refused.too-many-points", name, MOST_POINTS);
            }
        }
        StringBuilder text = new StringBuilder();
        int step = Math.max(1, (points.size() + KEPT - 1) / KEPT);
        for (int i = 0; i < points.size(); i += step) {
            text.append(text.isEmpty() ? "" : " ")
                    .append(String.format(Locale.ROOT, "%.4f,%.4f", points.get(i)[0], points.get(i)[1]));
        }
        return text.toString();
    }

    /** A line of the drawing, as it is written, and what is done to it. */
    private record Piece(Shape written, SvgStroke stroke, AffineTransform at) {
        Shape line() {
            return at.createTransformedShape(written);
        }

        /** Whether nothing is seen of it but its line, and that at least so wide. */
        boolean isBroad(double least) {
            return stroke.isLineAlone(written instanceof Line2D) && stroke.width(at) >= least;
        }

        /** What is black of its line. */
        Shape ribbon() {
            return stroke.ribbon(written, at);
        }
    }

    /** Every line of the drawing as a shape of its own. */
    private static List<Piece> pieces(byte[] svg) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(svg));
        List<Piece> all = new ArrayList<>();
        Deque<AffineTransform> turns = new ArrayDeque<>();
        turns.push(new AffineTransform());
        Deque<SvgStroke> strokes = new ArrayDeque<>();
        strokes.push(SvgStroke.PLAIN);
        int unseen = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                turns.pop();
                strokes.pop();
                unseen = Math.max(0, unseen - 1);
            } else if (event == XMLStreamConstants.START_ELEMENT) {
                AffineTransform at = new AffineTransform(turns.element());
                at.concatenate(SvgTurn.of(text(xml, "transform")));
                turns.push(at);
                SvgStroke stroke = strokes.element().with(attribute -> text(xml, attribute));
                strokes.push(stroke);
                // What stands in definitions, masks and the like is not seen where it stands.
                unseen += unseen > 0
                                || UNSEEN.contains(xml.getLocalName())
                                || text(xml, "display").equals("none")
                        ? 1
                        : 0;
                if (unseen == 0) {
                    drawn(xml).forEach(s -> all.add(new Piece(s, stroke, at)));
                }
            }
        }
        return all;
    }

    private static List<Shape> drawn(XMLStreamReader xml) {
        return switch (xml.getLocalName()) {
            case "path" -> split(SvgPath.of(text(xml, "d")));
            case "polygon" -> split(SvgPath.of("M" + text(xml, "points") + "Z"));
            case "polyline" -> split(SvgPath.of("M" + text(xml, "points")));
            case "line" -> List.of(
                    new Line2D.Double(number(xml, "x1"), number(xml, "y1"), number(xml, "x2"), number(xml, "y2")));
            case "circle" -> List.of(oval(xml, number(xml, "r"), number(xml, "r")));
            case "ellipse" -> List.of(oval(xml, number(xml, "rx"), number(xml, "ry")));
            case "rect" -> List.of(new Area(new Rectangle2D.Double(
                    number(xml, "x"), number(xml, "y"), number(xml, "width"), number(xml, "height"))));
            default -> List.of();
        };
    }

    /**
     * All lines of a drawing, the largest first, with no more points than are needed. Of lines so broad that their inside can be coloured, the outline
     * is taken, as one shape where they meet.
     *
     * @param name of the file, to speak of it
     * @return points as {@code x,y x,y …}, with {@code open} before those that do not lead back to where they began
     * @throws Trouble where there is none, or they have more than 100,000 points
     */
    public static List<String> lines(byte[] svg, String name) {
        List<Piece> pieces = pieces(svg, name);
        if (pieces.isEmpty()) {
            throw Trouble.of("shape.refused.no-line", name);
        }
        Rectangle2D box = pieces.get(0).line().getBounds2D();
        for (Piece p : pieces) {
            box.add(p.line().getBounds2D());
        }
        List<Shape> all = shapes(pieces, BROAD * Math.hypot(box.getWidth(), box.getHeight()) / 2);
        all.sort(Comparator.comparingDouble(SvgOutline::size).reversed());
        double fine = Math.max(box.getWidth(), box.getHeight()) * FLAT;
        List<String> lines = new ArrayList<>();
        int points = 0;
        for (Shape s : all) {
            for (double[] line : Polylines.of(s, fine)) {
                points += line.length / 2;
                if (points > MOST_POINTS) {
                    throw Trouble.of("shape.refused.too-many-points", name, MOST_POINTS);
                }
                boolean open = !Polylines.isRing(line);
                double[] simple = Polylines.simplified(line, fine);
                lines.add((open ? "open " : "") + Polylines.written(simple));
            }
        }
        return lines;
    }

    /** The lines as they are, and the outline of those that are broad. */
    private static List<Shape> shapes(List<Piece> pieces, double broad) {
        List<Shape> all = new ArrayList<>();
        Area ribbons = new Area();
        int points = 0;
        for (Piece p : pieces) {
            if (p.isBroad(broad)) {
                Shape ribbon = p.ribbon();
                points += corners(ribbon);
                if (points <= MOST_JOINED) {
                    ribbons.add(new Area(ribbon));
                    continue;
                }
            }
            all.add(p.line());
        }
        all.addAll(split(new Path2D.Double(ribbons)));
        return all;
    }

    private static int corners(Shape shape) {
        int count = 0;
        for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            count++;
        }
        return count;
    }

    private static double size(Shape s) {
        Rectangle2D b = s.getBounds2D();
        return b.getWidth() * b.getHeight();
    }

    private static List<Piece> pieces(byte[] svg, String name) {
        try {
            return pieces(svg);
        } catch (XMLStreamException
                | NumberFormatException
                | IndexOutOfBoundsException
                | NoSuchElementException
                | IllegalPathStateException e) {
            throw Trouble.because(e, "shape.refused.not-svg", name);
        }
    }

    private static Shape oval(XMLStreamReader xml, double rx, double ry) {
        return new Ellipse2D.Double(number(xml, "cx") - rx, number(xml, "cy") - ry, 2 * rx, 2 * ry);
    }

    private static String text(XMLStreamReader xml, String name) {
        String text = xml.getAttributeValue(null, name);
        return text == null ? "" : text;
    }

    private static double number(XMLStreamReader xml, String name) {
        String text = text(xml, name).replaceAll("[a-z%]+$", "");
        return text.isBlank() ? 0 : Double.parseDouble(text);
    }

    private static List<Shape> split(Path2D path) {
        List<Shape> all = new ArrayList<>();
        Path2D.Double piece = new Path2D.Double();
        double[] at = new double[6];
        for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> {
                    piece = new Path2D.Double();
                    all.add(piece);
                    piece.moveTo(at[0], at[1]);
                }
                case PathIterator.SEG_LINETO -> piece.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO -> piece.quadTo(at[0], at[1], at[2], at[3]);
                case PathIterator.SEG_CUBICTO -> piece.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> piece.closePath();
            }
        }
        return all;
    }
}
