package jorn.print.picture;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jorn.art.Picture;
import jorn.art.PictureFile.CameraNotes;
import jorn.photo.PhotoItem;
import jorn.print.picture.DrawingIntake.Folder;
import jorn.print.picture.DrawingIntake.Steps;
import jorn.print.picture.DrawingIntake.Taken;
import jorn.say.Message;
import jorn.scan.Cleaning;

/** Takes photographs in from a folder: in the order of their names or of the time when they were taken, with captions. */
public final class PhotoIntake {
    private PhotoIntake() {}

    /**
     * A photograph that came in.
     *
     * @param caption what the camera's file says of it, otherwise the file's name
     * @param taken when, as the camera wrote it, {@code 2026:05:03 14:20:11}; empty where it did not
     */
    public record TakenPhoto(Picture picture, String caption, String taken) {}

    /**
     * What a folder gave.
     *
     * @param left what was left out, and why
     * @param stopped whether somebody stopped it before all were read
     */
    public record Photos(List<TakenPhoto> all, List<Message> left, boolean stopped) {
        /** As they stand on pages. */
        public List<PhotoItem> items(boolean captioned) {
            return all.stream()
                    .map(p -> new PhotoItem(p.picture().id(), captioned ? p.caption() : ""))
                    .toList();
        }

        public List<Picture> pictures() {
            return all.stream().map(TakenPhoto::picture).toList();
        }
    }

    /**
     * Takes a folder of photographs.
     *
     * @param byTime whether they come in the order in which they were taken; those without a time come last
     * @param steps hears of each before it is read
     * @throws jorn.measure.Trouble where it is no folder, or has no picture in it
     */
    public static Photos folder(Path folder, boolean byTime, Steps steps) {
        Folder read = DrawingIntake.folder(folder, Cleaning.NONE, steps);
        List<TakenPhoto> all = new ArrayList<>();
        for (Taken each : read.taken()) {
            all.add(photo(each.original()));
        }
        if (byTime) {
            // Names keep the order of those that have one time, or none.
            all.sort(Comparator.comparing(p -> p.taken().isEmpty() ? "9" : p.taken()));
        }
        return new Photos(List.copyOf(all), read.left(), read.stopped());
    }

    private static TakenPhoto photo(Picture picture) {
        CameraNotes noted = picture.file().notes();
        String name = picture.bareName().replace('_', ' ');
        return new TakenPhoto(picture, noted.description().isEmpty() ? name : noted.description(), noted.taken());
    }
}
