package jorn.press;

import java.util.Optional;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Wording;

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
                    "press.thickness.paper-s-thickness-given",
                    given == 0 ? Wording.of("press.thickness.none") : Wording.of("press.thickness.more-than-one"));
        }
        if (pagesPerInch.filter(p -> !(p > 0)).isPresent()
                || bulk.filter(b -> !(b > 0)).isPresent()) {
            throw Trouble.of("press.thickness.paper-has-no-thickness");
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
            return Figure.given("paper.page", Wording.of("press.thickness.thickness-page"), perPage.get(), from)
                    .shown(Precision.FINE);
        }
        if (pagesPerInch.isPresent()) {
            Figure ppi = Figure.given(
                    "paper.ppi",
                    Wording.of("press.thickness.pages-per-inch"),
                    new Scalar(pagesPerInch.get(), "pages/in", 1),
                    from);
            return Figure.computed(
                            "paper.page",
                            Wording.of("press.thickness.thickness-page"),
                            Length.inches(1 / pagesPerInch.get()),
                            "1 in ÷ {paper.ppi}",
                            "",
                            ppi)
                    .shown(Precision.FINE);
        }
        Figure grammage = Figure.given(
                "paper.grammage",
                Wording.of("press.thickness.grammage"),
                new Scalar(paper.grammage(), "g/m²", 0),
                from);
        Figure volume = Figure.given(
                "paper.bulk", Wording.of("press.thickness.bulk"), new Scalar(bulk.get(), "cm³/g", 2), from);
        Length leaf = Length.of(paper.grammage() * bulk.get(), Unit.MICRON);
        return Figure.computed(
                        "paper.page",
                        Wording.of("press.thickness.thickness-page"),
                        leaf.times(0.5),
                        "{paper.grammage} × {paper.bulk} ÷ 2",
                        Wording.of("press.thickness.iso-leaf-two-pages"),
                        grammage,
                        volume)
                .shown(Precision.FINE);
    }
}
