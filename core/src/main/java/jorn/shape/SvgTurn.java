package jorn.shape;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the turns and moves of SVG (W3C, Scalable Vector Graphics 1.1, section 7.6). */
final class SvgTurn {
    private static final Pattern ONE = Pattern.compile("(matrix|translate|scale|rotate|skewX|skewY)\\s*\\(([^)]*)\\)");

    private SvgTurn() {}

    static AffineTransform of(String text) {
        AffineTransform all = new AffineTransform();
        Matcher m = ONE.matcher(text);
        while (m.find()) {
            List<Double> n = new ArrayList<>();
            for (String each : m.group(2).strip().split("[\\s,]+")) {
                if (!each.isEmpty()) {
                    n.add(Double.parseDouble(each));
                }
            }
            all.concatenate(one(m.group(1), n));
        }
        return all;
    }

    private static double at(List<Double> n, int i, double otherwise) {
        return i < n.size() ? n.get(i) : otherwise;
    }

    private static AffineTransform one(String what, List<Double> n) {
        double first = at(n, 0, 0);
        return switch (what) {
            case "matrix" -> new AffineTransform(n.get(0), n.get(1), n.get(2), n.get(3), n.get(4), n.get(5));
            case "translate" -> AffineTransform.getTranslateInstance(first, at(n, 1, 0));
            case "scale" -> AffineTransform.getScaleInstance(at(n, 0, 1), at(n, 1, at(n, 0, 1)));
            case "rotate" -> AffineTransform.getRotateInstance(Math.toRadians(first), at(n, 1, 0), at(n, 2, 0));
            case "skewX" -> AffineTransform.getShearInstance(Math.tan(Math.toRadians(first)), 0);
            default -> AffineTransform.getShearInstance(0, Math.tan(Math.toRadians(first)));
        };
    }
}
