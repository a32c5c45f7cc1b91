package jorn.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import jorn.book.Pagination;
import jorn.book.Slot;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.pattern.page.FieldCount;
import jorn.pattern.page.MadePage;
import jorn.pattern.run.PatternSheet;
import jorn.say.Wording;

/** How many fields there are to colour in a book of patterns, and how small the smallest is, on those pages that are made. */
final class PatternFigures {
    private record Counted(Slot slot, FieldCount count) {}

    private PatternFigures() {}

    /** Pages of patterns. */
    static Stream<Slot> pages(Pagination pagination) {
        return pagination.slots().stream()
                .filter(s -> s.subjects().get(PatternSheet.class).isPresent());
    }

    /** All fields, those of the fullest page, the smallest one; nothing as long as no page of patterns is made. */
    static List<Figure> of(Pagination pagination) {
        List<Slot> pages = pages(pagination).toList();
        List<Counted> all = new ArrayList<>();
        for (Slot slot : pages) {
            slot.subjects()
                    .get(PatternSheet.class)
                    .flatMap(s -> s.set().made(s.number()))
                    .flatMap(MadePage::count)
                    .ifPresent(count -> all.add(new Counted(slot, count)));
        }
        if (all.isEmpty()) {
            return List.of();
        }
        Counted fullest = all.stream()
                .max(Comparator.comparingInt(c -> c.count().fields()))
                .orElseThrow();
        Counted finest = all.stream()
                .min(Comparator.comparingDouble(c -> c.count().smallest().points()))
                .orElseThrow();
        int sum = all.stream().mapToInt(c -> c.count().fields()).sum();
        String detail =
                Wording.of("pattern.detail." + fullest.count().detail().name().toLowerCase(Locale.ROOT));
        return List.of(
                Figure.given(
                        "pattern.fields",
                        Wording.of("brief.patterns.fields"),
                        fields(sum),
                        Wording.of("brief.patterns.counted", all.size(), pages.size())),
                Figure.given(
                        "pattern.fullest",
                        Wording.of("brief.patterns.fullest"),
                        fields(fullest.count().fields()),
                        Wording.of("brief.patterns.page", fullest.slot().number(), detail)),
                Figure.given(
                        "pattern.smallest",
                        Wording.of("brief.patterns.smallest"),
                        finest.count().smallest(),
                        Wording.of("brief.patterns.on-page", finest.slot().number())));
    }

    private static Scalar fields(int n) {
        return Scalar.count(n, Wording.of("brief.patterns.unit"));
    }
}
