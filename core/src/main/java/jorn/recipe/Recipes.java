package jorn.recipe;

import jorn.block.page.Head;
import jorn.block.page.Opener;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.layout.Part;
import jorn.layout.Stack;

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
