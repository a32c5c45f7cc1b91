package jorn.recipe;

import static jorn.recipe.Column.Part.natural;
import static jorn.recipe.Column.Part.share;

import jorn.measure.Length;
import jorn.recipe.TextBlock.Align;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/** The page designs that ship with Jorn. */
public final class Recipes {
    private Recipes() {}

    /** Bare paper. */
    public static Recipe blank() {
        return new Recipe("blank", "Blank", new Space());
    }

    /** Lines to write on. */
    public static Recipe lined(Ruling ruling) {
        return new Recipe("lined", "Lined", new RuledLines(ruling));
    }

    /** Title and author, a third of the way down, as a title page is set. */
    public static Recipe title() {
        return new Recipe(
                "title",
                "Title page",
                Column.of(
                        share(2, new Space()),
                        natural(new TextBlock("{title}", Voice.HEADING, Style.BOLD, Length.points(34), Align.CENTRE)),
                        natural(new TextBlock("{subtitle}", Voice.BODY, Style.ITALIC, Length.points(14), Align.CENTRE)),
                        share(4, new Space()),
                        natural(new TextBlock(
                                "{author}", Voice.BODY, Style.REGULAR, Length.points(13), Align.CENTRE))));
    }

    /** Whose book it is, with lines to write it on. */
    public static Recipe belongsTo() {
        Length line = Length.mm(13);
        return new Recipe(
                "belongs-to",
                "Belongs to",
                Column.of(
                        share(2, new Space()),
                        natural(new TextBlock(
                                "This book belongs to", Voice.HEADING, Style.ITALIC, Length.points(20), Align.CENTRE)),
                        natural(new WritingLine("", line)),
                        Column.Part.fixed(Length.mm(10), new Space()),
                        natural(new WritingLine("Begun on", line)),
                        natural(new WritingLine("Finished on", line)),
                        natural(new WritingLine("If found, please return to", line)),
                        natural(new WritingLine("", line)),
                        share(3, new Space())));
    }
}
