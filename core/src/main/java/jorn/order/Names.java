package jorn.order;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jorn.book.Book;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.cover.Cover.PlacedPart;
import jorn.cover.PartPlace;
import jorn.edition.Edition;
import jorn.layout.Node;
import jorn.layout.PartSettings;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.say.BookWords;

/**
 * A book has one title, one subtitle, one author, one number and one year, wherever they are printed: cover, spine, title page, copyright
 * page, and the order at the press. Where words were typed over, they may have become others.
 */
public final class Names {
    private static final Pattern FIELD = Pattern.compile("\\{([a-z.]+)}");
    private static final Pattern YEAR = Pattern.compile("(?<![0-9-])((?:19|20)[0-9]{2})(?![0-9-])");
    private static final Pattern ISBN = Pattern.compile("97[89][0-9 –-]{10,16}");
    private static final Set<String> TITLE_PAGES = Set.of("title", "title-border", "half-title");
    private static final String COPYRIGHT_PAGE = "copyright";

    /** What has one name. */
    public enum Named {
        TITLE("title"),
        SUBTITLE("subtitle"),
        AUTHOR("author"),
        ISBN("isbn"),
        YEAR("year");

        private final String id;

        Named(String id) {
            this.id = id;
        }

        /** The field that it fills: {@code title}. */
        public String id() {
            return id;
        }
    }

    /**
     * Another name in one place.
     *
     * @param what what it names
     * @param place where, by the id of its words: {@code cover}, {@code title-page}, {@code copyright-page}
     * @param page the page's number; 0 on the cover
     * @param expected what it is called elsewhere
     * @param found what stands there
     */
    public record Difference(Named what, String place, int page, String expected, String found) {}

    private final Edition edition;
    private final Book book;
    private final List<Difference> all = new ArrayList<>();
    private Optional<String> year = Optional.empty();

    private Names(Edition edition) {
        this.edition = edition;
        this.book = edition.book();
    }

    /** All differences, in the order of the cover and the pages. */
    public static List<Difference> differences(Edition edition) {
        Names names = new Names(edition);
        names.cover();
        names.pages();
        return List.copyOf(names.all);
    }

    /** The year on the copyright page, or on the title page; empty where there is none. */
    public static Optional<String> year(Edition edition) {
        Names names = new Names(edition);
        names.pages();
        return names.year;
    }

    private String value(Named what) {
        return switch (what) {
            case TITLE -> book.title().strip();
            case SUBTITLE -> book.subtitle().strip();
            case AUTHOR -> book.author().strip();
            case ISBN -> book.isbn();
            case YEAR -> year.orElse("");
        };
    }

    private void cover() {
        for (PlacedPart part : edition.cover().parts()) {
            Optional<String> typed = part.edit().words();
            if (typed.isPresent() && part.part().on() != PartPlace.BACK) {
                Set<String> meant = fields(part.part().part().says());
                meant.removeAll(fields(typed.get()));
                compare(meant, List.of(typed.get()), "cover", 0);
            }
        }
    }

    private static Set<String> fields(String text) {
        Set<String> all = new TreeSet<>();
        Matcher m = FIELD.matcher(text);
        while (m.find()) {
            all.add(m.group(1));
        }
        return all;
    }

    private void pages() {
        Set<Recipe> seen = new HashSet<>();
        for (Slot slot : edition.pagination().slots()) {
            if (slot.isBlank() || book.runOf(slot).matter() == Run.Matter.BODY) {
                continue;
            }
            Recipe recipe = book.recipeOf(slot);
            boolean copyright = recipe.id().equals(COPYRIGHT_PAGE);
            if ((copyright || TITLE_PAGES.contains(recipe.id())) && seen.add(recipe)) {
                page(recipe, copyright ? "copyright-page" : "title-page", slot.number());
            }
        }
    }

    private void page(Recipe recipe, String place, int page) {
        List<String> now = texts(recipe);
        Set<String> meant = Catalogue.find(recipe.id())
                .map(e -> fields(String.join(" ", texts(e.recipe()))))
                .orElseGet(TreeSet::new);
        now.forEach(t -> meant.removeAll(fields(t)));
        List<String> typed = now.stream()
                .filter(t -> fields(t).isEmpty() && !t.isBlank() && !isShipped(recipe, t))
                .toList();
        compare(meant, typed, place, page);
        String all = String.join(" ", now);
        Matcher years = YEAR.matcher(ISBN.matcher(all).replaceAll(" "));
        if (years.find()) {
            found(Named.YEAR, years.group(1), place, page);
        }
        Matcher isbns = ISBN.matcher(all);
        if (isbns.find()) {
            String typedIsbn = isbns.group().strip();
            if (!digits(typedIsbn).equals(digits(book.isbn()))) {
                all(Named.ISBN, place, page, typedIsbn);
            }
        }
    }

    private boolean isShipped(Recipe recipe, String text) {
        return Catalogue.find(recipe.id())
                .filter(e -> texts(e.recipe()).contains(text))
                .isPresent();
    }

    private static String digits(String text) {
        return text.replaceAll("[^0-9]", "");
    }

    /** The first year that is found is the book's. */
    private void found(Named what, String text, String place, int page) {
        if (year.isEmpty()) {
            year = Optional.of(text);
        } else if (!year.get().equals(text)) {
            all(what, place, page, text);
        }
    }

    /** What the words of a page's parts say, in the book's language. */
    private List<String> texts(Recipe recipe) {
        return nodes(recipe.root())
                .flatMap(n -> PartSettings.words(n).stream())
                .filter(w -> w.value() instanceof String)
                .map(w -> BookWords.resolved(book.calendar().language(), (String) w.value()))
                .toList();
    }

    private static Stream<Node> nodes(Node node) {
        return Stream.concat(Stream.of(node), node.children().stream().flatMap(Names::nodes));
    }

    /**
     * @param meant the fields that were typed over or left out
     * @param typed the words that were typed
     */
    private void compare(Set<String> meant, List<String> typed, String place, int page) {
        Map<String, Named> known =
                Map.of("title", Named.TITLE, "subtitle", Named.SUBTITLE, "author", Named.AUTHOR, "isbn", Named.ISBN);
        for (String field : meant) {
            Named what = known.get(field);
            if (what == null || value(what).isEmpty() || typed.isEmpty()) {
                continue;
            }
            String expected = plain(value(what));
            if (typed.stream().noneMatch(t -> plain(t).contains(expected))) {
                all(what, place, page, nearest(expected, typed));
            }
        }
    }

    private void all(Named what, String place, int page, String found) {
        all.add(new Difference(what, place, page, value(what), found.strip()));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replace("\u00AD", "")
                .replaceAll("\\s+", " ")
                .strip();
    }

    /** Of several typed texts the one that shares most letters in order with what is expected. */
    private static String nearest(String expected, List<String> typed) {
        return typed.stream()
                .max(java.util.Comparator.comparingInt(t -> common(expected, plain(t))))
                .orElseThrow();
    }

    /** Length of the longest common subsequence (textbook dynamic programming). */
    private static int common(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int i = 1; i <= a.length(); i++) {
            int corner = 0;
            for (int j = 1; j <= b.length(); j++) {
                int above = row[j];
                row[j] = a.charAt(i - 1) == b.charAt(j - 1) ? corner + 1 : Math.max(above, row[j - 1]);
                corner = above;
            }
        }
        return row[b.length()];
    }
}
