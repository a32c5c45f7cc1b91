package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.order.Names;
import jorn.order.Names.Difference;
import jorn.say.Message;
import jorn.say.Wording;

/** Title, subtitle, author, number and year are the same wherever they are printed; presses compare them with the order. */
final class NamesRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        for (Difference each : Names.differences(proof.edition())) {
            String what = Wording.of("check.names." + each.what().id());
            String where = Wording.of("check.names." + each.place());
            found.accept(new Finding(
                    "names.differ",
                    Severity.ERROR,
                    each.page() == 0 ? Place.cover(Optional.empty()) : Place.page(each.page()),
                    Message.of("check.names.found", what, where),
                    Message.plain(each.found()),
                    each.expected().isEmpty()
                            ? Message.of("check.names.nothing-set", what)
                            : Message.plain(each.expected()),
                    Message.of("check.names.do")));
        }
    }
}
