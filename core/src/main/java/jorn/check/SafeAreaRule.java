package jorn.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.book.Pagination.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/**
 * What is drawn either stays inside the least margins or runs off over the trim; anything that stops between may be cut or
 * sink into the gutter. Looked for in the art itself, once for each recipe and side.
 */
final class SafeAreaRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Set<List<Object>> seen = new HashSet<>();
        for (Slot slot : proof.pagination().slots()) {
            if (slot.isBlank() || !seen.add(List.of(slot.side(), proof.book().variantOf(slot)))) {
                continue;
            }
            PageArt art = proof.composer().page(slot.number());
            Box safe = proof.page().safe(slot.side());
            for (Mark mark : flat(art.marks())) {
                Box b = mark.bounds();
                if (!safe.holds(b) && !runsOff(mark, b, safe, art)) {
                    tell(proof, slot.number(), b, safe, found);
                    break;
                }
            }
        }
    }

    /** Whether a line or area leaves the page wherever it leaves the safe area; at the spine the trim itself is the edge. */
    private static boolean runsOff(Mark mark, Box b, Box safe, PageArt art) {
        if (mark instanceof Mark.Words) {
            return false;
        }
        Box bleed = art.bleed();
        boolean across = b.x() <= bleed.x() + 0.01 && b.right() >= bleed.right() - 0.01;
        // A picture in a corner leaves the page at its two outer sides and ends inside at the others.
        boolean atCorner = (b.x() >= safe.x() || b.x() <= bleed.x() + 0.01)
                && (b.right() <= safe.right() || b.right() >= bleed.right() - 0.01)
                && (b.y() >= safe.y() || b.y() <= bleed.y() + 0.01)
                && (b.bottom() <= safe.bottom() || b.bottom() >= bleed.bottom() - 0.01);
        return across || atCorner;
    }

    private static List<Mark> flat(List<Mark> marks) {
        return marks.stream()
                .flatMap(m -> m instanceof Mark.Place p && p.dx() == 0 && p.dy() == 0
                        ? p.stamp().marks().stream()
                        : java.util.stream.Stream.of(m))
                .toList();
    }

    private static void tell(Proof proof, int page, Box b, Box safe, Consumer<Finding> found) {
        double over = Math.max(
                Math.max(safe.x() - b.x(), b.right() - safe.right()),
                Math.max(safe.y() - b.y(), b.bottom() - safe.bottom()));
        found.accept(new Finding(
                "safe-area",
                Severity.ERROR,
                Place.page(page, b),
                "Something on this page stands too near the edge or the gutter, and may be cut or hidden.",
                proof.text(jorn.measure.Length.points(over)) + " outside the safe area",
                "inside the least margins, or off the page",
                "Make the margins larger, or let the lines run off the page."));
    }
}
