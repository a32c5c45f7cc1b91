package jorn.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jorn.book.Book;
import jorn.cover.CoverFigures;
import jorn.makeup.PageGeometry;
import jorn.measure.Length;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.press.BindingOffer.PageRule;

/**
 * What would follow from other page counts of a book, everything else being as it is: thickness, gutter and cost. By the rules of the
 * book's press, as {@link Measures} reckons them.
 */
public final class PageEffects {
    private final Book book;
    private final PageRule rule;

    private PageEffects(Book book) {
        this.book = book;
        this.rule = book.brief().pageRule();
    }

    public static PageEffects of(Book book) {
        return new PageEffects(book);
    }

    /**
     * A page count from which on a length is another one.
     *
     * @param pages the first count of that length
     * @param length from there on
     */
    public record Step(int pages, Length length) {}

    /** The least that the binding takes. */
    public int least() {
        return rule.roundUp(Math.max(rule.min(), 1));
    }

    /** The most that the binding takes. */
    public int most() {
        return Math.max(least(), rule.max() - rule.max() % rule.multiple());
    }

    /** In steps of how many pages it binds. */
    public int multiple() {
        return rule.multiple();
    }

    /** The count nearest to a wish that the binding takes. */
    public int nearest(double pages) {
        long steps = Math.round((pages - least()) / multiple());
        return (int) Math.max(least(), Math.min(most(), least() + steps * multiple()));
    }

    /** How thick the closed book would be. */
    public Length thickness(int pages) {
        return CoverFigures.of(book, pages).thickness().length();
    }

    /** The gutter that the pages would have. */
    public Length gutter(int pages) {
        return PageGeometry.of(book, pages).gutter().length();
    }

    /** What printing one copy would cost in the press's first market, where it states costs. */
    public OptionalDouble cost(int pages) {
        List<Money> all = Money.everywhere(Copy.of(book, pages));
        return all.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(all.get(0).printing().number());
    }

    /** The currency of {@link #cost}; empty where there is none. */
    public String currency() {
        List<Money> all = Money.everywhere(Copy.of(book, least()));
        return all.isEmpty() ? "" : all.get(0).market().currency();
    }

    /** The gutter of the least page count, and every count at which it grows. */
    public List<Step> gutterSteps() {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(least(), gutter(least())));
        int at = least();
        while (true) {
            Optional<Step> next = nextGutterStep(at);
            if (next.isEmpty()) {
                return steps;
            }
            steps.add(next.get());
            at = next.get().pages();
        }
    }

    /**
     * The next page count at which the gutter is another one.
     *
     * @param pages from here on
     */
    public Optional<Step> nextGutterStep(int pages) {
        Length now = gutter(pages);
        int from = nearest(pages);
        if (gutter(most()).equals(now) || from >= most()) {
            return Optional.empty();
        }
        // The gutter never shrinks as pages are added, so the step is found by halving.
        int same = from;
        int other = most();
        while (other - same > multiple()) {
            int middle = nearest((same + other) / 2.0);
            if (middle <= same || middle >= other) {
                break;
            }
            if (gutter(middle).equals(now)) {
                same = middle;
            } else {
                other = middle;
            }
        }
        return Optional.of(new Step(other, gutter(other)));
    }

    /** From how many pages on words may stand on the spine; nothing where the press has no such rule. */
    public Optional<Integer> spineTextFrom() {
        return book.brief().binding().hasSpine()
                ? book.brief().offer().spineText().map(s -> rule.roundUp(Math.max(s.minPages(), rule.min())))
                : Optional.empty();
    }
}
