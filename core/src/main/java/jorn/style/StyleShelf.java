package jorn.style;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.json.Json;
import jorn.measure.Trouble;

/** The styles that ship with Jorn, each a file {@code jorn/style/ID.json}. */
public final class StyleShelf {
    private static final List<String> IDS =
            List.of("quiet", "ledger", "almanac", "poster", "meadow", "pebble", "linocut", "kite", "plain");

    private StyleShelf() {}

    private static final class Holder {
        private static final List<PageStyle> ALL = load();

        private static List<PageStyle> load() {
            List<PageStyle> all = new ArrayList<>();
            for (String id : IDS) {
                try (InputStream in = StyleShelf.class.getResourceAsStream(id + ".json")) {
                    all.add(Json.read(in.readAllBytes(), PageStyle.class, "The style " + id));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
            return List.copyOf(all);
        }
    }

    /** All of them, in the order in which they are offered. */
    public static List<PageStyle> shipped() {
        return Holder.ALL;
    }

    public static Optional<PageStyle> find(String id) {
        return shipped().stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** @throws Trouble naming the styles that there are */
    public static PageStyle of(String id) {
        return find(id).orElseThrow(() -> Trouble.of(
                "style.style-shelf.no-such-style",
                id,
                String.join(", ", shipped().stream().map(PageStyle::id).toList())));
    }

    /** What books look like that have chosen no style. */
    public static PageStyle plain() {
        return of("plain");
    }
}
