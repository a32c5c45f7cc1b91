package jorn.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jorn.json.TypeFamily;

/** Sources that Jorn does not have, named as a service for the tests. */
public final class OwnSources implements TypeFamily {
    /** A piece of running text: which page of it. */
    public record TextPage(int number) {}

    /**
     * A text that needs so much area: more pages where the margins leave less room.
     *
     * @param area in square points
     */
    public record Manuscript(double area) implements Source {
        @Override
        public List<Batch> batches(Request request) {
            double room = request.room().width() * request.room().height();
            int pages = (int) Math.max(1, Math.ceil(area / room));
            List<Subjects> all = new ArrayList<>();
            for (int i = 1; i <= pages; i++) {
                all.add(request.subjects().with(new TextPage(i)));
            }
            return List.of(new Batch(all));
        }
    }

    /** A source that is never content: many pages in a wide room, few in a narrow one. */
    public record Contrary(double width, int many, int few) implements Source {
        @Override
        public List<Batch> batches(Request request) {
            return List.of(Batch.of(request.subjects(), request.room().width() >= width ? many : few));
        }
    }

    /** A riddle on one page, and the answer on another, which refers to it. */
    public record Riddle(String words) {}

    /** The answer to a riddle. */
    public record Answer(Riddle to) {}

    /** Riddles, then their answers. */
    public record Riddles(List<String> words) implements Source {
        @Override
        public List<Batch> batches(Request request) {
            List<Batch> all = new ArrayList<>();
            words.forEach(w -> all.add(Batch.of(Subjects.of(new Riddle(w)), 1)));
            words.forEach(w -> all.add(Batch.of(Subjects.of(new Answer(new Riddle(w))), 1)));
            return all;
        }
    }

    @Override
    public Class<?> of() {
        return Source.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("own-manuscript", Manuscript.class, "own-contrary", Contrary.class, "own-riddles", Riddles.class);
    }
}
