package jorn.content;

import java.util.ArrayList;
import java.util.List;
import jorn.json.Required;

/**
 * A page, or a pair of pages, for each of a list of words.
 *
 * @param words at least one
 */
public record Items(@Required List<String> words) implements Source {
    public Items {
        words = List.copyOf(words);
    }

    @Override
    public List<Batch> batches(Request request) {
        List<Batch> all = new ArrayList<>();
        for (String each : words) {
            all.add(Batch.of(Subjects.of(new Item(each, all.size() + 1)), request.together()));
        }
        return all;
    }
}
