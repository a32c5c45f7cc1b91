package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import jorn.desk.model.Settings;
import jorn.json.Json;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists the press profiles, or tests one. */
@Command(name = "presses")
final class PressesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "${bundle:cli.presses.profiles-whole-json-array}")
    private boolean json;

    @Option(names = "--check", paramLabel = "FILE", description = "${bundle:cli.presses.profile-test}")
    private Path file;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (file != null) {
            PressProfile press = PressShelf.read(file);
            out.println(Wording.of("cli.presses.can-used", press.name()));
            return JornCommand.DONE;
        }
        List<PressProfile> all = shelf(spec).profiles();
        if (json) {
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
        } else {
            all.forEach(p -> out.println(p.id() + "\t" + p.name() + "\t" + p.about()));
        }
        return JornCommand.DONE;
    }

    /** The shipped profiles and the user's own; what cannot be used is told on the error stream. */
    static PressShelf shelf(CommandSpec spec) {
        return PressShelf.with(
                Settings.load().pressFolder(), t -> spec.commandLine().getErr().println(t.getMessage()));
    }
}
