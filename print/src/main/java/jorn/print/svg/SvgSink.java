package jorn.print.svg;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkVisitor;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Stamp;
import jorn.art.Turn;
import jorn.text.Outlines;

/**
 * Writes line art as SVG (W3C, Scalable Vector Graphics 1.1), in points. Letters become outlines; what is drawn once and placed many times is
 * written once. Pictures made of pixels, pages made elsewhere and colours that pass into each other are not line art, and are refused.
 */
public final class SvgSink implements MarkVisitor<Void> {
    private final StringBuilder definitions = new StringBuilder();
    private StringBuilder out = new StringBuilder();
    private final Map<Stamp, String> stamps = new HashMap<>();
    private int clips;

    private SvgSink() {}

    /**
     * The drawing of a page.
     *
     * @throws IllegalArgumentException where it is more than line art
     */
    public static String of(PageArt art) {
        SvgSink sink = new SvgSink();
        art.marks().forEach(m -> m.accept(sink));
        Box b = art.trim();
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" version=\"1.1\""
                + " width=\"" + number(b.width()) + "pt\" height=\"" + number(b.height()) + "pt\" viewBox=\""
                + number(b.x()) + " " + number(b.y()) + " " + number(b.width()) + " " + number(b.height()) + "\">\n"
                + "<defs>\n" + sink.definitions + "</defs>\n" + sink.out + "</svg>\n";
    }

    private static String number(double v) {
        double rounded = Math.rint(v * 1000) / 1000;
        return rounded == Math.rint(rounded)
                ? Long.toString((long) rounded)
                : String.format(Locale.ROOT, "%.3f", rounded).replaceAll("0+$", "");
    }

    private static String data(Path path) {
        StringBuilder d = new StringBuilder();
        path.walk(new Path.Walker() {
            @Override
            public void move(double x, double y) {
                d.append('M').append(number(x)).append(' ').append(number(y));
            }

            @Override
            public void line(double x, double y) {
                d.append('L').append(number(x)).append(' ').append(number(y));
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                d.append('C').append(number(x1)).append(' ').append(number(y1));
                d.append(' ').append(number(x2)).append(' ').append(number(y2));
                d.append(' ').append(number(x)).append(' ').append(number(y));
            }

            @Override
            public void close() {
                d.append('Z');
            }
        });
        return d.toString();
    }

    private static String colour(Ink ink) {
        return "#" + ink.hex();
    }

    @Override
    public Void fill(Mark.Fill fill) {
        out.append("<path fill=\"")
                .append(colour(fill.ink()))
                .append("\" d=\"")
                .append(data(fill.path()))
                .append("\"/>\n");
        return null;
    }

    @Override
    public Void stroke(Mark.Stroke stroke) {
        out.append("<path fill=\"none\" stroke=\"")
                .append(colour(stroke.ink()))
                .append("\" stroke-width=\"")
                .append(number(stroke.width()))
                .append('"');
        if (stroke.round()) {
            out.append(" stroke-linecap=\"round\" stroke-linejoin=\"round\"");
        }
        if (!stroke.dash().isEmpty()) {
            out.append(" stroke-dasharray=\"");
            stroke.dash().forEach(d -> out.append(number(d)).append(' '));
            out.append('"');
        }
        out.append(" d=\"").append(data(stroke.path())).append("\"/>\n");
        return null;
    }

    @Override
    public Void words(Mark.Words words) {
        return fill(new Mark.Fill(Outlines.of(words.run(), words.x(), words.y()), words.ink()));
    }

    @Override
    public Void stamped(Mark.Stamped stamped) {
        String id = stamps.get(stamped.stamp());
        if (id == null) {
            id = "s" + (stamps.size() + 1);
            stamps.put(stamped.stamp(), id);
            String inside = written(stamped.inside());
            definitions
                    .append("<g id=\"")
                    .append(id)
                    .append("\">\n")
                    .append(inside)
                    .append("</g>\n");
        }
        out.append("<use xlink:href=\"#").append(id).append("\" x=\"").append(number(stamped.dx()));
        out.append("\" y=\"").append(number(stamped.dy())).append("\"/>\n");
        return null;
    }

    private String written(List<Mark> marks) {
        StringBuilder before = out;
        out = new StringBuilder();
        marks.forEach(m -> m.accept(this));
        String text = out.toString();
        out = before;
        return text;
    }

    @Override
    public Void turned(Mark.Turned turned) {
        Turn t = turned.turn();
        out.append("<g transform=\"matrix(");
        for (double v : new double[] {t.a(), t.b(), t.c(), t.d(), t.e(), t.f()}) {
            out.append(String.format(Locale.ROOT, "%.7g ", v));
        }
        out.append(")\">\n").append(written(turned.marks())).append("</g>\n");
        return null;
    }

    @Override
    public Void clip(Mark.Clip clip) {
        String id = "c" + ++clips;
        definitions.append("<clipPath id=\"").append(id).append("\"><path d=\"");
        definitions.append(data(clip.shape())).append("\"/></clipPath>\n");
        out.append("<g clip-path=\"url(#")
                .append(id)
                .append(")\">\n")
                .append(written(clip.marks()))
                .append("</g>\n");
        return null;
    }

    @Override
    public Void group(Mark.Group group) {
        out.append("<g opacity=\"").append(number(group.opacity())).append("\">\n");
        out.append(written(group.marks())).append("</g>\n");
        return null;
    }

    @Override
    public Void link(Mark.Link link) {
        return null;
    }

    @Override
    public Void shade(Mark.Shade shade) {
        throw new IllegalArgumentException("a passage of colours is no line art");
    }

    @Override
    public Void image(Mark.Image image) {
        throw new IllegalArgumentException("a picture is no line art");
    }

    @Override
    public Void foreign(Mark.Foreign foreign) {
        throw new IllegalArgumentException("a page made elsewhere is no line art");
    }
}
