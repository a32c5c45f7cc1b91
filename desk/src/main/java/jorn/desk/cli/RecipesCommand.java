package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.json.Json;
import jorn.recipe.Catalogue;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists the page designs. */
@Command(name = "recipes")
final class RecipesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "${bundle:cli.recipes.json-array}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (json) {
            List<Map<String, Object>> all =
                    Catalogue.all().stream().map(RecipesCommand::object).toList();
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
        } else {
            Catalogue.all().forEach(e -> out.println(e.id() + "\t" + e.name() + "\t" + e.group()));
        }
        return JornCommand.DONE;
    }

    private static Map<String, Object> object(Catalogue.Entry e) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", e.id());
        object.put("name", e.name());
        object.put("group", e.group());
        object.put("words", e.words());
        return object;
    }
}
