package jorn.layout;

/**
 * A line of the contents.
 *
 * @param name what begins there
 * @param page the page number as it is printed there
 */
public record ContentsEntry(String name, String page) {}
