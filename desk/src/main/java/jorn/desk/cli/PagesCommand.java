package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.book.Slot;
import jorn.edition.Edition;
import jorn.json.Json;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lists the pages of a book. */
@Command(name = "pages")
final class PagesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.pages.book}")
    private Path file;

    @Option(names = "--json", description = "${bundle:cli.pages.json-array}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Edition edition = Edition.of(BookOnDisk.load(file, spec.commandLine().getErr()));
        List<Map<String, Object>> pages = new ArrayList<>();
        edition.pagination().slots().forEach(s -> pages.add(object(edition, s)));
        if (json) {
            out.println(new String(Json.write(pages), StandardCharsets.UTF_8));
        } else {
            pages.forEach(p -> out.println(
                    String.join("\t", p.values().stream().map(String::valueOf).toList())));
        }
        return JornCommand.DONE;
    }

    private static Map<String, Object> object(Edition edition, Slot slot) {
        Book book = edition.book();
        Map<String, Object> page = new LinkedHashMap<>();
        page.put("number", slot.number());
        page.put("side", slot.side().id());
        page.put("recipe", slot.isBlank() ? "blank" : book.recipeOf(slot).id());
        page.put("run", slot.isBlank() ? "" : book.runOf(slot).name());
        boolean speaks = edition.pages().showsSubject(slot);
        page.put("for", speaks ? slot.occasion().id(book.calendar().weeks()) : "");
        return page;
    }
}
