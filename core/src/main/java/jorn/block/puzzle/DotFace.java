package jorn.block.puzzle;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Grid;
import jorn.layout.Pen;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.dots.DotPicture;
import jorn.puzzle.dots.DotPicture.Dot;
import jorn.style.LetterForm;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Dots with their numbers, each number where it touches neither another one nor the line; in the solution the line is drawn. */
final class DotFace implements PuzzleFace<DotPicture> {
    private static final double DOT = 1.3;
    private static final double SIZE = 8;
    private static final int WAYS = 16;

    @Override
    public void draw(DotPicture puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        Box room = in.inset(sheet.small() ? 2 : sheet.pitch());
        double scale = Math.min(room.width() / puzzle.width(), room.height());
        double x = room.centreX() - puzzle.width() * scale / 2;
        double y = sheet.small() ? room.y() : room.centreY() - scale / 2;
        List<double[]> dots = new ArrayList<>();
        for (Dot each : puzzle.dots()) {
            dots.add(new double[] {x + each.x() * scale, y + each.y() * scale});
        }
        if (solved) {
            Path.Builder line = Path.builder().move(dots.get(0)[0], dots.get(0)[1]);
            dots.stream().skip(1).forEach(d -> line.line(d[0], d[1]));
            sheet.lines(line.close().build(), sheet.small() ? 0.8 : 1.2, Role.TEXT);
        }
        if (sheet.small()) {
            return;
        }
        Path.Builder all = Path.builder();
        dots.forEach(d -> all.path(Pen.circle(d[0], d[1], DOT)));
        sheet.pen().fill(all.build(), sheet.pen().ink(Role.TEXT));
        numbers(dots, sheet);
    }

    private static void numbers(List<double[]> dots, PuzzlePaper sheet) {
        Lettering as = new Lettering(
                Voice.FIGURES,
                Style.REGULAR,
                SIZE,
                LetterForm.AS_WRITTEN,
                Align.CENTRE,
                sheet.pen().ink(Role.TEXT));
        List<Box> taken = new ArrayList<>();
        for (int i = 0; i < dots.size(); i++) {
            String text = Integer.toString(i + 1);
            double wide = sheet.pen().width(text, as);
            Box best = null;
            double least = Double.MAX_VALUE;
            for (int ring = 0; ring < 2; ring++) {
                for (int way = 0; way < WAYS; way++) {
                    Box at = beside(dots.get(i), 2 * Math.PI * way / WAYS, wide, DOT + 1.6 + ring * 3);
                    double worth = overlap(at, i, dots, taken) + ring * 4 + Math.abs(way) * 0.01;
                    if (worth < least) {
                        least = worth;
                        best = at;
                    }
                }
            }
            if (best != null) {
                taken.add(best);
                sheet.pen().words(text, best.outset(1), best.bottom(), as);
            }
        }
    }

    /** A box for a number that stands off a dot in a direction. */
    private static Box beside(double[] dot, double angle, double wide, double off) {
        double high = Math.max(Grid.SMALLEST_TYPE, SIZE) * 0.7;
        double cx = dot[0] + Math.cos(angle) * (off + wide / 2);
        double cy = dot[1] + Math.sin(angle) * (off + high / 2);
        return new Box(cx - wide / 2, cy - high / 2, wide, high);
    }

    /** How much a number would hide: other numbers most, then dots, then the line to the next ones. */
    private static double overlap(Box at, int own, List<double[]> dots, List<Box> taken) {
        double sum = 0;
        Box wide = at.outset(1);
        for (Box each : taken) {
            double across = Math.min(wide.right(), each.right()) - Math.max(wide.x(), each.x());
            double down = Math.min(wide.bottom(), each.bottom()) - Math.max(wide.y(), each.y());
            sum += across > 0 && down > 0 ? 100 + across * down : 0;
        }
        for (int i = 0; i < dots.size(); i++) {
            double[] dot = dots.get(i);
            boolean inside = dot[0] > wide.x() - DOT
                    && dot[0] < wide.right() + DOT
                    && dot[1] > wide.y() - DOT
                    && dot[1] < wide.bottom() + DOT;
            sum += inside && i != own ? 60 : 0;
        }
        for (int step : new int[] {-1, 1}) {
            double[] from = dots.get(own);
            double[] to = dots.get((own + step + dots.size()) % dots.size());
            for (double t = 0.1; t < 1; t += 0.1) {
                double px = from[0] + (to[0] - from[0]) * t;
                double py = from[1] + (to[1] - from[1]) * t;
                sum += px > at.x() && px < at.right() && py > at.y() && py < at.bottom() ? 5 : 0;
            }
        }
        return sum;
    }
}
