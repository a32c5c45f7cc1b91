package jorn.art;

/**
 * What is done with each kind of ink.
 *
 * @param <R> what comes of it
 */
public interface InkVisitor<R> {
    R black(Ink.Black black);

    R gray(Ink.Gray gray);

    R rgb(Ink.Rgb rgb);

    R cmyk(Ink.Cmyk cmyk);

    R spot(Ink.Spot spot);
}
