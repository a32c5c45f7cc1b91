package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.art.Reading;
import jorn.check.Finding;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.PressProfile;
import jorn.print.reception.Order;
import jorn.print.reception.Reception;
import jorn.print.reception.Verdict;
import jorn.print.reception.Verdict.Answer;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Takes files as a press would. */
@Command(name = "receive")
final class ReceiveCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FOLDER", description = "${bundle:cli.receive.folder}")
    private Path place;

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

    @Option(names = "--json", description = "${bundle:cli.receive.json}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        PressProfile profile = PressesCommand.shelf(spec).find(press);
        Order order = new Order(
                Optional.ofNullable(ink),
                Optional.ofNullable(paper),
                Optional.ofNullable(binding).map(Binding::of),
                Optional.ofNullable(edge).map(BindingEdge::of),
                rtl ? Reading.RIGHT_TO_LEFT : Reading.LEFT_TO_RIGHT);
        Verdict verdict = Reception.of(place, profile, order, Unit.INCH);
        if (json) {
            out.println(new String(Json.write(object(verdict)), StandardCharsets.UTF_8));
        } else {
            out.println(Wording.of(
                    verdict.accepted() ? "cli.receive.accepted" : "cli.receive.refused",
                    profile.name(),
                    verdict.hours()));
            for (Answer answer : verdict.answers()) {
                Finding f = answer.finding();
                out.println(f.severity().id() + "\t" + answer.terse() + "\t" + f.message() + " " + f.remedy());
            }
        }
        return verdict.accepted() ? JornCommand.DONE : JornCommand.FOUND;
    }

    private static Map<String, Object> object(Verdict verdict) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("accepted", verdict.accepted());
        object.put("press", verdict.press().id());
        object.put("hours", verdict.hours());
        object.put("files", verdict.files().stream().map(Path::toString).toList());
        object.put(
                "findings",
                verdict.answers().stream().map(ReceiveCommand::object).toList());
        return object;
    }

    private static Map<String, Object> object(Answer answer) {
        Map<String, Object> object = CheckCommand.object(answer.finding());
        object.put("terse", answer.terse());
        object.put("file", answer.file().map(Path::toString).orElse(null));
        return object;
    }
}
