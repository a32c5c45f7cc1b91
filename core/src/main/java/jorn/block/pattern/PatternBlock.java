package jorn.block.pattern;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.FieldCount;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.Numbered;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.run.PatternBack;
import jorn.pattern.run.PatternSet;
import jorn.pattern.run.PatternSheet;
import jorn.pattern.symmetry.WallpaperGroup;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * The pattern of a page to colour, or its back, as the run's source gives them.
 *
 * @param named whether the name of the picture stands on its back
 */
public record PatternBlock(@Label("block.pattern.named") boolean named) implements Node {
    static final NodeKind<PatternBlock> KIND = NodeKind.of("pattern", PatternBlock.class)
            .filling()
            .offered(
                    "pattern",
                    Wording.of("block.pattern.name"),
                    Wording.of("block.pattern.says"),
                    () -> new PatternBlock(false));

    /** Shown where a page has no pattern, such as in the catalogue. */
    private static final PatternSpec SAMPLE = PatternSpec.of(WallpaperGroup.P6M, new ShippedMotif("lotus"), 21);

    private static final double HAIR = 0.5;
    private static final double LEAST_NUMBER = 5;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (area.width() <= 0 || area.height() <= 0) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Optional<PatternBack> back = flow.subject(PatternBack.class);
        if (back.isPresent()) {
            Backs.draw(back.get(), named, area, pen, flow, out);
            return;
        }
        Optional<PatternSheet> sheet = flow.subject(PatternSheet.class);
        if (sheet.isEmpty()) {
            Box picture = picture(area, SAMPLE, pen.step());
            out.add(placed(MadePage.lines(SAMPLE, picture.width(), picture.height()), picture));
            return;
        }
        PatternSet set = sheet.get().set();
        PatternSpec spec = sheet.get().spec();
        Box picture = picture(area, spec, pen.step());
        MadePage page = set.page(sheet.get().number(), picture.width(), picture.height());
        if (page.count().isEmpty()) {
            flow.passing();
        }
        out.add(placed(page, picture));
        numbers(page, picture, pen);
        if (spec.inking().colours() > 0) {
            Box foot = Box.between(area.x(), picture.bottom(), area.right(), area.bottom());
            legend(foot, spec.inking().colours(), pen, flow);
        }
    }

    /** What is left for the picture: on a page that is coloured by number, its colours stand below. */
    private static Box picture(Box area, PatternSpec spec, double step) {
        int colours = spec.inking().colours();
        int rows = colours == 0 ? 0 : (colours + perRow(area) - 1) / perRow(area);
        double foot = Math.min(area.height() / 4, rows * 1.2 * step + (rows > 0 ? 0.6 * step : 0));
        return new Box(area.x(), area.y(), area.width(), area.height() - foot);
    }

    private static int perRow(Box area) {
        return area.width() > 360 ? 6 : 4;
    }

    private static Mark placed(MadePage page, Box at) {
        return new Mark.Turned(Turn.move(at.x(), at.y()), page.marks());
    }

    private static void numbers(MadePage page, Box at, StyledPen pen) {
        Lettering as = pen.label().at(Align.CENTRE);
        for (Numbered n : page.numbers()) {
            String figure = Integer.toString(n.colour());
            double widest = pen.width(figure, as.sized(1));
            // The figure with its height of two thirds fits into the circle.
            double size = Math.min(9, 1.7 * n.radius() / Math.hypot(widest, 0.68));
            size = Math.max(LEAST_NUMBER, size);
            Box room = new Box(at.x() + n.x() - 20, at.y() + n.y() - size, 40, 2 * size);
            pen.words(figure, room, at.y() + n.y() + size * 0.34, as.sized(size));
        }
    }

    /** Number and name of each colour, with a round to try it. */
    private static void legend(Box foot, int colours, StyledPen pen, Flow flow) {
        int across = perRow(foot);
        double wide = foot.width() / Math.min(across, colours);
        double r = pen.step() * 0.4;
        Lettering as = pen.label().sized(pen.size(TypeStep.TEXT));
        for (int i = 0; i < colours; i++) {
            double x = foot.x() + i % across * wide;
            int row = i / across;
            double y = foot.y() + pen.step() * (1 + 1.2 * row);
            pen.add(List.of(new Mark.Stroke(
                    Path.builder().arc(x + r, y, r, 0, 360, true).close().build(), HAIR, Ink.BLACK)));
            String number = Integer.toString(i + 1);
            pen.words(number, new Box(x, y - r, 2 * r, 2 * r), y + as.size() * 0.34, as.at(Align.CENTRE));
            Box room = Box.orEmpty(x + 2.6 * r, y - r, wide - 3 * r, 2 * r);
            pen.words(flow.fill("@hue-" + (i + 1)), room, y + as.size() * 0.34, as);
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        Optional<PatternSheet> sheet = flow.subject(PatternSheet.class);
        if (sheet.isEmpty() || flow.subject(PatternBack.class).isPresent()) {
            return Optional.empty();
        }
        Box picture =
                picture(area, sheet.get().spec(), StyledPen.measuring(flow).step());
        MadePage page = sheet.get().set().page(sheet.get().number(), picture.width(), picture.height());
        Optional<FieldCount> count = page.count();
        boolean left = sheet.get().spec().inking().small() == jorn.pattern.page.Inking.SmallFields.LEFT;
        return count.filter(c -> left && c.small() > 0)
                .map(c -> Lack.of(Message.of("block.pattern.small-fields", c.small())));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width * 0.6;
    }
}
