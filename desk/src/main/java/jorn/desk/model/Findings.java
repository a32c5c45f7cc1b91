package jorn.desk.model;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.edition.Edition;

/**
 * What checking has found.
 *
 * @param of what was checked
 * @param all the worst first
 * @param whole whether all pages have been looked at
 */
public record Findings(Edition of, List<Finding> all, boolean whole) {
    public Findings {
        all = List.copyOf(all);
    }

    /** Those of one weight. */
    public List<Finding> of(Severity severity) {
        return all.stream().filter(f -> f.severity() == severity).toList();
    }

    /** Those that must be mended before the book may go. */
    public List<Finding> toMend() {
        return of(Severity.ERROR);
    }

    /** Those that somebody should look at. */
    public List<Finding> toLookAt() {
        return of(Severity.WARNING);
    }

    /** The ids of what must be mended. */
    Set<String> errors() {
        return toMend().stream().map(Finding::id).collect(Collectors.toSet());
    }
}
