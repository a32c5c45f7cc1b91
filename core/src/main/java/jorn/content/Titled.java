package jorn.content;

/** A subject that has a title of its own, by which the contents list it. */
public interface Titled {
    /**
     * The title.
     *
     * @param language of the book, by BCP 47
     */
    String title(String language);
}
