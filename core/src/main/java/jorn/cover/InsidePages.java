package jorn.cover;

import java.util.List;
import java.util.Optional;
import jorn.art.PageArt;

/** The inside of the book, as far as its cover shows it. */
public interface InsidePages {
    /** Nothing to show. */
    InsidePages NONE = new InsidePages() {
        @Override
        public List<PageArt> some(int most) {
            return List.of();
        }

        @Override
        public Optional<PageArt> sample() {
            return Optional.empty();
        }
    };

    /** Pages that differ, from all over the book. */
    List<PageArt> some(int most);

    /** The page of which the book has most. */
    Optional<PageArt> sample();
}
