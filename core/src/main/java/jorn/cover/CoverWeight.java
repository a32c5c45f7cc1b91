package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Brief;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingOffer.Boards;
import jorn.press.CoverRule;
import jorn.say.Wording;

/**
 * What a cover weighs: area × grammage of its card, or of a case's wrap or a jacket, and of the boards under it. Glue, thread and a coil
 * are left out.
 *
 * <p>ISO 536 defines grammage; boards of a 6 × 9 in book weigh about 120 g (common practice).
 */
final class CoverWeight {
    private final Brief brief;
    private final CoverFigures figures;

    private CoverWeight(Brief brief, CoverFigures figures) {
        this.brief = brief;
        this.figures = figures;
    }

    /** The weight as a figure; nothing where there is no cover, or the press does not say what it is made of. */
    static Optional<Figure> of(Brief brief, CoverFigures figures) {
        return new CoverWeight(brief, figures).figure();
    }

    private Optional<Figure> figure() {
        List<Figure> parts = new ArrayList<>();
        StringBuilder formula = new StringBuilder();
        double grams = 0;
        Optional<CoverRule.Card> card = figures.card();
        if (card.isPresent()) {
            double area = printedArea();
            parts.add(area("cover.area", "cover.cover-weight.area", area));
            parts.add(grammage(
                    "cover.grammage", "cover.cover-weight.grammage", card.get().grammage()));
            formula.append("{cover.area} × {cover.grammage}");
            grams += area * card.get().grammage();
        }
        Optional<Boards> boards = brief.offer().boards().filter(b -> isCased());
        Optional<Double> boardGrammage = boards.flatMap(Boards::grammage);
        if (boardGrammage.isPresent()) {
            double area = boardArea();
            parts.add(area("board.area", "cover.cover-weight.board-area", area));
            parts.add(grammage("board.grammage", "cover.cover-weight.board-grammage", boardGrammage.get()));
            formula.append(formula.isEmpty() ? "" : " + ").append("{board.area} × {board.grammage}");
            grams += area * boardGrammage.get();
        }
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(Figure.computed(
                        "cover.weight",
                        Wording.of("cover.cover-weight.weight"),
                        new Scalar(grams, "g", 0),
                        formula.toString(),
                        "",
                        parts.toArray(Figure[]::new)));
    }

    private boolean isCased() {
        return brief.binding() == Binding.CASED || brief.binding() == Binding.JACKET;
    }

    private Figure area(String key, String label, double area) {
        return Figure.given(key, Wording.of(label), new Scalar(area, "m²", 4), Wording.of("cover.cover-weight.as-cut"));
    }

    private Figure grammage(String key, String label, double value) {
        return Figure.given(
                key,
                Wording.of(label),
                new Scalar(value, "g/m²", 0),
                brief.press().name());
    }

    /** The card as it is when the book is done: without bleed, which is cut off, but with a turn-in, which stays. */
    private double printedArea() {
        boolean turnedIn = brief.binding() == Binding.CASED;
        Length cut = turnedIn ? Length.ZERO : figures.outer().length();
        double sheets = brief.binding() == Binding.COIL ? 2 : 1;
        return sheets
                * squareMetres(
                        figures.width().length().without(cut.times(2)),
                        figures.height().length().without(cut.times(2)));
    }

    /** Two boards and the strip in the spine. */
    private double boardArea() {
        return squareMetres(figures.panelWidth().times(2).plus(figures.spine().length()), figures.panelHeight());
    }

    private static double squareMetres(Length width, Length height) {
        return width.in(Unit.MILLIMETRE) * height.in(Unit.MILLIMETRE) / 1e6;
    }
}
