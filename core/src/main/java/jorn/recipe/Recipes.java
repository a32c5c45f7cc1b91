package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import jorn.block.page.Head;
import jorn.block.page.Opener;
import jorn.block.page.PageWords;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.layout.Align;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.layout.TypeStep;
import jorn.measure.Length;

/** Page designs that are made from something: a ruling, a name. */
public final class Recipes {
    private static final String HEADING = "heading";
    private static final String BARE = "bare";

    private Recipes() {}

    /** Lines to write on. */
    public static Recipe lined(Ruling ruling) {
        return Catalogue.recipe("lined").withRuling(ruling);
    }

    /**
     * A heading on an otherwise bare page.
     *
     * @param name of the design
     * @param words of the heading; may be a key of {@link jorn.say.BookWords}
     */
    public static Recipe heading(String name, String words) {
        return new Recipe(HEADING, name, Stack.down(Part.natural(Head.of(words)), Part.share(1, new Space())));
    }

    /**
     * A page that opens a part of the book.
     *
     * @param name of the design
     * @param words of the page; may be a key of {@link jorn.say.BookWords}
     */
    public static Recipe part(String name, String words) {
        return new Recipe("part", name, new Opener(words, ""));
    }

    /**
     * A page that explains something under a heading, in paragraphs.
     *
     * @param name of the design
     * @param heading may be a key of {@link jorn.say.BookWords}, as the paragraphs may
     */
    public static Recipe explained(String name, String heading, List<String> paragraphs) {
        List<Part> parts = new ArrayList<>(List.of(Part.natural(Head.of(heading))));
        for (String each : paragraphs) {
            parts.add(Part.natural(new PageWords(each, TypeStep.FIGURE, false, false, Align.LEFT)));
            parts.add(Part.fixed(Length.mm(7), new Space()));
        }
        parts.add(Part.share(1, new Space()));
        return new Recipe("explained", name, Stack.down(parts.toArray(Part[]::new)));
    }

    /** Whether it is waiting for what shall stand on it: bare paper, or a heading alone. */
    public static boolean isWaiting(Recipe recipe) {
        boolean made = recipe.id().equals(BARE) || recipe.id().equals(HEADING);
        return made && recipe.root().children().stream().allMatch(n -> n instanceof Space || n instanceof Head);
    }

    /** Bare paper that something will stand on. */
    public static Recipe bare(String name) {
        return new Recipe(BARE, name, new Space());
    }
}
