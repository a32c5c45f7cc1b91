package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Picture;
import jorn.block.picture.PictureBlock.Fit;
import jorn.book.Placement.Start;
import jorn.photo.PhotoItem;
import jorn.photo.PhotoPages;
import jorn.recipe.Recipes;
import jorn.say.Wording;

/** The run of a photo booklet. */
public final class PhotoRuns {
    private PhotoRuns() {}

    /** The photographs of a run, if it is one of photographs. */
    public static Optional<PhotoPages> of(Run run) {
        return run.source() instanceof PhotoPages p ? Optional.of(p) : Optional.empty();
    }

    /** Whether a folder of pictures becomes photographs in this book. */
    public static boolean wants(Book book) {
        return book.identity().starter().equals(Starter.PHOTO_BOOKLET.id())
                || book.runs().stream().anyMatch(r -> of(r).isPresent());
    }

    private static Run run(PhotoPages pages, Fit fit) {
        String name = Wording.of("book.starter.photographs");
        return Run.from(pages, name, Recipes.photos(name, pages.each(), fit), Start.ANYWHERE);
    }

    /**
     * The same book with more photographs, behind those that it has.
     *
     * @param pictures that they show
     */
    public static Book taking(Book book, List<PhotoItem> items, List<Picture> pictures, int each, Fit fit) {
        Book now = book;
        for (Picture picture : pictures) {
            now = now.with(picture);
        }
        for (int i = 0; i < now.runs().size(); i++) {
            Optional<PhotoPages> there = of(now.runs().get(i));
            if (there.isPresent()) {
                List<PhotoItem> all = new ArrayList<>(there.get().items());
                all.addAll(items);
                return with(now, i, there.get().withItems(all));
            }
        }
        PhotoPages pages = new PhotoPages(items, each);
        List<Run> runs = new ArrayList<>();
        boolean placed = false;
        for (Run run : now.runs()) {
            if (run.isFilling() && !placed) {
                runs.add(run(pages, fit));
                placed = true;
            } else {
                runs.add(run);
            }
        }
        return placed ? now.withRuns(runs) : RunOrder.insert(now, now.runs().size(), run(pages, fit), false);
    }

    /** The same book with other photographs in a run. */
    public static Book with(Book book, int index, PhotoPages pages) {
        return book.withRun(index, r -> r.withSource(pages));
    }

    /** The same book with more or fewer photographs to a page of a run, which stand whole or fill their places as before. */
    public static Book laid(Book book, int index, int each) {
        return book.withRun(
                index, r -> of(r).map(p -> run(p.withEach(each), fit(r)).withStart(r.start()))
                        .orElse(r));
    }

    /** How the photographs of a run take their places. */
    public static Fit fit(Run run) {
        return run.recipe().photoFit().orElse(Fit.WHOLE);
    }

    /** The same book with the photographs of a run whole, or filling their places, in the sizes that they have. */
    public static Book fitted(Book book, int index, Fit fit) {
        return book.withRun(index, r -> r.withRecipe(r.recipe().withPhotoFit(fit)));
    }
}
