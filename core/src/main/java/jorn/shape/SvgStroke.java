package jorn.shape;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How lines of a drawing in SVG are drawn: with or without a filling, how wide, with which ends and corners. What a part does not say is taken from
 * the part round it (W3C, Scalable Vector Graphics 1.1, chapter 11).
 *
 * @param filled whether it has a filling
 * @param drawn whether its line is drawn
 * @param width of the line, in the drawing's own measure
 * @param cap of {@link BasicStroke}
 * @param join of {@link BasicStroke}
 */
record SvgStroke(boolean filled, boolean drawn, double width, int cap, int join) {
    /** What is drawn of which nothing is said: a filling and no line. */
    static final SvgStroke PLAIN = new SvgStroke(true, false, 1, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER);

    private static final double MOST = 1e5;

    /** A number with or without its unit. */
    private static final Pattern LENGTH = Pattern.compile("([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:e[+-]?\\d+)?)\\s*[a-z%]*");

    /**
     * As a part says.
     *
     * @param said its attributes by name; an empty word for those that it has not
     */
    SvgStroke with(UnaryOperator<String> said) {
        Map<String, String> styled = declarations(said.apply("style"));
        UnaryOperator<String> all =
                name -> styled.getOrDefault(name, said.apply(name)).strip();
        String fill = all.apply("fill");
        String stroke = all.apply("stroke");
        return new SvgStroke(
                fill.isEmpty() ? filled : !fill.equals("none"),
                stroke.isEmpty() ? drawn : !stroke.equals("none"),
                width(all.apply("stroke-width")),
                switch (all.apply("stroke-linecap")) {
                    case "round" -> BasicStroke.CAP_ROUND;
                    case "square" -> BasicStroke.CAP_SQUARE;
                    case "butt" -> BasicStroke.CAP_BUTT;
                    default -> cap;
                },
                switch (all.apply("stroke-linejoin")) {
                    case "round" -> BasicStroke.JOIN_ROUND;
                    case "bevel" -> BasicStroke.JOIN_BEVEL;
                    case "miter" -> BasicStroke.JOIN_MITER;
                    default -> join;
                });
    }

    private static Map<String, String> declarations(String style) {
        return Stream.of(style.split(";"))
                .map(d -> d.split(":", 2))
                .filter(d -> d.length == 2)
                .collect(Collectors.toMap(d -> d[0].strip(), d -> d[1], (first, last) -> last));
    }

    private double width(String said) {
        Matcher number = LENGTH.matcher(said);
        if (!number.matches()) {
            // What is reckoned, or says nothing, is as wide as what is round it.
            return width;
        }
        double wide = Double.parseDouble(number.group(1));
        return wide > 0 && wide < MOST ? wide : 0;
    }

    /**
     * Whether nothing is seen of a part but its line.
     *
     * @param flat whether it has no inside that could be filled
     */
    boolean isLineAlone(boolean flat) {
        return drawn && (flat || !filled) && width > 0;
    }

    /** What is black of a line, once it is turned and sized. */
    Shape ribbon(Shape line, AffineTransform at) {
        return at.createTransformedShape(new BasicStroke((float) width, cap, join).createStrokedShape(line));
    }

    /** How wide the line is, once it is turned and sized. */
    double width(AffineTransform at) {
        return width * Math.sqrt(Math.abs(at.getDeterminant()));
    }
}
