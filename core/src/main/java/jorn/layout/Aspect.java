package jorn.layout;

import jorn.art.Frame;

/**
 * Something that differs from page to page and that a block may read while it is drawn. Pages of one design for which
 * everything that was read is the same have the same art.
 *
 * @param kind what sort of thing
 * @param what which one: the name of a field, the type of a subject, a subject whose page is asked for
 */
record Aspect(Kind kind, Object what) {
    enum Kind {
        /** The words of a field. */
        FIELD,
        /** The stretch of the calendar, without which one it is in its run. */
        DATE,
        /** A subject of a type. */
        SUBJECT,
        /** The page on which a subject stands. */
        PAGE_OF,
        /** At which side the spine is, and whether it is a recto. */
        SIDE,
        /** The measured page, its trim and bleed. */
        FRAME,
        /** Something that is not ready yet. */
        PASSING
    }

    static final Aspect DATE = new Aspect(Kind.DATE, "");
    static final Aspect SIDE = new Aspect(Kind.SIDE, "");
    static final Aspect PASSING = new Aspect(Kind.PASSING, "");
    static final Aspect FRAME = new Aspect(Kind.FRAME, "");

    /** What it is on a page. */
    Object on(PageFacts page, Frame frame) {
        return switch (kind) {
            case FIELD -> page.field((String) what).orElse("");
            case DATE -> java.util.List.of(
                    page.occasion().span(), page.occasion().from());
            case SUBJECT -> page.subjects().get((Class<?>) what);
            case PAGE_OF -> page.pageOf(what);
            case SIDE -> java.util.List.of(frame.side(), frame.gutterAtLeft());
            case FRAME -> frame;
            case PASSING -> "";
        };
    }
}
