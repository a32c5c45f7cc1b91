package jorn.desk.model;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Predicate;
import jorn.block.picture.PictureBlock.Fit;
import jorn.book.PatternRuns;
import jorn.book.PhotoRuns;
import jorn.print.picture.DrawingIntake;
import jorn.print.picture.DrawingIntake.Folder;
import jorn.print.picture.DrawingIntake.Steps;
import jorn.print.picture.PhotoIntake;
import jorn.say.Message;
import jorn.scan.Cleaning;

/** Takes a folder of drawings into the book on the desk, one to a page; tells how far it is, and can be stopped. */
public final class DrawingFolder {
    private static final int TOLD = 3;

    private final Desk desk;
    private final BookFiles files;

    public DrawingFolder(Desk desk, BookFiles files) {
        this.desk = desk;
        this.files = files;
    }

    /** In a photo booklet behind its photographs; otherwise in the place of the patterns, or behind the drawings that are there. */
    public void take(Path folder, Cleaning how) {
        if (PhotoRuns.wants(desk.book())) {
            photographs(folder);
            return;
        }
        files.fetchInSteps(report -> DrawingIntake.folder(folder, how, steps(report)), read -> place(read, how));
    }

    private static Steps steps(Predicate<Message> report) {
        return (name, number, of) -> report.test(Message.of("desk.art.reading", number, of, name));
    }

    private void photographs(Path folder) {
        files.fetchInSteps(report -> PhotoIntake.folder(folder, false, steps(report)), read -> {
            if (read.stopped()) {
                desk.say("desk.art.stopped");
                return;
            }
            desk.change("art", b -> PhotoRuns.taking(b, read.items(true), read.pictures(), 1, Fit.WHOLE));
            told("desk.photo.taken", "desk.photo.taken-some", read.all().size(), read.left());
        });
    }

    private void place(Folder read, Cleaning how) {
        if (read.stopped()) {
            desk.say("desk.art.stopped");
            return;
        }
        ArtIntake in = ArtIntake.of(read.taken(), how);
        desk.change("art", b -> PatternRuns.taking(b, in.items(), in.pictures()));
        told("desk.art.taken", "desk.art.taken-some", read.taken().size(), read.left());
    }

    private void told(String all, String some, int taken, List<Message> left) {
        if (left.isEmpty()) {
            desk.say(all, taken);
        } else {
            String first = left.stream().limit(TOLD).map(Message::text).reduce("", (a, b) -> a + " " + b);
            desk.say(some, taken, left.size(), first.strip());
        }
    }
}
