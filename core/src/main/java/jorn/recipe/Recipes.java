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

    /** The title alone, as on the first page of a book. */
    public static Recipe halfTitle() {
        return new Recipe(
                "half-title",
                "Half title",
                Column.of(
                        share(2, new Space()),
                        natural(text("{title}", Voice.HEADING, Style.REGULAR, 20, Align.CENTRE)),
                        share(5, new Space())));
    }

    /** Whose the book is, small and low on a left-hand page. */
    public static Recipe copyright() {
        return new Recipe(
                "copyright",
                "Copyright page",
                Column.of(
                        share(1, new Space()),
                        natural(text("{title}", Voice.BODY, Style.ITALIC, 9.5, Align.LEFT)),
                        natural(text(
                                "Copyright © {author}. All rights reserved.",
                                Voice.BODY,
                                Style.REGULAR,
                                9.5,
                                Align.LEFT)),
                        Column.Part.fixed(Length.mm(3), new Space()),
                        natural(text(
                                "No part of this book may be copied without leave of the author, except short passages in a review.",
                                Voice.BODY,
                                Style.REGULAR,
                                9.5,
                                Align.LEFT))));
    }

    /** For whom it is. */
    public static Recipe dedication() {
        return new Recipe(
                "dedication",
                "Dedication",
                Column.of(
                        share(2, new Space()),
                        natural(text("For", Voice.HEADING, Style.ITALIC, 16, Align.CENTRE)),
                        natural(new WritingLine("", Length.mm(12))),
                        share(5, new Space())));
    }

    /** Who made it, at the foot of a last page. */
    public static Recipe colophon() {
        return new Recipe(
                "colophon",
                "Last page",
                Column.of(
                        share(1, new Space()),
                        natural(text("{title}", Voice.HEADING, Style.BOLD, 12, Align.CENTRE)),
                        natural(text("{author}", Voice.BODY, Style.REGULAR, 10.5, Align.CENTRE))));
    }

    /** A heading on an otherwise bare page. */
    public static Recipe heading(String words) {
        return new Recipe(
                "heading",
                words,
                Column.of(
                        Column.Part.fixed(Length.mm(14), new Space()),
                        natural(text(words, Voice.HEADING, Style.BOLD, 20, Align.CENTRE)),
                        share(1, new Space())));
    }

    /** Bare paper that something will stand on. */
    public static Recipe bare(String name) {
        return new Recipe("bare", name, new Space());
    }

    /** A week on one page. */
    public static Recipe week() {
        return Catalogue.recipe("week");
    }

    private static TextBlock text(String words, Voice voice, Style style, double size, Align align) {
        return new TextBlock(words, voice, style, Length.points(size), align);
    }
}
