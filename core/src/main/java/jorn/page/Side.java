package jorn.page;

/** The two sides of a leaf in an open book. */
public enum Side {
    /** The page with an odd number. */
    RECTO("recto", "right-hand"),
    /** The page with an even number. */
    VERSO("verso", "left-hand");

    private final String id;
    private final String word;

    Side(String id, String word) {
        this.id = id;
        this.word = word;
    }

    public String id() {
        return id;
    }

    /** In plain words, for a book that reads from left to right. */
    public String word() {
        return word;
    }

    /** The side on which a page of this number falls. Page 1 is a recto. */
    public static Side of(int pageNumber) {
        return pageNumber % 2 == 1 ? RECTO : VERSO;
    }
}
