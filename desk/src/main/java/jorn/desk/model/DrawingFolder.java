package jorn.desk.model;

import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import jorn.book.PatternRuns;
import jorn.print.picture.DrawingIntake;
import jorn.print.picture.DrawingIntake.Folder;
import jorn.say.Message;
import jorn.say.Wording;
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

    /** In the place of the patterns, or behind the drawings that are there. */
    public void take(Path folder, Cleaning how) {
        AtomicBoolean stopped = new AtomicBoolean();
        Notice.Choice stop =
                new Notice.Choice("stop-drawings", Wording.of("desk.puzzles.stop"), () -> stopped.set(true));
        files.fetchInSteps(
                report -> DrawingIntake.folder(folder, how, (name, number, of) -> {
                    report.accept(Message.of("desk.art.reading", number, of, name), stop);
                    return !stopped.get();
                }),
                read -> place(read, how));
    }

    private void place(Folder read, Cleaning how) {
        if (read.stopped()) {
            desk.say("desk.art.stopped");
            return;
        }
        ArtIntake in = ArtIntake.of(read.taken(), how);
        desk.change("art", b -> PatternRuns.taking(b, in.items(), in.pictures()));
        if (read.left().isEmpty()) {
            desk.say("desk.art.taken", read.taken().size());
        } else {
            String first = read.left().stream().limit(TOLD).map(Message::text).reduce("", (a, b) -> a + " " + b);
            desk.say("desk.art.taken-some", read.taken().size(), read.left().size(), first.strip());
        }
    }
}
