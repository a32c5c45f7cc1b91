package jorn.shape;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the path data of SVG (W3C, Scalable Vector Graphics 1.1, section 8.3). Arcs are turned from their ends
 * to their middles as its appendix F.6.5 has it. */
final class SvgPath {
    private static final Pattern PART =
            Pattern.compile("([MmLlHhVvCcSsQqTtAaZz])|([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)");

    private final Path2D.Double path = new Path2D.Double();
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** The last handle, which a smooth curve mirrors. */
    private double handleX;

    private double handleY;

    private SvgPath() {}

    static Path2D of(String data) {
        SvgPath reader = new SvgPath();
        Matcher m = PART.matcher(data);
        char command = ' ';
        List<Double> numbers = new ArrayList<>();
        while (m.find()) {
            if (m.group(1) != null) {
                reader.draw(command, numbers);
                numbers.clear();
                command = m.group(1).charAt(0);
            } else if (Character.toLowerCase(command) == 'a'
                    && isFlag(numbers.size())
                    && m.group(2).length() > 1) {
                // The flags of an arc may stand without a space behind them: 01.5 is 0 and 1.5.
                numbers.add((double) (m.group(2).charAt(0) - '0'));
                m.region(m.start() + 1, data.length());
            } else {
                numbers.add(Double.parseDouble(m.group(2)));
            }
        }
        reader.draw(command, numbers);
        return reader.path;
    }

    private static boolean isFlag(int place) {
        return place % 7 == 3 || place % 7 == 4;
    }

    private static int count(char command) {
        return switch (Character.toLowerCase(command)) {
            case 'm', 'l', 't' -> 2;
            case 'h', 'v' -> 1;
            case 'c' -> 6;
            case 's', 'q' -> 4;
            case 'a' -> 7;
            default -> 0;
        };
    }

    private void draw(char command, List<Double> numbers) {
        int count = count(command);
        if (Character.toLowerCase(command) == 'z' && path.getCurrentPoint() != null) {
            path.closePath();
            x = startX;
            y = startY;
        }
        char now = command;
        for (int i = 0; count > 0 && i + count <= numbers.size(); i += count) {
            piece(now, numbers.subList(i, i + count));
            // What follows a move without a letter of its own are lines.
            now = now == 'M' ? 'L' : now == 'm' ? 'l' : now;
        }
    }

    private void piece(char command, List<Double> n) {
        double fromX = Character.isLowerCase(command) ? x : 0;
        double fromY = Character.isLowerCase(command) ? y : 0;
        char kind = Character.toLowerCase(command);
        if (path.getCurrentPoint() == null && kind != 'm') {
            path.moveTo(x, y);
        }
        int last = n.size();
        switch (kind) {
            case 'h' -> to(fromX + n.get(0), y);
            case 'v' -> to(x, fromY + n.get(0));
            case 'm' -> {
                startX = fromX + n.get(0);
                startY = fromY + n.get(1);
                path.moveTo(startX, startY);
                rest(startX, startY);
            }
            case 'c' -> curve(
                    new double[] {fromX + n.get(0), fromY + n.get(1), fromX + n.get(2), fromY + n.get(3)},
                    fromX + n.get(4),
                    fromY + n.get(5));
            case 's' -> curve(
                    new double[] {2 * x - handleX, 2 * y - handleY, fromX + n.get(0), fromY + n.get(1)},
                    fromX + n.get(2),
                    fromY + n.get(3));
            case 'q' -> bend(fromX + n.get(0), fromY + n.get(1), fromX + n.get(2), fromY + n.get(3));
            case 't' -> bend(2 * x - handleX, 2 * y - handleY, fromX + n.get(0), fromY + n.get(1));
            case 'a' -> arc(n, fromX + n.get(last - 2), fromY + n.get(last - 1));
            default -> to(fromX + n.get(last - 2), fromY + n.get(last - 1));
        }
    }

    private void arc(List<Double> n, double toX, double toY) {
        double rx = Math.abs(n.get(0));
        double ry = Math.abs(n.get(1));
        if (rx == 0 || ry == 0 || (toX == x && toY == y)) {
            to(toX, toY);
            return;
        }
        double turn = Math.toRadians(n.get(2));
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double dx = (x - toX) / 2;
        double dy = (y - toY) / 2;
        double ux = cos * dx + sin * dy;
        double uy = cos * dy - sin * dx;
        double beyond = ux * ux / (rx * rx) + uy * uy / (ry * ry);
        if (beyond > 1) {
            rx *= Math.sqrt(beyond);
            ry *= Math.sqrt(beyond);
        }
        double below = rx * rx * uy * uy + ry * ry * ux * ux;
        double root = Math.sqrt(Math.max(0, (rx * rx * ry * ry - below) / below));
        boolean large = n.get(3) != 0;
        boolean sweep = n.get(4) != 0;
        root = large == sweep ? -root : root;
        double cx = root * rx * uy / ry;
        double cy = -root * ry * ux / rx;
        double from = Math.atan2((uy - cy) / ry, (ux - cx) / rx);
        double far = Math.atan2((-uy - cy) / ry, (-ux - cx) / rx) - from;
        if (sweep && far < 0) {
            far += 2 * Math.PI;
        } else if (!sweep && far > 0) {
            far -= 2 * Math.PI;
        }
        // Angles of Java's arcs run the other way round.
        Arc2D arc = new Arc2D.Double(-rx, -ry, 2 * rx, 2 * ry, -Math.toDegrees(from), -Math.toDegrees(far), Arc2D.OPEN);
        AffineTransform at = AffineTransform.getTranslateInstance(
                cos * cx - sin * cy + (x + toX) / 2, sin * cx + cos * cy + (y + toY) / 2);
        at.rotate(turn);
        path.append(arc.getPathIterator(at), true);
        rest(toX, toY);
    }

    private void rest(double toX, double toY) {
        x = toX;
        y = toY;
        handleX = toX;
        handleY = toY;
    }

    private void to(double toX, double toY) {
        path.lineTo(toX, toY);
        rest(toX, toY);
    }

    private void curve(double[] handles, double toX, double toY) {
        path.curveTo(handles[0], handles[1], handles[2], handles[3], toX, toY);
        rest(toX, toY);
        handleX = handles[2];
        handleY = handles[3];
    }

    private void bend(double overX, double overY, double toX, double toY) {
        path.quadTo(overX, overY, toX, toY);
        rest(toX, toY);
        handleX = overX;
        handleY = overY;
    }
}
