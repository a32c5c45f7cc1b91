package jorn.block.text;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.ContentsEntry;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * What the book holds and on which page, made from its runs. Where no run is in the contents, lines to fill in by hand.
 *
 * @param spacing from line to line
 * @param size type size
 */
public record ContentsList(
        @Label("block.contents-list.line-line") @Required Length spacing,
        @Label(value = "block.contents-list.type-size", as = SettingKind.TYPE_SIZE) @Required Length size)
        implements Node {
    static final NodeKind<ContentsList> KIND = NodeKind.of("contents", ContentsList.class)
            .filling()
            .offered(
                    "contents",
                    Wording.of("block.contents-list.contents"),
                    Wording.of("block.contents-list.what-on-which-page"),
                    () -> new ContentsList(Length.mm(8), Length.points(11)));

    public ContentsList {
        spacing = Limits.step(spacing, Wording.of("block.contents-list.line-line"));
        size = Limits.type(size);
    }

    private static final double NUMBER = 2.6;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double points = size.points();
        List<ContentsEntry> entries = flow.contents();
        int lines = (int) Math.floor(area.height() / spacing.points() + 1e-6);
        if (!entries.isEmpty()) {
            lines = entries.size();
        }
        // Many entries stand closer together rather than run off the page; the proof says where they no longer fit.
        double wanted = flow.grid().snaps() ? flow.grid().step() : spacing.points();
        double step = lines == 0 ? 0 : Math.min(wanted, area.height() / lines);
        double type = Math.min(points, step * 0.82);
        for (int i = 0; i < lines; i++) {
            double base = area.y() + (i + 1) * step - step * 0.25;
            if (entries.isEmpty()) {
                pen.line(area.x(), base, area.right() - points * NUMBER * 1.4, base, 0.5, Role.SOFT_LINE);
                pen.line(area.right() - points * NUMBER, base, area.right(), base, 0.5, Role.SOFT_LINE);
                continue;
            }
            ContentsEntry e = entries.get(i);
            Box name = area.inset(0, type * NUMBER, 0, 0);
            pen.words(e.name(), name, base, type, Voice.BODY, Style.REGULAR, Role.TEXT, Align.LEFT);
            pen.words(e.page(), area, base, type, Voice.FIGURES, Style.REGULAR, Role.TEXT, Align.RIGHT);
            double from = area.x()
                    + Math.min(name.width(), pen.width(e.name(), type, Voice.BODY, Style.REGULAR))
                    + type * 0.5;
            double to = area.right() - pen.width(e.page(), type, Voice.FIGURES, Style.REGULAR) - type * 0.5;
            if (to > from) {
                // Dots measured from the right edge, so that they stand below each other.
                double first = area.right() - Math.ceil((area.right() - from) / 5) * 5 + 5;
                if (first < to) {
                    out.add(new Mark.Stroke(
                            Path.line(first, base - 0.4, to, base - 0.4), 0.8, pen.ink(Role.LINE), List.of(0.8, 4.2)));
                }
            }
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(3, flow.contents().size()) * Math.min(spacing.points(), size.points() * 1.3);
    }
}
