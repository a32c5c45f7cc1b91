package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Picture;
import jorn.book.Placement.Start;
import jorn.pattern.run.ArtItem;
import jorn.pattern.run.ArtPages;
import jorn.pattern.run.Patterns;
import jorn.press.Binding;
import jorn.recipe.Catalogue;
import jorn.say.Wording;

/** Runs of pages to colour. */
public final class PatternRuns {
    private PatternRuns() {}

    /** The pages of a run, if it is one of patterns. */
    public static Optional<Patterns> of(Run run) {
        return run.source() instanceof Patterns p ? Optional.of(p) : Optional.empty();
    }

    /** A run of patterns; each picture stands in the contents by its title. */
    public static Run run(Patterns patterns) {
        return Run.from(patterns, Wording.of("book.starter.pictures"), Catalogue.recipe("colouring"), Start.RECTO)
                .inContents(true);
    }

    /** A run of drawings of the user's own; each stands in the contents by its title. */
    public static Run run(ArtPages pages) {
        return Run.from(pages, Wording.of("book.starter.drawings"), Catalogue.recipe("colouring-art"), Start.RECTO)
                .inContents(true);
    }

    /** The drawings of a run, if it is one of drawings. */
    public static Optional<ArtPages> art(Run run) {
        return run.source() instanceof ArtPages p ? Optional.of(p) : Optional.empty();
    }

    /**
     * The same book with more drawings: behind those that it has, or in the place of a run of patterns, or after its other runs.
     *
     * @param items a page each, one at least
     * @param pictures that the drawings show, and those that they came from
     */
    public static Book taking(Book book, List<ArtItem> items, Iterable<Picture> pictures) {
        Book now = book;
        for (Picture each : pictures) {
            now = now.with(each);
        }
        for (int i = 0; i < now.runs().size(); i++) {
            Optional<ArtPages> there = art(now.runs().get(i));
            if (there.isPresent()) {
                List<ArtItem> all = new ArrayList<>(there.get().items());
                all.addAll(items);
                return withArt(now, i, there.get().withItems(all));
            }
        }
        for (int i = 0; i < now.runs().size(); i++) {
            Optional<Patterns> patterns = of(now.runs().get(i));
            if (patterns.isPresent()) {
                ArtPages pages = new ArtPages(items, patterns.get().back());
                return now.withRun(i, r -> run(pages));
            }
        }
        ArtPages pages = new ArtPages(items, back(now.brief().binding()));
        return RunOrder.insert(now, now.runs().size(), run(pages), false);
    }

    /**
     * What is put behind pages to colour where nobody has chosen: blank pages where leaves are bound, so that pens do not spoil the next picture;
     * nothing where they are loose, for single sheets are printed on one side (common practice).
     */
    static Patterns.Back back(Binding binding) {
        return binding == Binding.LOOSE ? Patterns.Back.NONE : Patterns.Back.BLANK;
    }

    /**
     * The same book with one more run of patterns, with such backs as its binding wants.
     *
     * @param at index that it gets, from 0 to the number of runs
     */
    public static Book adding(Book book, int at, Patterns patterns) {
        Patterns backed = patterns.withBack(back(book.brief().binding()));
        return RunOrder.insert(book, at, run(backed), false);
    }

    /** The inside of a kind of book as a binding wants it. */
    static Interior bound(Interior inside, Binding binding) {
        List<Run> runs = inside.runs().stream()
                .map(r ->
                        of(r).map(p -> r.withSource(p.withBack(back(binding)))).orElse(r))
                .toList();
        return inside.withRuns(runs);
    }

    /** The same book with other drawings in a run. */
    public static Book withArt(Book book, int index, ArtPages pages) {
        return book.withRun(index, r -> r.withSource(pages));
    }

    /**
     * The same book with other pages in a run.
     *
     * @param index of a run of patterns
     */
    public static Book with(Book book, int index, Patterns now) {
        return book.withRun(index, r -> r.withSource(now));
    }
}
