package jorn.check;

import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.PageArt;
import jorn.art.Side;
import jorn.book.Brief;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Length;
import jorn.say.Message;

/**
 * What is drawn either stays inside the least margins or runs off over the trim; anything that stops between may be cut or
 * sink into the gutter.
 */
final class SafeAreaRule extends ArtRule {
    /** Half the weight of a line: art that only touches the edge of the safe area is inside, and so is what rounding moves it by. */
    private static final double TOUCHING = 0.25;

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        PageArt art = sighting.art();
        Box safe = proof.page().safe(sighting.slot().side());
        Box near = safe.outset(TOUCHING);
        return sighting.standing().stream()
                .filter(Standing::isSeen)
                .filter(s -> !s.bounds().isEmpty() || s.mark() instanceof Mark.Stroke)
                .filter(s -> !near.holds(s.bounds()) && !runsOff(s, near, art))
                .findFirst()
                // What is pushed out because there is no room for it is told of as that.
                .filter(s -> FitRule.fits(proof, sighting.slot().number()))
                .map(s -> finding(proof, sighting, s, safe));
    }

    /** Whether a line or area leaves the page wherever it leaves the safe area; at the spine the trim itself is the edge. */
    private static boolean runsOff(Standing standing, Box safe, PageArt art) {
        if (standing.mark() instanceof Mark.Words) {
            return false;
        }
        Box b = standing.bounds();
        Box bleed = art.bleed();
        // Lines from edge to edge may stand anywhere: a cut above the first of them takes nothing away.
        boolean across = standing.mark() instanceof Mark.Stroke
                && b.x() <= bleed.x() + TOUCHING
                && b.right() >= bleed.right() - TOUCHING;
        // A picture in a corner leaves the page at its two outer sides and ends inside at the others, a band at its two
        // ends.
        boolean atCorner = (b.x() >= safe.x() || b.x() <= bleed.x() + TOUCHING)
                && (b.right() <= safe.right() || b.right() >= bleed.right() - TOUCHING)
                && (b.y() >= safe.y() || b.y() <= bleed.y() + TOUCHING)
                && (b.bottom() <= safe.bottom() || b.bottom() >= bleed.bottom() - TOUCHING);
        return across || atCorner;
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing, Box safe) {
        Box b = standing.bounds();
        Box bleed = sighting.art().bleed();
        boolean words = standing.mark() instanceof Mark.Words;
        // A side at which an area leaves the page is meant; words never are.
        double left = !words && b.x() <= bleed.x() + TOUCHING ? 0 : safe.x() - b.x();
        double right = !words && b.right() >= bleed.right() - TOUCHING ? 0 : b.right() - safe.right();
        double head = !words && b.y() <= bleed.y() + TOUCHING ? 0 : safe.y() - b.y();
        double foot = !words && b.bottom() >= bleed.bottom() - TOUCHING ? 0 : b.bottom() - safe.bottom();
        double over = Math.max(Math.max(left, right), Math.max(head, foot));
        boolean gutterAtLeft =
                proof.edition().pages().frame(sighting.slot().side()).gutterAtLeft();
        double bound = proof.book().brief().isHeadBound()
                ? sighting.slot().side() == Side.RECTO ? head : foot
                : gutterAtLeft ? left : right;
        boolean inGutter = bound >= over;
        boolean sliver = !words
                && meetsTrim(
                        b, sighting.art(), proof.book().brief(), sighting.slot().side());
        String id = sliver ? "bleed.sliver" : inGutter ? "margin.gutter" : "margin.outside";
        return new Finding(
                        id,
                        Severity.ERROR,
                        Place.page(sighting.slot().number(), b),
                        Message.of(sliver ? "check.safe-area.sliver" : "check.safe-area.found"),
                        Message.of("check.safe-area.measured", proof.text(Length.points(over))),
                        Message.of("check.safe-area.required"),
                        Message.of(sliver ? "check.safe-area.sliver.do" : "check.safe-area.do"))
                .by((sliver ? Clause.BLEED : Clause.MARGINS).of(proof));
    }

    /** Whether it reaches the trim somewhere but not the end of the bleed: the knife may leave a white sliver there. */
    private static boolean meetsTrim(Box b, PageArt art, Brief brief, Side side) {
        Box trim = art.trim();
        Box bleed = art.bleed();
        boolean atHead = brief.isHeadBound();
        boolean atLeft = !atHead && brief.isRightHand(side);
        boolean atRight = !atHead && !brief.isRightHand(side);
        return (!(atHead && side == Side.RECTO) && stopsShort(trim.y() - b.y(), b.y() - bleed.y()))
                || (!(atHead && side == Side.VERSO)
                        && stopsShort(b.bottom() - trim.bottom(), bleed.bottom() - b.bottom()))
                || (!atLeft && stopsShort(trim.x() - b.x(), b.x() - bleed.x()))
                || (!atRight && stopsShort(b.right() - trim.right(), bleed.right() - b.right()));
    }

    /**
     * @param past by how much the trim is passed
     * @param left what is left to the end of the bleed
     */
    private static boolean stopsShort(double past, double left) {
        return past > -TOUCHING && left > TOUCHING;
    }
}
