package jorn.check;

import java.util.function.Consumer;
import jorn.art.Frame;
import jorn.art.Side;
import jorn.book.MarginChoice;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Figure;
import jorn.say.Message;
import jorn.say.Wording;

/** The margins must not be under the press's least, and must leave room for a page. */
final class MarginRule implements Rule {
    /** Less room than this between the margins is no page: half an inch. */
    private static final double LEAST_ROOM = 36;

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        compare(proof, proof.page().gutter(), proof.page().requiredGutter(), Wording.of("check.margin.gutter"), found);
        compare(
                proof,
                proof.page().outside(),
                proof.page().requiredOutside(),
                Wording.of("check.margin.outside-margin"),
                found);
        if (proof.book().margins().head().isPresent()) {
            compare(
                    proof,
                    proof.page().head(),
                    proof.page().requiredOutside(),
                    Wording.of("check.margin.head-margin"),
                    found);
        }
        compare(proof, proof.page().foot(), proof.page().requiredFoot(), Wording.of("check.margin.foot-margin"), found);
        Frame frame = proof.edition().pages().frame(Side.RECTO);
        if (frame.text().width() < LEAST_ROOM || frame.text().height() < LEAST_ROOM) {
            found.accept(new Finding(
                    "page.fit",
                    Severity.ERROR,
                    Place.page(1),
                    Message.of("check.margin.found"),
                    Message.NOTHING,
                    Message.of("check.margin.required"),
                    Message.of("check.margin.do")));
        }
    }

    private static void compare(Proof proof, Figure actual, Figure required, String word, Consumer<Finding> found) {
        if (actual.length().compareTo(required.length()) < 0 && !actual.length().isAbout(required.length())) {
            found.accept(new Finding(
                            actual.key().equals("margin.set.gutter") ? "margin.gutter" : "margin.outside",
                            Severity.ERROR,
                            Place.page(1),
                            Message.of("check.margin.found-2", word, proof.press()),
                            Message.plain(proof.text(actual.length())),
                            Message.of("check.margin.required-2", proof.text(required.length())),
                            Message.of("check.margin.do-2", word, proof.text(required.length())))
                    .by(Clause.MARGINS.of(proof))
                    .mendedBy(Mend.of(b -> b.withMargins(MarginChoice.NONE), "margins")));
        }
    }
}
