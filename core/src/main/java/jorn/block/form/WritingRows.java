package jorn.block.form;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * Lines to write on, one to each row of the book's grid.
 *
 * @param title small words in the first row; may be empty, may hold fields
 * @param rows how many; 0 for as many as there is room for
 * @param bare whether the rows are left without lines
 * @param margin whether an upright rule keeps a margin free at the left
 */
public record WritingRows(
        @Label(value = "block.writing-rows.title", onPage = true) String title,
        @Label("block.writing-rows.rows") int rows,
        @Label("block.writing-rows.bare") boolean bare,
        @Label("block.writing-rows.margin") boolean margin)
        implements Node {
    static final NodeKind<WritingRows> KIND = NodeKind.of("writing", WritingRows.class)
            .filling()
            .offered(
                    "writing",
                    Wording.of("block.writing-rows.name"),
                    Wording.of("block.writing-rows.says"),
                    () -> lines(""));

    /** Width of the margin in pitches. */
    private static final double MARGIN = 2.6;

    public WritingRows {
        title = Limits.heading(title);
        rows = Limits.whole(rows, Wording.of("block.writing-rows.rows"), 0, 60);
    }

    /** As many lines as there is room for. */
    public static WritingRows lines(String title) {
        return new WritingRows(title, 0, false, false);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        int there = flow.grid().rowsIn(area.height());
        int shown = rows == 0 ? there : Math.min(there, rows);
        String words = flow.fill(title);
        if (shown > 0 && !words.isBlank()) {
            pen.words(words, area, pen.base(area.y()), pen.label().in(pen.ink(Role.HEADING)));
        }
        if (!bare) {
            pen.writing(area.x(), area.right(), area.y(), shown);
        }
        if (margin) {
            pen.down(
                    pen.style().lines().frame(),
                    area.x() + Math.min(pen.step() * MARGIN, area.width() / 5),
                    area.y(),
                    area.y() + shown * pen.step());
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        int there = flow.grid().rowsIn(area.height());
        int shown = rows == 0 ? there : Math.min(there, rows);
        int from = title.isBlank() ? 0 : 1;
        String about = title.isBlank() ? hand.about() : title;
        double left = margin ? Math.min(pen.step() * MARGIN, area.width() / 5) + 3 : 0;
        // Nobody fills a page to its last line.
        int written = Math.max(Math.min(shown, 2), (int) Math.round(shown * 0.6));
        hand.lines(about, area.inset(0, 0, 0, left), area.y() + from * pen.step(), Math.max(0, written - from));
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        return there >= Math.max(1, rows)
                ? Optional.empty()
                : Optional.of(Lack.of(
                        Message.of("block.writing-rows.lack", Math.max(1, rows), there),
                        new Lack.Remedy(
                                Message.of("block.writing-rows.fewer", Math.max(1, there)),
                                new WritingRows(title, Math.max(1, there), bare, margin))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(1, rows) * flow.grid().step();
    }
}
