package jorn.puzzle.run;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.content.Batch;
import jorn.content.Request;
import jorn.content.Source;
import jorn.content.Subjects;
import jorn.content.Worklist;
import jorn.json.Required;
import jorn.puzzle.run.PageUse.SolutionPlace;

/**
 * Pages of puzzles, and of their solutions where these stand among them.
 *
 * @param making which puzzles
 * @param use how they stand on their pages
 */
@RecordBuilder
public record Puzzles(@Required Making making, PageUse use) implements Source, PuzzlesBuilder.With {
    public Puzzles {
        use = use == null ? PageUse.CUSTOMARY : use;
    }

    /** The first of them, made already: to be shown where there is no book. */
    @JsonIgnore
    public PuzzleRef sample() {
        PuzzleSet set = PuzzleSet.of(making);
        set.get(0);
        return new PuzzleRef(set, 0);
    }

    @Override
    public List<Batch> batches(Request request) {
        PuzzleSet set = PuzzleSet.of(making);
        int places = PuzzlePlaces.fitting(this, request.room());
        List<PuzzlePage> pages = new ArrayList<>();
        for (int from = 0; from < set.size(); from += places) {
            List<PuzzleRef> refs = new ArrayList<>();
            for (int i = from; i < Math.min(set.size(), from + places); i++) {
                refs.add(new PuzzleRef(set, i));
            }
            pages.add(new PuzzlePage(refs, places, use));
        }
        Subjects about = request.subjects();
        if (use.solutions() == SolutionPlace.END || use.solutions() == SolutionPlace.NONE) {
            return List.of(new Batch(pages.stream().map(about::with).toList()));
        }
        List<Batch> all = new ArrayList<>();
        SolutionPage before = new SolutionPage(List.of(), places, use, false);
        for (PuzzlePage page : pages) {
            SolutionPage own = new SolutionPage(page.puzzles(), places, use, false);
            Subjects puzzles = about.with(page);
            SolutionPage next = use.solutions() == SolutionPlace.BACK ? own : before;
            all.add(new Batch(List.of(puzzles, about.with(next))));
            before = own;
        }
        if (use.solutions() == SolutionPlace.FACING) {
            all.add(new Batch(List.of(about.with(before))));
        }
        return all;
    }

    @Override
    @JsonIgnore
    public Optional<Worklist> worklist() {
        return Optional.of(PuzzleSet.of(making));
    }

    /** Solutions on the back stand behind their puzzles only where these are on rectos, and facing ones only where they are on versos. */
    @Override
    @JsonIgnore
    public Opening opening() {
        return switch (use.solutions()) {
            case BACK -> Opening.RECTO;
            case FACING -> Opening.VERSO;
            case END, NONE -> Opening.ANYWHERE;
        };
    }
}
