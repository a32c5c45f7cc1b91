package jorn.desk.makeup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.DrawingFolder;
import jorn.pattern.run.ArtItem;
import jorn.pattern.run.ArtPages;
import jorn.pattern.run.ArtSheet;
import jorn.pattern.run.PatternBack;
import jorn.print.picture.DrawingIntake;
import jorn.scan.Cleaning;

/** The drawings of the user's own on the pages that are looked at, and all that is done with them. */
public final class ArtWork {
    private final Desk desk;
    private final BookFiles files;
    private final PageWork work;

    public ArtWork(Desk desk, BookFiles files, PageWork work) {
        this.desk = desk;
        this.files = files;
        this.work = work;
    }

    Desk desk() {
        return desk;
    }

    Optional<ArtPages> pages() {
        return work.run().flatMap(PatternRuns::art);
    }

    /** The drawing on the page, or the one whose back it is. */
    Optional<ArtSheet> sheet() {
        return work.slot().subjects().get(ArtSheet.class).or(() -> work.slot()
                .subjects()
                .get(PatternBack.class)
                .map(PatternBack::of)
                .filter(ArtSheet.class::isInstance)
                .map(ArtSheet.class::cast));
    }

    boolean isHere() {
        return pages().isPresent() && sheet().isPresent();
    }

    void change(UnaryOperator<ArtPages> change) {
        int run = work.slot().run();
        pages().ifPresent(now -> desk.change("art", b -> PatternRuns.withArt(b, run, change.apply(now))));
    }

    void changeItem(UnaryOperator<ArtItem> change) {
        sheet().ifPresent(s -> change(p -> {
            List<ArtItem> all = new ArrayList<>(p.items());
            all.set(s.number() - 1, change.apply(all.get(s.number() - 1)));
            return p.withItems(all);
        }));
    }

    /** Moves the drawing of this page to an earlier or a later one. */
    void moveBy(int by) {
        sheet().ifPresent(s -> move(s.number() - 1, s.number() - 1 + by));
    }

    /** Moves a drawing to another place among the others, both counted from 0. */
    void move(int from, int to) {
        change(p -> {
            List<ArtItem> all = new ArrayList<>(p.items());
            all.add(Math.max(0, Math.min(all.size() - 1, to)), all.remove(from));
            return p.withItems(all);
        });
    }

    /** @param index from 0 */
    void remove(int index) {
        change(p -> {
            List<ArtItem> all = new ArrayList<>(p.items());
            all.remove(index);
            return p.withItems(all);
        });
    }

    /** Goes to the page of a drawing, counted from 0. */
    void goTo(int index) {
        PictureTiles.goTo(desk, work.slot().run(), s -> s.subjects()
                .get(ArtSheet.class)
                .filter(a -> a.number() == index + 1)
                .isPresent());
    }

    /** A folder of drawings, one to a page, in the place of the patterns, or behind the drawings that are there. */
    void takeFolder(Path folder, Cleaning how) {
        new DrawingFolder(desk, files).take(folder, how);
    }

    /** Cleans the drawing of this page anew, from what came in. */
    void clean(Cleaning how) {
        sheet().ifPresent(s -> cleanAll(List.of(s.item()), how));
    }

    /** Cleans all drawings of the run anew, from what came in. */
    void cleanRun(Cleaning how) {
        pages().ifPresent(p -> cleanAll(p.items(), how));
    }

    private void cleanAll(List<ArtItem> of, Cleaning how) {
        Map<String, Picture> known = desk.book().pictures();
        files.fetch(
                () -> {
                    Map<ArtItem, Picture> made = new LinkedHashMap<>();
                    Map<String, List<Picture>> once = new LinkedHashMap<>();
                    for (ArtItem item : of) {
                        Picture original = known.get(item.original());
                        if (original != null && !original.isMissing()) {
                            List<Picture> clean =
                                    once.computeIfAbsent(item.original(), o -> DrawingIntake.clean(original, how));
                            made.put(item, clean.get(Math.min(item.part(), clean.size() - 1)));
                        }
                    }
                    return made;
                },
                made -> {
                    Book with = desk.book();
                    for (Picture each : made.values()) {
                        with = with.with(each);
                    }
                    Map<String, Picture> pictures = with.pictures();
                    int run = work.slot().run();
                    pages().ifPresent(p -> desk.change(
                            "art",
                            b -> PatternRuns.withArt(
                                    b.withPictures(pictures),
                                    run,
                                    p.withItems(p.items().stream()
                                            .map(i -> made.containsKey(i)
                                                    ? i.withPicture(made.get(i).id())
                                                            .withCleaning(how)
                                                    : i)
                                            .toList()))));
                });
    }

    BookFiles files() {
        return files;
    }

    /** All that a slip about the page's drawing says hangs on this. */
    String state() {
        return isHere() ? "art " + desk.page().get() : "";
    }
}
