package jorn.content;

/** A subject that has to be made first, which may take long. */
public interface Pending {
    /** Waits until it is made, or cannot be; on a thread that must not wait it returns at once. Called before a page is drawn, while nobody else waits for that. */
    void await();
}
