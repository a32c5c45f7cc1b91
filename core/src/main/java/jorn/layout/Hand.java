package jorn.layout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.say.BookWords;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.TypeShelf;

/**
 * Fills a page in as somebody would with a pen, for a picture that shows a buyer what it is for. It never stands on a page that is
 * printed. What it writes is made up; where it knows no words it leaves a wave, as writing looks from afar.
 */
public final class Hand {
    private static final Ink PEN = new Ink.Rgb(38, 54, 112);
    private static final Ink PENCIL = new Ink.Rgb(126, 150, 196);
    private static final double STROKE = 0.9;

    private final List<Mark> out;
    private final SplittableRandom chance;
    private final String language;
    private final String design;
    private final double step;
    private final Face face = TypeShelf.typeface("caveat").regular();
    private final Map<String, Integer> used = new HashMap<>();
    private String about = "";

    /**
     * @param design whose page it is, by its id: some words are written otherwise there
     * @param out where its strokes are added
     */
    public Hand(String design, Flow flow, List<Mark> out) {
        this.design = design;
        this.out = out;
        this.language = flow.calendar().language();
        this.step = flow.grid().step();
        this.chance = new SplittableRandom(design.hashCode());
    }

    /** The same pen, writing about something else: under a title, in a box. */
    void about(String title) {
        about = BookWords.key(title).orElse(about);
    }

    /** What it is writing about: the key of the nearest title; empty where there is none. */
    public String about() {
        return about;
    }

    /** Goes back to what it was writing about before. */
    void back(String before) {
        about = before;
    }

    /** A whole number from 0, below another. */
    public int below(int bound) {
        return chance.nextInt(Math.max(1, bound));
    }

    public double between(double least, double most) {
        return chance.nextDouble(least, most);
    }

    /** Something to write under a label: the next of what is known for its key. */
    public Optional<String> words(String label) {
        String key = BookWords.key(label).orElse(label);
        return samples(label).map(a -> a.get((used.merge(key, 1, Integer::sum) - 1) % a.size()));
    }

    /** How many different things could be written under a label; 0 where nothing is known for it. */
    public int known(String label) {
        return samples(label).map(List::size).orElse(0);
    }

    private Optional<List<String>> samples(String label) {
        String key = BookWords.key(label).orElse(label);
        return BookWords.samples(language, design + "." + key).or(() -> BookWords.samples(language, key));
    }

    /** Writes something fitting for a label, or a wave. */
    public void note(String label, Box in, double base) {
        Optional<String> words = words(label);
        if (words.isPresent()) {
            write(words.get(), in, base);
        } else {
            wave(in.x() + step * 0.2, in.x() + in.width() * between(0.5, 0.85), base);
        }
    }

    /**
     * Writes on several lines about something.
     *
     * @param about a title
     * @param y where the first line's row begins
     */
    public void lines(String about, Box in, double y, int count) {
        Optional<String> text = words("lines-" + BookWords.key(about).orElse(about));
        String left = text.or(() -> words("lines")).orElse("");
        for (int i = 0; i < count; i++) {
            double base = y + (i + 1) * step - step * 0.27;
            if (left.isEmpty()) {
                if (text.isEmpty()) {
                    wave(in.x() + step * 0.2, in.x() + in.width() * between(0.75, 0.98), base);
                }
            } else {
                int fits = fitting(left, in.width() - 4);
                write(left.substring(0, fits).strip(), in, base);
                left = left.substring(fits).strip();
            }
        }
    }

    /** How much of a text fits on a line. */
    private int fitting(String text, double room) {
        int end = text.length();
        while (end > 0
                && Shaper.shape(face, step * 0.76, text.substring(0, end), 0).width() > room) {
            int space = text.lastIndexOf(' ', end - 1);
            end = space > 0 ? space : end - 1;
        }
        return Math.max(1, end);
    }

    /** Writes words on a line. */
    public void write(String words, Box in, double base) {
        write(words, in, base, Align.LEFT);
    }

    /** Writes words on a line, smaller where they are long. */
    public void write(String words, Box in, double base, Align align) {
        double room = in.width() - 2;
        if (words.isBlank() || room < step * 0.5) {
            return;
        }
        double size = step * between(0.68, 0.76);
        double wide = Shaper.shape(face, size, words, 0).width();
        if (wide > room) {
            size = Math.max(5.5, size * room / wide);
        }
        GlyphRun run = Shaper.shape(face, size, words, 0);
        if (run.width() > room + 0.5) {
            String shorter = words.contains(" ") ? words.substring(0, words.lastIndexOf(' ')) : "";
            write(shorter, in, base, align);
            return;
        }
        double x = in.x() + 1 + align.before(room - run.width());
        out.add(new Mark.Words(x, base - between(0, step * 0.05), run, PEN));
    }

    /** Writes upward along a tall narrow place. */
    public void upright(String label, Box in) {
        words(label).ifPresent(w -> {
            double size = Math.min(step * 0.66, in.width() * 0.72);
            GlyphRun run = Shaper.shape(face, size, w, 0);
            if (run.width() <= in.height()) {
                double x = in.centreX() + size * 0.28;
                double y = in.bottom();
                List<Mark> word = List.of(new Mark.Words(0, 0, run, PEN));
                out.add(new Mark.Turned(Turn.quarterUp(x, y), word));
            }
        });
    }

    /** A tick in something to tick. */
    public void tick(double x, double y, double side) {
        stroke(Path.builder()
                .move(x + side * 0.12, y + side * between(0.45, 0.6))
                .line(x + side * 0.4, y + side * between(0.8, 0.92))
                .line(x + side * between(0.95, 1.15), y - side * between(0, 0.2))
                .build());
    }

    public void dot(double x, double y) {
        out.add(new Mark.Fill(Pen.circle(x, y, 1.5), PEN));
    }

    public void stroke(Path path) {
        out.add(new Mark.Stroke(path, STROKE, PEN));
    }

    /** Colours a field with a pencil, in slanting strokes. */
    public void hatch(Box in) {
        Path.Builder strokes = Path.builder();
        double gap = 2.1;
        if (in.width() + in.height() <= gap / 2) {
            return;
        }
        for (double d = gap / 2; d < in.width() + in.height(); d += gap) {
            double x1 = in.x() + Math.min(d, in.width());
            double y1 = in.y() + Math.max(0, d - in.width());
            double x2 = in.x() + Math.max(0, d - in.height());
            double y2 = in.y() + Math.min(d, in.height());
            strokes.move(x1, y1).line(x2, y2);
        }
        out.add(new Mark.Stroke(strokes.build(), 1.5, PENCIL));
    }

    /** A photograph's stand-in: hills under a sun. */
    public void picture(Box in) {
        if (in.width() < 10 || in.height() < 10) {
            return;
        }
        out.add(new Mark.Fill(Path.box(in), new Ink.Rgb(222, 231, 236)));
        double r = Math.min(in.width(), in.height()) * 0.09;
        out.add(new Mark.Fill(
                Pen.circle(in.x() + in.width() * between(0.2, 0.8), in.y() + in.height() * 0.28, r),
                new Ink.Rgb(240, 205, 120)));
        hill(in, 0.55, 0.42, new Ink.Rgb(150, 178, 160));
        hill(in, 0.68, 0.78, new Ink.Rgb(108, 146, 126));
    }

    private void hill(Box in, double left, double right, Ink ink) {
        double a = in.y() + in.height() * left;
        double b = in.y() + in.height() * right;
        out.add(new Mark.Fill(
                Path.builder()
                        .move(in.x(), a)
                        .curve(
                                in.x() + in.width() * 0.35,
                                a - in.height() * 0.2,
                                in.x() + in.width() * 0.6,
                                b + in.height() * 0.12,
                                in.right(),
                                b)
                        .line(in.right(), in.bottom())
                        .line(in.x(), in.bottom())
                        .close()
                        .build(),
                ink));
    }

    /** Writing as it looks from afar. */
    public void wave(double x1, double x2, double base) {
        double unit = step * 0.2;
        if (x2 - x1 < 4 * unit) {
            return;
        }
        Path.Builder line = Path.builder().move(x1, base);
        double x = x1;
        while (x + unit < x2) {
            double up = unit * between(0.5, 1.6);
            line.curve(x + unit * 0.2, base - up, x + unit * 0.6, base - up, x + unit * 0.7, base);
            x += unit;
            if (below(7) == 0) {
                x += unit * 1.2;
                line.move(x, base);
            }
        }
        out.add(new Mark.Stroke(line.build(), 0.7, PEN));
    }
}
