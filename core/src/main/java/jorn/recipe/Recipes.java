package jorn.recipe;

import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.block.text.TextBlock;
import jorn.layout.Align;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Page designs that are made from something: a ruling, a name. */
public final class Recipes {
    private Recipes() {}

    /** Lines to write on. */
    public static Recipe lined(Ruling ruling) {
        return Catalogue.recipe("lined").withRuling(ruling);
    }

    /** A heading on an otherwise bare page. */
    public static Recipe heading(String words) {
        return new Recipe(
                "heading",
                words,
                Stack.down(
                        Part.fixed(Length.mm(14), new Space()),
                        Part.natural(new TextBlock(words, Voice.HEADING, Style.BOLD, Length.points(20), Align.CENTRE)),
                        Part.share(1, new Space())));
    }

    /** Bare paper that something will stand on. */
    public static Recipe bare(String name) {
        return new Recipe("bare", name, new Space());
    }
}
