package jorn.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.Target;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/** A link leads to a page that there is, can be touched on its page, and no other lies over it that leads elsewhere. */
final class LinkRule extends ArtRule {
    /** Neighbours may touch, in points. */
    private static final double TOUCHING = 0.5;

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        List<Standing> before = new ArrayList<>();
        for (Standing s : sighting.standing()) {
            if (s.mark() instanceof Mark.Link link) {
                Optional<Message> wrong = wrong(proof, sighting, s, link, before);
                if (wrong.isPresent()) {
                    return Optional.of(new Finding(
                            "link.target",
                            Severity.ERROR,
                            Place.page(sighting.slot().number(), s.bounds()),
                            wrong.get(),
                            Message.plain(inWords(link.target())),
                            Message.of("check.link.required", proof.pagination().pageCount()),
                            Message.of("check.link.do")));
                }
                before.add(s);
            }
        }
        return Optional.empty();
    }

    private static Optional<Message> wrong(
            Proof proof, Sighting sighting, Standing s, Mark.Link link, List<Standing> before) {
        if (link.target() instanceof Target.Page page
                && (page.number() < 1 || page.number() > proof.pagination().pageCount())) {
            return Optional.of(Message.of("check.link.nowhere"));
        }
        if (s.bounds().isEmpty() || !sighting.art().trim().meets(s.bounds())) {
            return Optional.of(Message.of("check.link.off-page"));
        }
        for (Standing other : before) {
            Box common = s.bounds().common(other.bounds());
            boolean over = common.width() > TOUCHING && common.height() > TOUCHING;
            if (over && !((Mark.Link) other.mark()).target().equals(link.target())) {
                return Optional.of(Message.of("check.link.twice"));
            }
        }
        return Optional.empty();
    }

    private static String inWords(Target target) {
        return target instanceof Target.Page p
                ? jorn.say.Wording.of("check.finding.page", p.number())
                : target instanceof Target.Web w ? w.address().toString() : "";
    }
}
