package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Reading;
import jorn.book.Brief;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Length;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import jorn.say.Message;

/** The binding edge goes with the direction of reading, and is long enough for its holes. */
final class EdgeRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Brief brief = proof.book().brief();
        BindingEdge natural = brief.reading() == Reading.LEFT_TO_RIGHT ? BindingEdge.LEFT : BindingEdge.RIGHT;
        if (brief.edge() != natural && !brief.isHeadBound()) {
            found.accept(new Finding(
                            "edge.reading",
                            Severity.WARNING,
                            Place.book(),
                            Message.of("check.edge.against-reading"),
                            Message.plain(brief.edge().word()),
                            Message.plain(natural.word()),
                            Message.of("check.edge.against-reading.do"))
                    .mendedBy(Mend.of(
                            b -> b.withBrief(
                                    b.brief().withWishes(b.brief().wishes().withEdge(Optional.empty()))),
                            "edge",
                            natural.word())));
        }
        brief.holes().ifPresent(h -> fits(proof, brief, h, found));
    }

    private static void fits(Proof proof, Brief brief, HolePattern pattern, Consumer<Finding> found) {
        Length edge = brief.isHeadBound() ? brief.trim().width() : brief.trim().height();
        int all = pattern.gaps().size() + 1;
        int there = pattern.onEdge(edge.points()).size();
        if (there < all) {
            found.accept(new Finding(
                    "holes.fit",
                    Severity.WARNING,
                    Place.book(),
                    Message.of("check.edge.holes-do-not-fit", pattern.called()),
                    Message.of("check.edge.holes", there),
                    Message.of("check.edge.holes", all),
                    Message.of("check.edge.holes-do-not-fit.do", proof.text(edge))));
        }
    }
}
