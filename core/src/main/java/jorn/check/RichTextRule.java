package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.colour.Lab;
import jorn.measure.Numeral;
import jorn.say.Message;

/** Small black words of several inks get coloured fringes, as inks never lie quite over each other (common practice). */
final class RichTextRule extends MarkRule {
    /** Larger letters hide the fringe (common practice), in points. */
    private static final double LARGE = 14;

    private static final double DARK = 0.5;
    private static final double ANY = 0.02;

    /** Chroma up to which a dark colour is hardly seen to be one: it could be black alone (common practice). */
    private static final double HARDLY = 10;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        if (!seen.onCover() && proof.book().brief().inkSet().blackOnly()) {
            // There the rule of colours tells of it.
            return Optional.empty();
        }
        return seen.standing().stream()
                .filter(s -> isRich(s) && s.mark().bounds().width() > 0)
                .findFirst()
                .map(s -> new Finding(
                        "ink.rich-text",
                        Severity.WARNING,
                        seen.place().apply(s.bounds()),
                        Message.of("check.rich-text.found"),
                        Message.of(
                                "check.rich-text.measured",
                                ((Mark.Words) s.mark()).ink().name(),
                                Numeral.trimmed(size(s), 1)),
                        Message.of("check.rich-text.required"),
                        Message.of("check.rich-text.do")));
    }

    private static double size(Standing s) {
        return ((Mark.Words) s.mark()).run().size() * s.at().enlarges();
    }

    private static boolean isRich(Standing s) {
        return s.mark() instanceof Mark.Words w
                && !w.run().text().isBlank()
                && w.ink() instanceof Ink.Cmyk c
                && c.black() >= DARK
                && Math.max(c.cyan(), Math.max(c.magenta(), c.yellow())) > ANY
                && Lab.ofRgb(c.rgb()).chroma() <= HARDLY
                && size(s) < LARGE;
    }
}
