package jorn.check;

import java.util.Optional;
import java.util.stream.Stream;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.layout.Node;
import jorn.layout.UnknownPart;
import jorn.say.Message;

/** A part of a newer Jorn stays empty here, where that Jorn would print something. */
final class UnknownPartRule extends ArtRule {
    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        return all(proof.book().recipeOf(sighting.slot()).root())
                .filter(UnknownPart.class::isInstance)
                .map(UnknownPart.class::cast)
                .findFirst()
                .map(part -> new Finding(
                        "page.unknown",
                        Severity.ERROR,
                        Place.page(sighting.slot().number()),
                        Message.of("check.unknown-part.found", part.kind()),
                        Message.of("check.unknown-part.measured"),
                        Message.of("check.unknown-part.required"),
                        Message.of("check.unknown-part.do")));
    }

    private static Stream<Node> all(Node node) {
        return Stream.concat(Stream.of(node), node.children().stream().flatMap(UnknownPartRule::all));
    }
}
