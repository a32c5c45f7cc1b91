package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.check.Finding;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.print.reception.Reception;
import jorn.print.reception.Verdict;
import jorn.print.reception.Verdict.Answer;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
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

    @Mixin
    private OrderOptions ordered = new OrderOptions();

    @Option(names = "--json", description = "${bundle:cli.receive.json}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        PressProfile profile = ordered.profile();
        Verdict verdict = Reception.of(place, profile, ordered.order(), Unit.INCH);
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
