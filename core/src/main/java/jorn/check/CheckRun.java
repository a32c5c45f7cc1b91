package jorn.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import jorn.edition.Edition.Sighting;

/**
 * One check of a book, which can be done in parts: a book of a thousand different pages takes a moment, and whoever waits may
 * want what is known so far. Used by one thread at a time.
 */
public final class CheckRun {
    private final Proof proof;
    private final List<PageRule> pageRules;
    private final Iterator<Sighting> pages;
    private final List<Finding> found = new ArrayList<>();
    private boolean done;

    CheckRun(Proof proof, List<Rule> rules, List<PageRule> pageRules) {
        this.proof = proof;
        this.pageRules = pageRules;
        this.pages = proof.edition().distinct().iterator();
        rules.forEach(rule -> rule.look(proof, found::add));
    }

    /**
     * Looks at pages until there are no more, or for so long.
     *
     * @param nanoseconds how long at most; at least one page is looked at
     * @return whether all has been looked at
     */
    public boolean goOn(long nanoseconds) {
        long from = System.nanoTime();
        if (done) {
            return true;
        }
        do {
            step();
        } while (!done && System.nanoTime() - from < nanoseconds);
        return done;
    }

    /** Looks at all pages that are left. */
    public void finish() {
        while (!done) {
            step();
        }
    }

    private void step() {
        if (pages.hasNext()) {
            Sighting page = pages.next();
            pageRules.forEach(rule -> rule.look(proof, page, found::add));
            return;
        }
        pageRules.forEach(rule -> rule.end(proof, found::add));
        done = true;
    }

    /** What has been found so far, the worst first. */
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>(found);
        all.sort(Comparator.comparing(Finding::severity));
        return List.copyOf(all);
    }
}
