package jorn.art;

/**
 * What is done with each kind of mark: a sink, or a rule that looks for something.
 *
 * @param <R> what comes of it
 */
public interface MarkVisitor<R> {
    R fill(Mark.Fill fill);

    R shade(Mark.Shade shade);

    R stroke(Mark.Stroke stroke);

    R words(Mark.Words words);

    R stamped(Mark.Stamped stamped);

    R turned(Mark.Turned turned);

    R image(Mark.Image image);

    R link(Mark.Link link);

    R clip(Mark.Clip clip);

    R group(Mark.Group group);

    R foreign(Mark.Foreign foreign);
}
