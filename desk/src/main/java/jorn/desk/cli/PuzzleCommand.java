package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.json.Json;
import jorn.measure.TextFile;
import jorn.measure.Trouble;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.number.NumberPuzzle;
import jorn.puzzle.run.OwnGrids;
import jorn.puzzle.run.OwnGrids.OwnGrid;
import jorn.puzzle.run.PuzzleSet;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes puzzles and prints them with their solutions, or tests grids of one's own. */
@Command(name = "puzzle")
final class PuzzleCommand implements Callable<Integer> {
    private static final String CHECK = "check";

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "KIND", description = "${bundle:cli.puzzle.kind}")
    private String kind;

    @Parameters(index = "1", arity = "0..1", paramLabel = "FILE", description = "${bundle:cli.puzzle.file}")
    private Path file;

    @Option(names = "--json", description = "${bundle:cli.puzzle.json}")
    private boolean json;

    @Option(names = "--language", paramLabel = "TAG", description = "${bundle:cli.puzzle.language}")
    private String language = "en";

    @Mixin
    private PuzzleOptions options;

    @Override
    public Integer call() {
        return kind.equals(CHECK) ? check() : make();
    }

    private Integer make() {
        var out = spec.commandLine().getOut();
        PuzzleRules rules = options.rules(kind, language);
        List<Puzzle> made = PuzzleSet.of(options.making(rules, 1)).all();
        if (!json && rules.id().equals(PuzzleOptions.KINDS.get(0))) {
            // One a line, as “puzzle check” reads them.
            made.forEach(p -> out.println(line((NumberPuzzle) p)));
        } else {
            out.println(new String(Json.write(made.stream().map(Puzzle::told).toList()), StandardCharsets.UTF_8));
        }
        rules.cautions().forEach(c -> spec.commandLine().getErr().println(c.text()));
        return JornCommand.DONE;
    }

    private static String line(NumberPuzzle puzzle) {
        StringBuilder line = new StringBuilder();
        int n = puzzle.grid().size();
        for (int i = 0; i < n * n; i++) {
            int given = puzzle.given(i / n, i % n);
            line.append(given == 0 ? '.' : Character.toUpperCase(Character.forDigit(given, Character.MAX_RADIX)));
        }
        return line.toString();
    }

    private Integer check() {
        if (file == null) {
            throw Trouble.of("cli.puzzle.no-file");
        }
        var out = spec.commandLine().getOut();
        List<Map<String, Object>> good = new ArrayList<>();
        List<String> bad = new ArrayList<>();
        for (OwnGrid grid : OwnGrids.read(TextFile.read(file))) {
            try {
                NumberPuzzle puzzle = grid.puzzle(options.hasDiagonals());
                Map<String, Object> told = new LinkedHashMap<>();
                told.put("line", grid.line());
                told.putAll(puzzle.told());
                good.add(told);
                if (!json) {
                    out.println(Wording.of(
                            "cli.puzzle.good",
                            grid.line(),
                            puzzle.grade().number(),
                            puzzle.grade().word(),
                            String.join(", ", puzzle.techniques())));
                }
            } catch (Trouble t) {
                bad.add(Wording.of("cli.puzzle.bad", grid.line(), t.what()));
            }
        }
        if (json) {
            out.println(new String(Json.write(good), StandardCharsets.UTF_8));
        }
        bad.forEach(spec.commandLine().getErr()::println);
        return bad.isEmpty() ? JornCommand.DONE : JornCommand.BAD;
    }
}
