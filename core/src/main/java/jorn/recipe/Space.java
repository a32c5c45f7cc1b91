package jorn.recipe;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;

/** Nothing, on purpose. */
public record Space() implements Node {
    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        // Bare paper.
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
