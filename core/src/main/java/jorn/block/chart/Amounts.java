package jorn.block.chart;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * A field for each of several amounts, to be coloured once it is put aside or done. The amounts are counted, and what they come to is
 * said below.
 *
 * @param count how many fields, 4 to 400
 * @param first the amount of the first
 * @param more by how much each is more than the one before; 0 where all are equal
 * @param running whether each field says what has been reached with it, rather than its own amount
 * @param total label of the sum below; absent for none, may hold fields
 */
public record Amounts(
        @Label("block.amounts.count") Integer count,
        @Label("block.amounts.first") Integer first,
        @Label("block.amounts.more") int more,
        @Label("block.amounts.running") boolean running,
        @Label(value = "block.amounts.total", onPage = true) Optional<String> total)
        implements Node {
    static final NodeKind<Amounts> KIND = NodeKind.of("amounts", Amounts.class)
            .filling()
            .offered(
                    "amounts",
                    Wording.of("block.amounts.name"),
                    Wording.of("block.amounts.says"),
                    () -> new Amounts(100, 10, 0, true, Optional.of("@total")));

    private static final double SMALLEST = Length.mm(7).points();
    private static final double LARGEST = Length.mm(17).points();

    public Amounts {
        count = Limits.whole(count == null ? 100 : count, Wording.of("block.amounts.count"), 4, 400);
        first = Limits.whole(first == null ? 1 : first, Wording.of("block.amounts.first"), 0, 100_000);
        more = Limits.whole(more, Wording.of("block.amounts.more"), 0, 100_000);
        total = total == null ? Optional.empty() : total;
        if (first == 0 && more == 0) {
            throw Trouble.of("block.amounts.nothing");
        }
    }

    /** The amount of one field. */
    private long amount(int i) {
        return first + (long) i * more;
    }

    /** What the first fields come to together; the sum of an arithmetic series. */
    public long sum(int fields) {
        return (long) fields * first + (long) more * fields * (fields - 1) / 2;
    }

    private record Plan(int across, int down, double side, double height) {}

    private Optional<Plan> plan(Box area, Flow flow) {
        double room = area.height() - (total.isPresent() ? 1.5 * flow.grid().step() : 0);
        Plan best = null;
        for (int across = 2; across <= 25; across++) {
            int down = (count + across - 1) / across;
            double w = Math.min(LARGEST, area.width() / across);
            double h = Math.min(w * 1.15, room / down);
            boolean fits = w >= SMALLEST && h >= SMALLEST * 0.85;
            // The fullest rows win, then the largest fields.
            boolean whole = count % across == 0;
            boolean bestWhole = best != null && count % best.across() == 0;
            boolean larger = best == null || w * h > best.side() * best.height();
            boolean better = best == null || (whole == bestWhole ? larger : whole);
            if (fits && better) {
                best = new Plan(across, down, w, h);
            }
        }
        return Optional.ofNullable(best);
    }

    private Box field(int i, Box area, Plan plan) {
        double left = area.x() + (area.width() - plan.across() * plan.side()) / 2;
        return new Box(
                left + i % plan.across() * plan.side(),
                area.y() + Math.floorDiv(i, plan.across()) * plan.height(),
                plan.side(),
                plan.height());
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Optional<Plan> plan = plan(area, flow);
        if (!flow.grid().canHold(area) || plan.isEmpty()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
        for (int i = 0; i < count; i++) {
            Box field = field(i, area, plan.get()).inset(1.5);
            pen.outline(
                    Path.rounded(field, pen.corner() * 0.6), pen.style().lines().frame());
            String words = String.format(pen.locale(), "%,d", running ? sum(i + 1) : amount(i));
            pen.words(words, field.inset(0, 1, 0, 1), field.y() + field.height() / 2 + as.size() * 0.34, as);
        }
        if (total.isPresent()) {
            double y = area.y() + plan.get().down() * plan.get().height() + pen.step() * 0.4;
            String sum = flow.fill(total.get()) + "  " + String.format(pen.locale(), "%,d", sum(count));
            pen.words(sum, area, pen.base(y), pen.title().at(Align.RIGHT).in(pen.ink(Role.HEADING)));
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        plan(area, flow).ifPresent(p -> {
            for (int i = 0; i < count * 0.4; i++) {
                hand.hatch(field(i, area, p).inset(2.4));
            }
        });
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        if (plan(area, flow).isPresent()) {
            return Optional.empty();
        }
        int fewer = count / 2;
        Message says = Message.of("block.amounts.lack", count);
        return Optional.of(
                fewer < 4
                        ? Lack.of(says)
                        : Lack.of(
                                says,
                                new Lack.Remedy(
                                        Message.of("block.amounts.fewer", fewer),
                                        new Amounts(fewer, first, more, running, total))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        int across = Math.max(1, (int) (width / Length.mm(11).points()));
        return ((count + across - 1) / across + 1) * Length.mm(11).points();
    }
}
