package jorn.deliver;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.art.BarePicture;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
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
        edition.distinct().forEach(page -> see(page.standing()));
        if (edition.cover().geometry().isDelivered() || edition.book().hasCoverOnPages()) {
            CoverSheets sheets = new CoverSheets(edition);
            for (int i = 0; i < sheets.sheets(); i++) {
                see(Marks.standing(sheets.sheet(i).art().marks()));
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

    private void see(List<Marks.Standing> standing) {
        for (Marks.Standing each : standing) {
            if (each.mark() instanceof Mark.Image i) {
                seen.merge(i.picture().id(), i.from(), Box::with);
            }
        }
    }

    /** Pictures are known by what is in them, so that another file has another id wherever it is asked for. */
    private static Book renamed(Book book, Map<String, String> names) {
        String text = Json.tree(book).toString();
        for (Map.Entry<String, String> each : names.entrySet()) {
            text = text.replace("\"" + each.getKey() + "\"", "\"" + each.getValue() + "\"");
        }
        return Json.read(text.getBytes(StandardCharsets.UTF_8), Book.class, "book");
    }
}
