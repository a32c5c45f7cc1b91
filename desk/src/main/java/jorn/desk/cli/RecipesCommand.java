package jorn.desk.cli;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.recipe.Catalogue;
import picocli.CommandLine.Command;

/** Lists the page designs. */
@Command(name = "recipes")
final class RecipesCommand extends ShelfList<Catalogue.Entry> {
    RecipesCommand() {
        super(Catalogue::all, e -> List.of(e.id(), e.name(), e.group(), e.purpose()), RecipesCommand::object);
    }

    private static Map<String, Object> object(Catalogue.Entry e) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", e.id());
        object.put("name", e.name());
        object.put("group", e.group());
        object.put("purpose", e.purpose());
        object.put("words", e.words());
        return object;
    }
}
