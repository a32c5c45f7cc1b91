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

    /** Those that must be mended or looked at; notes left out. */
    public List<Finding> toMend() {
        return all.stream().filter(f -> f.severity() != Severity.NOTE).toList();
    }

    /** The ids of what must be mended. */
    Set<String> errors() {
        return all.stream()
                .filter(f -> f.severity() == Severity.ERROR)
                .map(Finding::id)
                .collect(Collectors.toSet());
    }
}
