package jorn.makeup;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Slot;
import jorn.content.Gathering;
import jorn.content.Subjects;
import jorn.layout.PageFacts;
import org.jspecify.annotations.Nullable;

/** What is true of each page of a book, for the blocks that stand on it. */
final class BookPages {
    private static final Pattern FIELD = Pattern.compile("\\{([a-z.]+)}");

    private final Book book;
    private final Pagination pagination;
    private final Folios folios;
    private @Nullable Map<Object, Integer> places;

    BookPages(Book book, Pagination pagination, Folios folios) {
        this.book = book;
        this.pagination = pagination;
        this.folios = folios;
    }

    /** The words that are the same on all pages. */
    static Map<String, String> words(Book book) {
        return Map.of(
                "title", book.title().strip(),
                "subtitle", book.subtitle().strip(),
                "author", book.author().strip(),
                "isbn", book.isbn());
    }

    /** A text with the fields of a page filled; those that there are not stay. */
    String fill(String text, Slot slot) {
        return fill(text, name -> Optional.ofNullable(words(book).get(name))
                .or(() -> DateFields.field(name, slot, book.calendar())));
    }

    private static String fill(String text, Function<String, Optional<String>> field) {
        return FIELD.matcher(text)
                .replaceAll(
                        m -> Matcher.quoteReplacement(field.apply(m.group(1)).orElse(m.group())))
                .strip();
    }

    PageFacts of(Slot slot) {
        return new PageFacts() {
            @Override
            public Optional<String> field(String name) {
                if (name.equals(PAGE)) {
                    return Optional.of(folios.of(slot.number()));
                }
                return name.equals("run")
                        ? Optional.of(fill(book.runOf(slot).name(), slot))
                        : DateFields.field(name, slot, book.calendar());
            }

            @Override
            public Subjects subjects() {
                return slot.subjects();
            }

            @Override
            public OptionalInt pageOf(Object subject) {
                Integer page = places().get(subject);
                return page == null ? OptionalInt.empty() : OptionalInt.of(page);
            }

            @Override
            public Optional<String> folioOf(Object subject) {
                Integer page = places().get(subject);
                if (page == null) {
                    return Optional.empty();
                }
                String printed = folios.of(page);
                return Optional.of(printed.isEmpty() ? Integer.toString(page) : printed);
            }
        };
    }

    /** The first page of each subject. */
    private synchronized Map<Object, Integer> places() {
        if (places == null) {
            places = new HashMap<>();
            for (Slot slot : pagination.slots()) {
                for (Object subject : slot.subjects().all()) {
                    places.putIfAbsent(subject, slot.number());
                    if (subject instanceof Gathering many) {
                        many.parts().forEach(p -> places.putIfAbsent(p, slot.number()));
                    }
                }
            }
        }
        return places;
    }
}
