package jorn.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Marks.Standing;
import jorn.art.Side;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Length;
import jorn.say.Message;

/**
 * Margins mirror: what is left on a recto is right on a verso. Measured from where the ink of most pages begins and ends; told only where left and
 * right pages have the same two unequal margins. Ink that stands in the gutter is told of by the rule of the safe area.
 */
final class MirrorRule implements PageRule {
    /** Fewer pages of a side say nothing of a book. */
    private static final int LEAST_PAGES = 4;
    /** Margins this near to each other are equal, in points. */
    private static final double EQUAL = 3;
    /** Left and right margins that differ by less are not seen to be unmirrored, in points. */
    private static final double SEEN = 8;

    /** Where the ink of a page begins and ends. */
    private record Ink(double left, double right) {}

    private final List<Ink> rectos = new ArrayList<>();
    private final List<Ink> versos = new ArrayList<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Box trim = sighting.art().trim();
        Box ink = sighting.standing().stream()
                .map(Standing::bounds)
                .filter(b -> trim.holds(b) && b.width() > 0)
                .reduce(Box::with)
                .orElse(new Box(0, 0, 0, 0));
        if (ink.width() > trim.width() / 2) {
            (sighting.slot().side() == Side.RECTO ? rectos : versos)
                    .add(new Ink(ink.x() - trim.x(), trim.right() - ink.right()));
        }
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        if (rectos.size() < LEAST_PAGES
                || versos.size() < LEAST_PAGES
                || proof.book().brief().isHeadBound()) {
            return;
        }
        Ink recto = middle(rectos);
        Ink verso = middle(versos);
        boolean alike =
                Math.abs(recto.left() - verso.left()) < EQUAL && Math.abs(recto.right() - verso.right()) < EQUAL;
        if (alike && Math.abs(recto.left() - recto.right()) > SEEN) {
            found.accept(new Finding(
                            "margin.mirrored",
                            Severity.NOTE,
                            Place.book(),
                            Message.of("check.mirror.found"),
                            Message.of(
                                    "check.mirror.measured",
                                    proof.text(Length.points(recto.left())),
                                    proof.text(Length.points(recto.right()))),
                            Message.of("check.mirror.required"),
                            Message.of("check.mirror.do"))
                    .by(Clause.MARGINS.of(proof)));
        }
    }

    private static Ink middle(List<Ink> all) {
        double[] left = all.stream().mapToDouble(Ink::left).sorted().toArray();
        double[] right = all.stream().mapToDouble(Ink::right).sorted().toArray();
        return new Ink(left[left.length / 2], right[right.length / 2]);
    }
}
