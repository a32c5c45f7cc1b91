package jorn.desk.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Picture;
import jorn.book.Slot;
import jorn.calendar.DayFile;
import jorn.calendar.Occasion.Period;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Recipe;
import jorn.store.ItemFile;
import jorn.store.RecipeFile;
import jorn.store.RecipeShelf;

/** Takes in what is dropped on the window: presses, designs, dates, lists, pictures. */
public final class Intake {
    private static final long LARGEST_PICTURE = 200_000_000;

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
        String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
        if (name.endsWith(".json")) {
            takeJson(path);
        } else if (name.endsWith(".ics")) {
            takeDays(path);
        } else if (name.endsWith(".csv")) {
            takeTable(path);
        } else if (name.endsWith(".txt")) {
            takeItems(path);
        } else if (name.endsWith(".png") || name.endsWith(".jpg") || name.endsWith(".jpeg")) {
            Picture picture = bringIn(path);
            desk.say("desk.intake.book-now", picture.name());
        } else {
            throw Trouble.of("desk.intake.jorn-does-not-know", path.getFileName());
        }
    }

    private void takeJson(Path path) {
        if (RecipeFile.isRecipe(path)) {
            Recipe read = RecipeFile.read(path);
            Recipe kept = shelf().keep(read, read.name());
            desk.say("desk.intake.design-on-your-shelf", kept.name());
        } else {
            PressProfile press = PressShelf.read(path);
            desk.changeBrief("press", b -> b.at(press));
        }
    }

    private RecipeShelf shelf() {
        return new RecipeShelf(desk.settings().recipeFolder());
    }

    private void takeDays(Path path) {
        var calendar = desk.book().calendar();
        Optional<Period> within =
                calendar.from().map(from -> new Period(from, calendar.to().orElseThrow()));
        var days = DayFile.read(path, within);
        desk.change("calendar", b -> b.withCalendar(b.calendar().withPersonal(days)));
        desk.say("desk.intake.dates-marked-now", days.size(), path.getFileName());
    }

    /** A table of dates where its first column holds any; otherwise a list. */
    private void takeTable(Path path) {
        Optional<Trouble> noDates;
        try {
            takeDays(path);
            return;
        } catch (Trouble t) {
            noDates = Optional.of(t);
        }
        List<String> items = ItemFile.read(path);
        boolean datesMeant = items.stream().limit(20).anyMatch(i -> i.matches("\\d{1,4}[-./]\\d{1,2}[-./]\\d{1,4}.*"));
        if (datesMeant) {
            throw noDates.get();
        }
        giveItems(path, items);
    }

    private void takeItems(Path path) {
        giveItems(path, ItemFile.read(path));
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

    /** Brings a picture into the book. */
    public Picture bringIn(Path path) {
        try {
            if (Files.size(path) > LARGEST_PICTURE) {
                throw Trouble.of("desk.intake.larger-than-mb", path.getFileName());
            }
            Picture picture = Picture.of(String.valueOf(path.getFileName()), Files.readAllBytes(path));
            desk.change("picture", b -> b.with(picture));
            return picture;
        } catch (IOException e) {
            throw Trouble.because(e, "desk.intake.cannot-read", path.getFileName());
        }
    }

    /** Brings a picture into the book and hands it over; what is wrong with it is told on the desk. */
    public void bringIn(Path path, Consumer<Picture> then) {
        desk.attempt(() -> then.accept(bringIn(path)));
    }
}
