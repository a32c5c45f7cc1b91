package jorn.content;

import java.util.List;
import jorn.json.Required;

/**
 * So many pages.
 *
 * @param count from 1
 */
public record Pages(@Required int count) implements Source {
    @Override
    public List<Batch> batches(Request request) {
        return List.of(Batch.of(request.subjects(), count));
    }
}
