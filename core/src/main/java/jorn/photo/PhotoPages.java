package jorn.photo;

import java.util.ArrayList;
import java.util.List;
import jorn.content.Batch;
import jorn.content.Request;
import jorn.content.Source;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * Photographs in their order, so many to a page.
 *
 * @param items 1 to {@value #MOST}
 * @param each 1, 2 or 4 to a page
 */
public record PhotoPages(@Required List<PhotoItem> items, @Required int each) implements Source {
    public static final int MOST = 2000;
    /** So many can stand on a page. */
    public static final List<Integer> EACH = List.of(1, 2, 4);

    public PhotoPages {
        items = List.copyOf(items);
        if (items.isEmpty() || items.size() > MOST) {
            throw Trouble.of("photo.refused.count-out-of-range", items.size(), MOST);
        }
        if (!EACH.contains(each)) {
            throw Trouble.of("photo.refused.each", each);
        }
    }

    public PhotoPages withItems(List<PhotoItem> others) {
        return new PhotoPages(others, each);
    }

    public PhotoPages withEach(int other) {
        return new PhotoPages(items, other);
    }

    /** The same with a photograph elsewhere, both counted from 0. */
    public PhotoPages moved(int from, int to) {
        List<PhotoItem> all = new ArrayList<>(items);
        all.add(Math.max(0, Math.min(items.size() - 1, to)), all.remove(from));
        return withItems(all);
    }

    @Override
    public List<Batch> batches(Request request) {
        List<Batch> all = new ArrayList<>();
        for (int first = 0; first < items.size(); first += each) {
            PhotoSheet sheet = new PhotoSheet(items.subList(first, Math.min(items.size(), first + each)), first);
            all.add(Batch.of(request.subjects().with(sheet), 1));
        }
        return all;
    }
}
