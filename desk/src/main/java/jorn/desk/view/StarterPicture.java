package jorn.desk.view;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.recipe.Recipes;

/** What a starter looks like: the first spread of its pages, as they would be printed. */
public final class StarterPicture {
    private static final double WIDTH = 128;
    private static final Map<Starter, List<PageArt>> MADE = new ConcurrentHashMap<>();

    private StarterPicture() {}

    /** A picture with its name, to be chosen. */
    public static Button button(Painter painter, Starter starter, boolean chosen, Runnable choose) {
        var name = Labels.label(BriefSlips.sentenceCase(starter.kind()), "choice-name");
        SpreadPicture picture = new SpreadPicture(
                painter,
                () -> MADE.computeIfAbsent(starter, StarterPicture::spread),
                starter.usualBrief().trim(),
                2,
                WIDTH);
        VBox box = new VBox(3, picture, name);
        box.setAlignment(Pos.TOP_CENTER);
        box.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(box);
        button.setAlignment(Pos.TOP_CENTER);
        button.setMaxHeight(Double.MAX_VALUE);
        button.getStyleClass().setAll("choice");
        if (chosen) {
            button.getStyleClass().add("chosen");
        }
        button.setId("starter-" + starter.id());
        button.setAccessibleText(starter.kind());
        button.setAccessibleHelp(starter.about());
        button.setTooltip(new javafx.scene.control.Tooltip(starter.about()));
        button.setOnAction(e -> choose.run());
        return button;
    }

    /** The first spread of the body; where that waits for its filling, the one with the title page. */
    private static List<PageArt> spread(Starter starter) {
        Book book = starter.begin().withTitle(BriefSlips.sentenceCase(starter.kind()));
        Edition edition = Edition.of(book);
        List<Slot> slots = edition.pagination().slots();
        int first = slots.stream()
                .filter(s -> !s.isBlank() && s.number() % 2 == 0)
                .filter(s -> book.runOf(s).matter() == Run.Matter.BODY && !Recipes.isWaiting(book.recipeOf(s)))
                .mapToInt(Slot::number)
                .findFirst()
                .orElse(0);
        return SpreadPicture.open(edition.pages(), edition.pagination(), book.brief(), first);
    }
}
