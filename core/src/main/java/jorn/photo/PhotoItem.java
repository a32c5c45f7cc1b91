package jorn.photo;

import jorn.json.Required;

/**
 * A photograph on a page.
 *
 * @param picture id of the picture in the book
 * @param caption below it; may be empty
 */
public record PhotoItem(@Required String picture, String caption) {
    public PhotoItem {
        caption = caption == null ? "" : caption.strip();
    }

    public PhotoItem captioned(String words) {
        return new PhotoItem(picture, words);
    }
}
