package jorn.press;

import java.util.Optional;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/**
 * How thick a paper is, in one of the three ways in which presses state it: per page, in pages per inch, or as grammage
 * and bulk. A page is one side of a leaf, so a leaf is twice as thick as a "page".
 *
 * <p>Grammage × bulk is the apparent caliper of ISO 534: leaf caliper in µm = g/m² × cm³/g.
 *
 * @param perPage thickness of one page
 * @param pagesPerInch pages to the inch, above 0
 * @param bulk in cm³/g, above 0; goes with the grammage of the paper
 */
public record Thickness(Optional<Length> perPage, Optional<Double> pagesPerInch, Optional<Double> bulk) {
    public Thickness {
        int given = (perPage.isPresent() ? 1 : 0) + (pagesPerInch.isPresent() ? 1 : 0) + (bulk.isPresent() ? 1 : 0);
        if (given != 1) {
            throw Trouble.of(
                    "a paper's thickness is given in " + (given == 0 ? "none" : "more than one")
                            + " of the three ways.",
                    "Give exactly one of perPage, pagesPerInch and bulk.");
        }
        if (pagesPerInch.filter(p -> !(p > 0)).isPresent()
                || bulk.filter(b -> !(b > 0)).isPresent()) {
            throw Trouble.of("a paper has no thickness.", "Give a number above 0.");
        }
    }

    public static Thickness perPage(Length length) {
        return new Thickness(Optional.of(length), Optional.empty(), Optional.empty());
    }

    public static Thickness pagesPerInch(double pages) {
        return new Thickness(Optional.empty(), Optional.of(pages), Optional.empty());
    }

    public static Thickness bulk(double bulk) {
        return new Thickness(Optional.empty(), Optional.empty(), Optional.of(bulk));
    }

    /**
     * Thickness of one page as a figure.
     *
     * @param paper the paper that has this thickness
     * @param source the profile it comes from
     */
    Figure page(PaperStock paper, String source) {
        String from = paper.name() + ", " + source;
        if (perPage.isPresent()) {
            return Figure.given("paper.page", "Thickness of a page", perPage.get(), from)
                    .shown(Precision.FINE);
        }
        if (pagesPerInch.isPresent()) {
            Figure ppi =
                    Figure.given("paper.ppi", "Pages per inch", new Scalar(pagesPerInch.get(), "pages/in", 1), from);
            return Figure.computed(
                            "paper.page",
                            "Thickness of a page",
                            Length.inches(1 / pagesPerInch.get()),
                            "1 in ÷ {paper.ppi}",
                            "",
                            ppi)
                    .shown(Precision.FINE);
        }
        Figure grammage = Figure.given("paper.grammage", "Grammage", new Scalar(paper.grammage(), "g/m²", 0), from);
        Figure volume = Figure.given("paper.bulk", "Bulk", new Scalar(bulk.get(), "cm³/g", 2), from);
        Length leaf = Length.of(paper.grammage() * bulk.get(), Unit.MICRON);
        return Figure.computed(
                        "paper.page",
                        "Thickness of a page",
                        leaf.times(0.5),
                        "{paper.grammage} × {paper.bulk} ÷ 2",
                        "ISO 534; a leaf is two pages",
                        grammage,
                        volume)
                .shown(Precision.FINE);
    }
}
