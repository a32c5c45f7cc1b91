package jorn.art;

/** The two sides of a leaf in an open book. */
public enum Side {
    /** The page with an odd number. */
    RECTO("recto"),
    /** The page with an even number. */
    VERSO("verso");

    private final String id;

    Side(String id) {
        this.id = id;
    }

    public String id() {
        return id;
    }

    /** The side on which a page of this number falls. Page 1 is a recto. */
    public static Side of(int pageNumber) {
        return pageNumber % 2 == 1 ? RECTO : VERSO;
    }
}
