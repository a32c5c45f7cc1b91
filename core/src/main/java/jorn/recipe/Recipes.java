package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import jorn.block.page.Head;
import jorn.block.page.Opener;
import jorn.block.page.PageWords;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.block.picture.PhotoBlock;
import jorn.block.picture.PictureBlock;
import jorn.layout.Align;
import jorn.layout.Node;
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
     * A page of photographs: one, two of them one below the other, or four in two rows; the lines between them can be dragged.
     *
     * @param name of the design
     * @param each 1, 2 or 4
     */
    public static Recipe photos(String name, int each, PictureBlock.Fit fit) {
        Length gap = Length.mm(5);
        PhotoBlock[] all = new PhotoBlock[each];
        for (int i = 0; i < each; i++) {
            all[i] = new PhotoBlock(i + 1, fit);
        }
        Node root =
                switch (each) {
                    case 1 -> all[0];
                    case 2 -> Stack.down(gap, List.of(Part.share(1, all[0]), Part.share(1, all[1])));
                    default -> Stack.down(
                            gap,
                            List.of(
                                    Part.share(1, Stack.across(gap, all[0], all[1])),
                                    Part.share(1, Stack.across(gap, all[2], all[3]))));
                };
        return new Recipe("photos-" + each, name, root);
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
