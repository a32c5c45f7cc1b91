package jorn.photo;

import java.util.List;

/**
 * A page with photographs.
 *
 * @param items from the upper left on, row by row
 * @param first which of all photographs is the first, from 0
 */
public record PhotoSheet(List<PhotoItem> items, int first) {
    public PhotoSheet {
        items = List.copyOf(items);
    }
}
