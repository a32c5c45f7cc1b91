package jorn.puzzle.run;

import java.util.ArrayList;
import java.util.List;
import jorn.content.Batch;
import jorn.content.Request;
import jorn.content.Source;
import jorn.measure.Trouble;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.say.Label;

/**
 * The solutions of all puzzles before that have theirs at the end, several to a page.
 *
 * @param perPage 1 to 20; 0 for as many as can be read
 */
public record Solutions(@Label("puzzle.solutions.per-page") Integer perPage) implements Source {
    private static final int MOST = 20;

    public Solutions {
        perPage = perPage == null ? Integer.valueOf(0) : perPage;
        if (perPage < 0 || perPage > MOST) {
            throw Trouble.of("puzzle.run.solutions-per-page", perPage, MOST);
        }
    }

    @Override
    public List<Batch> batches(Request request) {
        List<PuzzleRef> refs = new ArrayList<>();
        PageUse use = PageUse.CUSTOMARY;
        for (var subjects : request.before().pages()) {
            var page = subjects.get(PuzzlePage.class).filter(p -> p.use().solutions() == SolutionPlace.END);
            if (page.isPresent()) {
                refs.addAll(page.get().puzzles());
                use = page.get().use();
            }
        }
        List<Batch> all = new ArrayList<>();
        int from = 0;
        while (from < refs.size()) {
            // Puzzles of another kind begin a page of their own, as another number of them may fit.
            PuzzleSet set = refs.get(from).set();
            int places = perPage > 0
                    ? perPage
                    : PuzzlePlaces.solutions(set.making().rules(), use.large(), set.size(), request.room());
            int to = from;
            while (to < refs.size() && to - from < places && refs.get(to).set().equals(set)) {
                to++;
            }
            all.add(new Batch(
                    List.of(request.subjects().with(new SolutionPage(refs.subList(from, to), places, use, true)))));
            from = to;
        }
        return all;
    }
}
