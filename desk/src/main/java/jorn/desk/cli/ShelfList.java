package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.function.Supplier;
import jorn.json.Json;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/**
 * Lists what is on a shelf: a line for each, its values parted by tabs, or one JSON array of objects.
 *
 * @param <T> what lies on it
 */
abstract class ShelfList<T> implements Callable<Integer> {
    private final Supplier<List<T>> shelf;
    private final Function<T, List<String>> line;
    private final Function<T, Map<String, Object>> object;

    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "${bundle:cli.recipes.json-array}")
    private boolean json;

    /**
     * @param shelf read when the command runs, not before
     * @param line what is said of one in a line
     * @param object what is said of one in JSON, in the order in which it is written
     */
    ShelfList(Supplier<List<T>> shelf, Function<T, List<String>> line, Function<T, Map<String, Object>> object) {
        this.shelf = shelf;
        this.line = line;
        this.object = object;
    }

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        List<T> all = shelf.get();
        if (json) {
            out.println(new String(Json.write(all.stream().map(object).toList()), StandardCharsets.UTF_8));
        } else {
            all.forEach(t -> out.println(String.join("\t", line.apply(t))));
        }
        return JornCommand.DONE;
    }
}
