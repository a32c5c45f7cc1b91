package jorn.desk.cli;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;

/** Lists the styles. */
@Command(name = "styles")
final class StylesCommand extends ShelfList<PageStyle> {
    StylesCommand() {
        super(StyleShelf::shipped, s -> List.of(s.id(), s.called(), s.manner()), StylesCommand::object);
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
