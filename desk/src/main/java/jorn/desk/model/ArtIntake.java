package jorn.desk.model;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Picture;
import jorn.pattern.run.ArtItem;
import jorn.print.picture.DrawingIntake.Taken;
import jorn.scan.Cleaning;

/**
 * Drawings that came in, as pages.
 *
 * @param items a page each
 * @param pictures that they show, and those that they came from
 */
public record ArtIntake(List<ArtItem> items, List<Picture> pictures) {
    /** Numbers by which files are kept in order, and what parts them from the name. */
    private static final String NUMBERED = "^\\d+[\\s.)_-]+(?=\\p{L})";

    /** A file's name as people say it: "03_two-bees" is called "two-bees". */
    static String title(String file) {
        return file.replaceFirst(NUMBERED, "").replace('_', ' ').strip();
    }

    /** What was taken in, in order; each page is called as its file was, without its number. */
    public static ArtIntake of(List<Taken> taken, Cleaning how) {
        List<ArtItem> items = new ArrayList<>();
        List<Picture> pictures = new ArrayList<>();
        for (Taken each : taken) {
            pictures.add(each.original());
            String title = title(each.original().bareName());
            for (int i = 0; i < each.clean().size(); i++) {
                Picture clean = each.clean().get(i);
                pictures.add(clean);
                String name = each.clean().size() == 1 ? title : title + " " + (i + 1);
                items.add(new ArtItem(clean.id(), each.original().id(), i, how, name));
            }
        }
        return new ArtIntake(items, pictures);
    }
}
