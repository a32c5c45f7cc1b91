package jorn.desk.model;

import java.util.List;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.brief.Measures;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.check.Proof;
import jorn.cover.CoverGeometry;
import jorn.makeup.Composer;
import jorn.measure.Unit;

/**
 * Everything that can be seen of one book: its pages, measures and findings, all of the same moment.
 *
 * @param composer makes the pages
 * @param measures all figures
 * @param cover the cover's measures
 * @param findings the worst first
 */
public record Sight(Composer composer, Measures measures, CoverGeometry cover, List<Finding> findings) {
    public static Sight of(Book book, Unit unit) {
        Composer composer = new Composer(book);
        return new Sight(
                composer,
                Measures.of(book, composer.pagination()),
                CoverGeometry.of(book, composer.pagination().pageCount()),
                Checker.check(Proof.of(composer, unit)));
    }

    public Book book() {
        return composer.book();
    }

    public Pagination pagination() {
        return composer.pagination();
    }

    /** Findings that must be mended or looked at; notes left out. */
    public List<Finding> toMend() {
        return findings.stream().filter(f -> f.severity() != Severity.NOTE).toList();
    }
}
