package jorn.desk.model;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.art.Picture;
import jorn.art.PictureDecoder;
import jorn.book.CoverPicture;
import jorn.book.CoverPlan;
import jorn.book.Slot;
import jorn.calendar.DayFile;
import jorn.calendar.Occasion.Period;
import jorn.cover.Compositions;
import jorn.json.Json;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.print.picture.PictureIntake;
import jorn.recipe.Recipe;
import jorn.say.Wording;
import jorn.scratch.Blob;
import jorn.store.ItemFile;
import jorn.store.OwnStyles;
import jorn.store.RecipeFile;
import jorn.store.RecipeShelf;
import jorn.store.SafeFile;
import jorn.store.StyleFile;
import jorn.style.PageStyle;
import jorn.text.OwnFaces;
import jorn.text.Typeface;

/** Takes in what is dropped on the window: presses, designs, dates, lists, pictures. */
public final class Intake {
    private static final long LARGEST_PICTURE = 200_000_000;

    /** A picture is read through to see that it is whole; so few of its pixels are made. */
    private static final int LOOK = 16;

    private static final int LARGEST_FACE_MB = 20;
    private static final int LARGEST_JSON_MB = 5;

    private final Desk desk;

    public Intake(Desk desk) {
        this.desk = desk;
    }

    /**
     * Takes in a file that is not a book.
     *
     * @throws Trouble where it is nothing that Jorn knows, or is not in order
     */
    public void take(Path path) {
        read(path).run();
    }

    /**
     * Reads a file that is not a book, on whichever thread.
     *
     * @return what takes it in, on the interface thread
     * @throws Trouble where it is nothing that Jorn knows, or is not in order
     */
    Runnable read(Path path) {
        String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
        if (name.endsWith(".json")) {
            return readJson(path);
        } else if (name.endsWith(".ics")) {
            return readDays(path);
        } else if (name.endsWith(".csv")) {
            return readTable(path);
        } else if (name.endsWith(".txt")) {
            return readItems(path);
        } else if (name.endsWith(".ttf") || name.endsWith(".otf")) {
            return readTypeface(path);
        } else if (PictureIntake.isNamedSo(name)) {
            Picture picture = picture(path);
            return () -> {
                Picture kept = keep(picture);
                if (desk.bench().get() == BenchName.COVER) {
                    desk.change("cover-picture", b -> b.wearing(p -> onCover(p, kept)));
                }
                desk.say("desk.intake.book-now", kept.name());
            };
        }
        throw Trouble.of("desk.intake.jorn-does-not-know", path.getFileName());
    }

    /** A typeface is kept for all books, and becomes that of this one's titles. */
    private Runnable readTypeface(Path path) {
        byte[] bytes = SmallFile.read(path, LARGEST_FACE_MB);
        Typeface own = OwnFaces.add(String.valueOf(path.getFileName()), bytes);
        return () -> {
            SafeFile.write(desk.settings().typefaceFolder().resolve(own.id() + ".ttf"), out -> out.write(bytes));
            desk.change("type", b -> b.withType(b.type().withHeading(own.id())));
            desk.say("desk.intake.typeface", own.name());
        };
    }

    /** What a data file is shows in what it has; one that cannot be read is called neither. */
    private Runnable readJson(Path path) {
        JsonNode tree = Json.read(
                SmallFile.read(path, LARGEST_JSON_MB),
                JsonNode.class,
                Wording.of("desk.intake.data-file", path.getFileName()));
        if (StyleFile.isOne(tree)) {
            PageStyle read = StyleFile.read(path);
            return () -> {
                PageStyle kept = new OwnStyles(desk.settings().styleFolder()).keep(read, read.name());
                desk.say("desk.intake.style-on-your-shelf", kept.name());
            };
        }
        if (!tree.has("root") && !tree.has("bindings") && !tree.has("trims")) {
            throw Trouble.of("desk.intake.neither-design-nor-press", path.getFileName());
        }
        if (tree.has("root")) {
            Recipe read = RecipeFile.read(path);
            return () -> {
                Recipe kept = shelf().keep(read, read.name());
                desk.say("desk.intake.design-on-your-shelf", kept.name());
            };
        }
        PressProfile press = PressShelf.read(path);
        return () -> desk.changeBrief("press", b -> b.at(press));
    }

    private RecipeShelf shelf() {
        return new RecipeShelf(desk.settings().recipeFolder());
    }

    private Runnable readDays(Path path) {
        var calendar = desk.book().calendar();
        Optional<Period> within =
                calendar.from().map(from -> new Period(from, calendar.to().orElseThrow()));
        var days = DayFile.read(path, within);
        return () -> {
            desk.change("calendar", b -> b.withCalendar(b.calendar().withPersonal(days)));
            desk.say("desk.intake.dates-marked-now", days.size(), path.getFileName());
        };
    }

    /** A table of dates where its first column holds any; otherwise a list. */
    private Runnable readTable(Path path) {
        Optional<Runnable> puzzles = PuzzleIntake.read(desk, path);
        if (puzzles.isPresent()) {
            return puzzles.get();
        }
        Trouble noDates;
        try {
            return readDays(path);
        } catch (Trouble t) {
            noDates = t;
        }
        List<String> items = ItemFile.read(path);
        boolean datesMeant = items.stream().limit(20).anyMatch(i -> i.matches("\\d{1,4}[-./]\\d{1,2}[-./]\\d{1,4}.*"));
        if (datesMeant) {
            throw noDates;
        }
        return () -> giveItems(path, items);
    }

    private Runnable readItems(Path path) {
        Optional<Runnable> puzzles = PuzzleIntake.read(desk, path);
        if (puzzles.isPresent()) {
            return puzzles.get();
        }
        List<String> items = ItemFile.read(path);
        return () -> giveItems(path, items);
    }

    /** Gives a list to the run of the page that is looked at. */
    private void giveItems(Path path, List<String> items) {
        Slot slot = desk.state().get().pagination().page(desk.page().get());
        if (slot.isBlank()) {
            throw Trouble.of("desk.intake.page-you-look-at");
        }
        String run = desk.book().runs().get(slot.run()).name();
        desk.change("run", b -> b.withRun(slot.run(), r -> r.withItems(items)));
        boolean byLine = desk.book().runs().get(slot.run()).count().isEmpty()
                && desk.book().runs().get(slot.run()).per().isEmpty();
        desk.say(
                byLine ? "desk.intake.page-for-each-line" : "desk.intake.takes-lines-in-turn",
                run,
                items.size(),
                path.getFileName());
    }

    /**
     * Reads a picture, whole, on whichever thread.
     *
     * @throws Trouble where it is none, or is damaged
     */
    static Picture picture(Path path) {
        String name = String.valueOf(path.getFileName());
        if (!Files.isRegularFile(path)) {
            throw Trouble.of("desk.intake.cannot-read", name);
        }
        try (InputStream in = Files.newInputStream(path)) {
            Blob blob = Blob.of(in, LARGEST_PICTURE);
            if (blob.length() > LARGEST_PICTURE) {
                throw Trouble.of("desk.intake.larger-than-mb", name);
            }
            Picture picture = PictureIntake.of(name, blob);
            PictureDecoder.read(picture, LOOK);
            return picture;
        } catch (IOException e) {
            throw Trouble.because(e, "desk.intake.cannot-read", name);
        }
    }

    /** Brings a picture into the book. */
    Picture keep(Picture picture) {
        desk.change("picture", b -> b.with(picture));
        return picture;
    }

    /** Whose picture fills the front. */
    private static final String FULL = "full-picture";

    /** A picture on the cover; where the composition has no place for one, another is taken that has. */
    public static CoverPlan onCover(CoverPlan plan, Picture picture) {
        boolean place = Compositions.knows(plan.composition())
                && Compositions.of(plan.composition()).picture();
        CoverPlan now = place ? plan : plan.composedAs(FULL);
        return now.withPicture(Optional.of(CoverPicture.of(picture.id())));
    }
}
