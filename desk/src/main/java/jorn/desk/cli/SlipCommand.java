package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.order.Names;
import jorn.order.Names.Difference;
import jorn.order.OrderSlip;
import jorn.order.OrderSlip.Line;
import jorn.print.export.Authorship;
import jorn.print.export.SlipFile;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints the order slip: every choice to be made at the press, in the order in which people are asked. */
@Command(name = "slip")
final class SlipCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.slip.book}")
    private Path file;

    @Option(names = "--to", paramLabel = "FILE", description = "${bundle:cli.slip.to}")
    private Path to;

    @Option(names = "--mm", description = "${bundle:cli.slip.mm}")
    private boolean millimetres;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Option(names = "--json", description = "${bundle:cli.slip.json}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        var err = spec.commandLine().getErr();
        Edition edition = Edition.of(BookOnDisk.load(file, err));
        Unit unit = millimetres ? Unit.MILLIMETRE : Unit.INCH;
        List<Difference> differences = Names.differences(edition);
        if (to != null) {
            if (!replace) {
                Authorship.refuseStrangers(List.of(to));
            }
            SlipFile.write(edition, unit, to);
            if (!json) {
                out.println(to);
            }
        }
        List<Line> lines = OrderSlip.of(edition, unit);
        if (json) {
            Map<String, Object> all = new LinkedHashMap<>();
            all.put("lines", lines);
            all.put("differences", differences);
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
        } else if (to == null) {
            out.print(OrderSlip.text(lines));
            out.flush();
        }
        if (!json) {
            differences.forEach(d ->
                    err.println(Wording.of("cli.slip.differs", d.what().id(), d.place(), d.found(), d.expected())));
        }
        return JornCommand.DONE;
    }
}
