package jorn.desk.cli;

import java.util.Optional;
import jorn.art.Reading;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.PressProfile;
import jorn.print.reception.Order;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The options by which it is said which press gets files, and what was ordered with them. */
final class OrderOptions {
    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(names = "--press", required = true, paramLabel = "P", description = "${bundle:cli.receive.press}")
    private String press;

    @Option(names = "--ink", paramLabel = "I", description = "${bundle:cli.receive.ink}")
    private @Nullable String ink;

    @Option(names = "--paper", paramLabel = "P", description = "${bundle:cli.receive.paper}")
    private @Nullable String paper;

    @Option(names = "--binding", paramLabel = "B", description = "${bundle:cli.receive.binding}")
    private @Nullable String binding;

    @Option(names = "--edge", paramLabel = "E", description = "${bundle:cli.receive.edge}")
    private @Nullable String edge;

    @Option(names = "--rtl", description = "${bundle:cli.receive.rtl}")
    private boolean rtl;

    /** @throws jorn.measure.Trouble where there is no such press */
    PressProfile profile() {
        return PressesCommand.shelf(spec).find(press);
    }

    /** @throws jorn.measure.Trouble where there is no such binding or edge */
    Order order() {
        return new Order(
                Optional.ofNullable(ink),
                Optional.ofNullable(paper),
                Optional.ofNullable(binding).map(Binding::of),
                Optional.ofNullable(edge).map(BindingEdge::of),
                rtl ? Reading.RIGHT_TO_LEFT : Reading.LEFT_TO_RIGHT);
    }
}
