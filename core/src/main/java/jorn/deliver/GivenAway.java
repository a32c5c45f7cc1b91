package jorn.deliver;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import jorn.art.BarePicture;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.Plans;
import jorn.edition.Edition;
import jorn.json.Json;

/**
 * A book as it may be given to somebody else: its pictures have only the pixels that are seen on a page or on the cover, and nothing that a camera noted;
 * pictures that stand nowhere are left out, and so are prices, plans and the record of what was sent.
 */
public final class GivenAway {
    private final Edition edition;
    private final Map<String, Box> seen = new HashMap<>();

    private GivenAway(Edition edition) {
        this.edition = edition;
    }

    /** The book that is given away; it looks the same. */
    public static Book of(Edition edition) {
        return new GivenAway(edition).book();
    }

    private Book book() {
        int pages = edition.pagination().pageCount();
        for (int i = 1; i <= pages; i++) {
            see(edition.page(i));
        }
        if (edition.cover().geometry().isDelivered()) {
            CoverSheets sheets = new CoverSheets(edition);
            for (int i = 0; i < sheets.sheets(); i++) {
                see(sheets.sheet(i).art());
            }
        }
        Book book = edition.book().withPlans(Plans.NONE);
        Map<String, Picture> kept = new TreeMap<>();
        Map<String, String> names = new HashMap<>();
        book.pictures().forEach((id, picture) -> {
            Box part = seen.get(id);
            if (part != null) {
                Picture bare = BarePicture.of(picture, part);
                names.put(id, bare.id());
                kept.put(bare.id(), bare);
            }
        });
        return renamed(book.withPictures(Map.of()), names).withPictures(kept);
    }

    private void see(PageArt art) {
        Stream<Mark.Image> images = Marks.standing(art.marks()).stream()
                .map(Marks.Standing::mark)
                .filter(Mark.Image.class::isInstance)
                .map(Mark.Image.class::cast);
        images.forEach(i -> seen.merge(i.picture().id(), i.from(), Box::with));
    }

    /** Pictures are known by what is in them, so that another file has another id wherever it is asked for. */
    private static Book renamed(Book book, Map<String, String> names) {
        String text = Json.tree(book).toString();
        for (Map.Entry<String, String> each : names.entrySet()) {
            text = text.replace("\"" + each.getKey() + "\"", "\"" + each.getValue() + "\"");
        }
        JsonNode tree = Json.read(text.getBytes(java.nio.charset.StandardCharsets.UTF_8), JsonNode.class, "book");
        return Json.read(tree, Book.class, "book");
    }
}
