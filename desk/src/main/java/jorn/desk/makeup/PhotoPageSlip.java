package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.block.picture.PictureBlock.Fit;
import jorn.book.PhotoRuns;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.DrawingFolder;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.desk.view.Tiles;
import jorn.photo.PhotoItem;
import jorn.photo.PhotoPages;
import jorn.photo.PhotoSheet;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** The photographs of a page: captions, places among the others; and how many stand on all pages of their run. */
final class PhotoPageSlip extends Slip {
    private final Desk desk;
    private final PageWork work;
    private final PhotoSheet sheet;

    PhotoPageSlip(Desk desk, BookFiles files, PageWork work) {
        super(Wording.of("desk.photo.on-page"));
        this.desk = desk;
        this.work = work;
        this.sheet = sheet(work).orElseThrow();
        for (int i = 0; i < sheet.items().size(); i++) {
            one(i);
        }
        pages();
        order();
        add(act(Wording.of("desk.photo.folder"), Wording.of("desk.photo.folder-so"), () -> files.asker()
                .folder(Optional.empty())
                .ifPresent(f -> new DrawingFolder(desk, files).take(f, Cleaning.NONE))));
    }

    /** The photographs of the page that is looked at. */
    static Optional<PhotoSheet> sheet(PageWork work) {
        return work.run()
                .flatMap(PhotoRuns::of)
                .flatMap(p -> work.slot().subjects().get(PhotoSheet.class));
    }

    private void change(UnaryOperator<PhotoPages> how) {
        int run = work.slot().run();
        desk.change(
                "photos",
                b -> PhotoRuns.with(
                        b, run, how.apply(PhotoRuns.of(b.runs().get(run)).orElseThrow())));
    }

    /** All photographs of the run, to be put into another order. */
    private void order() {
        int run = work.slot().run();
        List<PhotoItem> items = work.run().flatMap(PhotoRuns::of).orElseThrow().items();
        add(Labels.label(Wording.of("desk.photo.order"), "group-name"));
        say(Wording.of("desk.photo.order-so"));
        add(PictureTiles.of(
                "photo-tiles",
                desk,
                items.stream().map(PhotoItem::picture).toList(),
                sheet.first(),
                new Tiles.Deeds(
                        i -> PictureTiles.goTo(desk, run, s -> s.subjects()
                                .get(PhotoSheet.class)
                                .filter(p -> p.first() <= i
                                        && i < p.first() + p.items().size())
                                .isPresent()),
                        (from, to) -> change(p -> p.moved(from, to)),
                        i -> change(p -> without(p, i)))));
    }

    private static PhotoPages without(PhotoPages pages, int index) {
        List<PhotoItem> all = new ArrayList<>(pages.items());
        all.remove(index);
        return pages.withItems(all);
    }

    private void one(int place) {
        PhotoItem item = sheet.items().get(place);
        int index = sheet.first() + place;
        field(
                Wording.of("desk.photo.caption", place + 1),
                "photo-caption-" + (place + 1),
                item.caption(),
                Wording.of("desk.photo.caption-help"),
                text -> change(p -> {
                    List<PhotoItem> all = new ArrayList<>(p.items());
                    all.set(index, item.captioned(text));
                    return p.withItems(all);
                }));
        words(
                "",
                List.of(
                        deed(
                                Wording.of("desk.art.earlier"),
                                "photo-earlier-" + (place + 1),
                                Wording.of("desk.art.earlier-help"),
                                () -> change(p -> p.moved(index, index - 1))),
                        deed(
                                Wording.of("desk.art.later"),
                                "photo-later-" + (place + 1),
                                Wording.of("desk.art.later-help"),
                                () -> change(p -> p.moved(index, index + 1))),
                        deed(
                                Wording.of("desk.art.remove"),
                                "photo-remove-" + (place + 1),
                                Wording.of("desk.art.remove-help"),
                                () -> change(p -> without(p, index)))));
    }

    private void pages() {
        int run = work.slot().run();
        PhotoPages now = work.run().flatMap(PhotoRuns::of).orElseThrow();
        Fit fit = work.run().map(PhotoRuns::fit).orElse(Fit.WHOLE);
        List<javafx.scene.control.Button> words = new ArrayList<>();
        for (int each : PhotoPages.EACH) {
            words.add(word(
                    Integer.toString(each),
                    "photo-each-" + each,
                    Wording.of("desk.photo.each-help", each),
                    each == now.each(),
                    () -> desk.change("photos", b -> PhotoRuns.laid(b, run, each))));
        }
        words(Wording.of("desk.photo.each"), words);
        int bare = desk.state().get().pagination().blanksAdded();
        if (bare > 0) {
            say(Wording.of("desk.photo.bare", bare, bare * now.each()));
        }
        words(
                Wording.of("desk.photo.all"),
                List.of(
                        fit(Fit.WHOLE, fit, "photo-whole", "desk.photo.whole", "desk.photo.whole-help"),
                        fit(Fit.FILL, fit, "photo-filled", "desk.photo.filled", "desk.photo.filled-help")));
    }

    private javafx.scene.control.Button fit(Fit each, Fit now, String id, String key, String help) {
        int run = work.slot().run();
        return word(
                Wording.of(key),
                id,
                Wording.of(help),
                each == now,
                () -> desk.change("photos", b -> PhotoRuns.fitted(b, run, each)));
    }
}
