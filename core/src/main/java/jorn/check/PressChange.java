package jorn.check;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.check.Finding.Severity;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.say.Wording;

/**
 * What becomes of a book when its press's profile is another one than that with which it was reckoned. A book keeps the whole profile with
 * it, so nothing changes until somebody says so.
 */
public final class PressChange {
    /** Clauses that change nothing in a book. */
    private static final Set<String> WORDS = Set.of("format", "version", "about", "verify", "verified");

    /** Figures that are told of where they change, in order. */
    private static final List<String> FIGURES = List.of(
            "pages",
            "page.width",
            "page.height",
            "margin.gutter",
            "margin.outside",
            "spine.width",
            "cover.width",
            "cover.height",
            "cost.print",
            "price.lowest",
            "price.kept");

    private final Book before;
    private final Book after;

    private PressChange(Book before, PressProfile now) {
        this.before = before;
        this.after = before.withBrief(taking(before.brief(), now));
    }

    private static Brief taking(Brief brief, PressProfile now) {
        Brief there = brief.at(now);
        return there.withWishes(there.wishes().withKept(Optional.empty()));
    }

    /**
     * A clause that changed.
     *
     * @param path where it stands: {@code markets.us.costs[2].perPage}
     * @param was empty where it is new
     * @param now empty where it is gone
     */
    public record Clause(String path, String was, String now) {}

    /** The change from the profile that a book keeps to the one on the shelf; nothing where they are equal, or there is none. */
    public static Optional<PressChange> of(Book book, PressShelf shelf) {
        PressProfile own = book.brief().press();
        return shelf.profiles().stream()
                .filter(p -> p.id().equals(own.id()))
                .findFirst()
                .map(p -> new PressChange(book, p))
                .filter(c -> !c.clauses().isEmpty());
    }

    /** As {@link #of}, but nothing where the user has decided to keep the profile that there is. */
    public static Optional<PressChange> pending(Book book, PressShelf shelf) {
        return of(book, shelf).filter(c -> book.brief()
                .wishes()
                .kept()
                .filter(c.now().mark()::equals)
                .isEmpty());
    }

    /** The profile that the book keeps. */
    public PressProfile was() {
        return before.brief().press();
    }

    /** The profile as it is now. */
    public PressProfile now() {
        return after.brief().press();
    }

    /** The book with the profile as it is now. */
    public Book taken() {
        return after;
    }

    /** The book with the profile that it has; it is not asked again until there is another one. */
    public Book kept() {
        Brief brief = before.brief();
        return before.withBrief(brief.withWishes(brief.wishes().withKept(Optional.of(now().mark()))));
    }

    /** Every clause that changed. */
    public List<Clause> clauses() {
        Map<String, String> then = new LinkedHashMap<>();
        Map<String, String> here = new LinkedHashMap<>();
        flatten(Json.tree(was()), "", then);
        flatten(Json.tree(now()), "", here);
        List<Clause> all = new ArrayList<>();
        Set<String> paths = new TreeSet<>(then.keySet());
        paths.addAll(here.keySet());
        for (String path : paths) {
            String old = then.getOrDefault(path, "");
            String now = here.getOrDefault(path, "");
            if (!old.equals(now) && !WORDS.contains(path)) {
                all.add(new Clause(path, old, now));
            }
        }
        return all;
    }

    private static void flatten(JsonNode node, String path, Map<String, String> all) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(e -> flatten(e.getValue(), joined(path, e.getKey()), all));
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                JsonNode each = array.get(i);
                String id = each.path("id").asText("");
                flatten(each, id.isEmpty() ? path + "[" + (i + 1) + "]" : joined(path, id), all);
            }
        } else if (!node.isNull() && !node.asText().isEmpty() && !node.asText().equals("false")) {
            all.put(path, node.isNumber() ? Double.toString(node.asDouble()).replaceAll("\\.0$", "") : node.asText());
        }
    }

    private static String joined(String path, String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    /**
     * What would change in the book, in plain words: first what would have to be mended, then the figures. None where the clauses that
     * changed have nothing to do with it.
     */
    public List<String> consequences(Unit unit) {
        List<String> all = new ArrayList<>();
        Edition then = Edition.of(before);
        Edition now = Edition.of(after);
        Set<String> known = errors(then, unit).map(Finding::message).collect(Collectors.toSet());
        errors(now, unit)
                .filter(f -> !known.contains(f.message()))
                .map(f -> f.measured().isBlank()
                        ? f.message()
                        : Wording.of("check.press-change.mend", f.message(), f.measured()))
                .distinct()
                .forEach(all::add);
        swapped(
                all,
                before.brief().paperStock().called(),
                after.brief().paperStock().called());
        swapped(all, before.brief().inkSet().called(), after.brief().inkSet().called());
        swapped(all, before.brief().offer().inWords(), after.brief().offer().inWords());
        for (String key : FIGURES) {
            Optional<Figure> old = then.measures().find(key);
            Optional<Figure> fresh = now.measures().find(key);
            if (old.isPresent() && fresh.isPresent()) {
                figure(old.get(), fresh.get(), unit).ifPresent(all::add);
            }
        }
        return all;
    }

    private static java.util.stream.Stream<Finding> errors(Edition edition, Unit unit) {
        return Checker.check(new Proof(edition, unit)).stream().filter(f -> f.severity() == Severity.ERROR);
    }

    private static void swapped(List<String> all, String old, String fresh) {
        if (!old.equals(fresh)) {
            all.add(Wording.of("check.press-change.swapped", old, fresh));
        }
    }

    private static Optional<String> figure(Figure old, Figure fresh, Unit unit) {
        if (old.value() instanceof Length a && fresh.value() instanceof Length b) {
            if (a.isAbout(b)) {
                return Optional.empty();
            }
            boolean more = b.compareTo(a) > 0;
            Length by = more ? b.without(a) : a.without(b);
            String key = fresh.key().startsWith("cover.")
                    ? more ? "check.press-change.cover-larger" : "check.press-change.cover-smaller"
                    : more ? "check.press-change.larger" : "check.press-change.smaller";
            return Optional.of(Wording.of(
                    key, fresh.label(), by.format(unit, jorn.measure.Quantity.Precision.EXACT), fresh.text(unit)));
        }
        return old.text(unit).equals(fresh.text(unit))
                ? Optional.empty()
                : Optional.of(
                        Wording.of("check.press-change.instead", fresh.label(), fresh.text(unit), old.text(unit)));
    }
}
