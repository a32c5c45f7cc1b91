package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.json.Json;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists the styles. */
@Command(name = "styles")
final class StylesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "${bundle:cli.recipes.json-array}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (json) {
            List<Map<String, Object>> all =
                    StyleShelf.shipped().stream().map(StylesCommand::object).toList();
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
        } else {
            StyleShelf.shipped().forEach(s -> out.println(s.id() + "\t" + s.called() + "\t" + s.manner()));
        }
        return JornCommand.DONE;
    }

    private static Map<String, Object> object(PageStyle style) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", style.id());
        object.put("name", style.called());
        object.put("manner", style.manner());
        object.put("heading", style.dress().type().heading());
        object.put("body", style.dress().type().body());
        return object;
    }
}
