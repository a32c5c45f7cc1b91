package jorn.impose;

import jorn.say.Label;

/** How a page is made as large as its place. */
public enum Fitting {
    /** In proportion, all of it seen. */
    @Label("impose.fitting.fit")
    FIT,
    /** In proportion, its place filled; what reaches beyond is cut. */
    @Label("impose.fitting.fill")
    FILL,
    /** As wide and as high as its place, out of proportion. */
    @Label("impose.fitting.stretch")
    STRETCH,
    /** As large as it is. */
    @Label("impose.fitting.true-size")
    TRUE_SIZE
}
