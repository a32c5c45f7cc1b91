package jorn.pattern.run;

import jorn.content.Titled;

/**
 * A page with a drawing of the user's own.
 *
 * @param item the drawing
 * @param number from 1
 */
public record ArtSheet(ArtItem item, int number) implements Titled {
    @Override
    public String title(String language) {
        return item.title().isEmpty() ? Integer.toString(number) : item.title();
    }
}
