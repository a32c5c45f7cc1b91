package jorn.edition;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.book.Variant;
import jorn.content.Titled;
import jorn.cover.InsidePages;
import jorn.makeup.PageComposer;

/** Pages of the body that differ by design, for the back of the cover. */
final class ShownPages implements InsidePages {
    private final Book book;
    private final Pagination pagination;
    private final PageComposer pages;

    ShownPages(Book book, Pagination pagination, PageComposer pages) {
        this.book = book;
        this.pagination = pagination;
        this.pages = pages;
    }

    /** One page of each design in the body, the first of those of which there are most; rectos, where there are any. */
    private List<Slot> kinds() {
        Map<Variant, List<Slot>> all = new LinkedHashMap<>();
        for (Slot slot : pagination.slots()) {
            if (!slot.isBlank() && book.runOf(slot).matter() == Run.Matter.BODY) {
                all.computeIfAbsent(book.variantOf(slot), v -> new ArrayList<>())
                        .add(slot);
            }
        }
        return all.values().stream()
                .sorted((a, b) -> Integer.compare(b.size(), a.size()))
                .map(s -> s.get(Math.min(s.size() - 1, s.size() / 3)))
                .toList();
    }

    private List<Slot> titled() {
        return pagination.slots().stream()
                .filter(s -> s.subjects().all().stream().anyMatch(Titled.class::isInstance))
                .toList();
    }

    @Override
    public List<PageArt> some(int most) {
        List<Slot> titled = titled();
        if (titled.size() > 1) {
            // Of pictures with titles, some from all over the book.
            int shown = Math.min(most, titled.size());
            return IntStream.range(0, shown)
                    .mapToObj(i -> titled.get((2 * i + 1) * titled.size() / (2 * shown)))
                    .map(s -> pages.page(s.number()))
                    .toList();
        }
        List<Slot> kinds = new ArrayList<>(kinds());
        if (kinds.size() == 1) {
            // Of a book whose pages are all alike, a left and a right one.
            int next = kinds.get(0).number() + 1;
            if (next <= pagination.pageCount() && !pagination.page(next).isBlank()) {
                kinds.add(pagination.page(next));
            }
        }
        return kinds.subList(0, Math.min(most, kinds.size())).stream()
                .map(s -> pages.page(s.number()))
                .toList();
    }

    @Override
    public Optional<PageArt> sample() {
        return kinds().stream().findFirst().map(s -> pages.page(s.number()));
    }
}
