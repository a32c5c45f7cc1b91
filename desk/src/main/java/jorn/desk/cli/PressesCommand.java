package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.check.PressChange;
import jorn.desk.model.Settings;
import jorn.json.Json;
import jorn.measure.Unit;
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

    @Option(names = "--changes", paramLabel = "FILE.jorn", description = "${bundle:cli.presses.changes}")
    private Path book;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (book != null) {
            changes(BookOnDisk.load(book, spec.commandLine().getErr()), out);
            return JornCommand.DONE;
        }
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

    /** What the profile as it is now would change in a book. */
    private void changes(Book read, PrintWriter out) {
        Optional<PressChange> change = PressChange.of(read, shelf(spec));
        PressProfile press = read.brief().press();
        if (json) {
            Map<String, Object> all = new LinkedHashMap<>();
            all.put("press", press.id());
            all.put("was", press.version());
            all.put("now", change.map(c -> c.now().version()).orElse(press.version()));
            all.put(
                    "kept",
                    change.isPresent() && PressChange.pending(read, shelf(spec)).isEmpty());
            all.put("changes", change.map(c -> c.consequences(Unit.INCH)).orElse(List.of()));
            all.put("clauses", change.map(PressChange::clauses).orElse(List.of()));
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
            return;
        }
        if (change.isEmpty()) {
            boolean known = shelf(spec).profiles().stream().anyMatch(p -> p.id().equals(press.id()));
            out.println(Wording.of(known ? "cli.presses.same" : "cli.presses.gone", press.name()));
            return;
        }
        out.println(Wording.of(
                "cli.presses.changed",
                press.name(),
                version(press),
                version(change.get().now())));
        List<String> all = change.get().consequences(Unit.INCH);
        all.forEach(c -> out.println("- " + c));
        if (all.isEmpty()) {
            out.println(Wording.of("cli.presses.nothing"));
        }
        out.println();
        change.get().clauses().forEach(c -> out.println(c.path() + "\t" + c.was() + "\t" + c.now()));
    }

    private static String version(PressProfile press) {
        return press.version().isEmpty() ? Wording.of("cli.presses.no-version") : press.version();
    }

    /** The shipped profiles and the user's own; what cannot be used is told on the error stream. */
    static PressShelf shelf(CommandSpec spec) {
        return PressShelf.with(
                Settings.load().pressFolder(), t -> spec.commandLine().getErr().println(t.getMessage()));
    }
}
