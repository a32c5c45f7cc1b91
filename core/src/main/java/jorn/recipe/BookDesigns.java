package jorn.recipe;

import static jorn.recipe.Make.*;

import java.util.List;
import java.util.Optional;
import jorn.art.Palette.Role;
import jorn.measure.Length;
import jorn.recipe.Catalogue.Entry;
import jorn.recipe.TextBlock.Align;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/** The pages before and after the body. */
final class BookDesigns {
    private static final String GROUP = "Front and back";

    private BookDesigns() {}

    static List<Entry> all() {
        return List.of(
                own(Recipes.title(), "front"),
                own(Recipes.halfTitle(), "front bastard"),
                own(Recipes.copyright(), "front rights imprint"),
                own(Recipes.dedication(), "front"),
                own(Recipes.belongsTo(), "owner name front"),
                own(Recipes.colophon(), "back last"),
                own(Recipes.blank(), "empty bare"),
                e(
                        "contents",
                        "Contents",
                        "front index",
                        page("Contents", fill(new TableBlock(List.of("", "Page"), List.of(6.0, 1.0), mm(8.5), false)))),
                e(
                        "contents-list",
                        "Contents, filled in",
                        "front index chapters",
                        page("Contents", fill(new ContentsList(mm(9), Length.points(12))))),
                e(
                        "title-border",
                        "Title page in a border",
                        "front frame ornate",
                        new Border(
                                stack(
                                        6,
                                        fill(1, new Space()),
                                        wide(centred("{title}", 26)),
                                        wide(new Ornament(Ornament.Shape.DIAMONDS, mm(6), Align.CENTRE)),
                                        wide(new TextBlock(
                                                "{subtitle}",
                                                Voice.BODY,
                                                Style.ITALIC,
                                                Length.points(14),
                                                Align.CENTRE)),
                                        fill(2, new Space()),
                                        wide(new TextBlock(
                                                "{author}",
                                                Voice.BODY,
                                                Style.REGULAR,
                                                Length.points(14),
                                                Align.CENTRE))),
                                Border.Corners.SCALLOPED,
                                3,
                                mm(1.4),
                                1.4,
                                Role.HEADING,
                                mm(6),
                                Optional.empty())),
                e(
                        "about-author",
                        "About the author",
                        "back biography",
                        stack(
                                4,
                                gap(8),
                                wide(centred("About the author", 20)),
                                wide(new Ornament(Ornament.Shape.SPRIG, mm(8), Align.CENTRE)),
                                fill(new Space()))),
                e(
                        "thanks",
                        "Thanks",
                        "back acknowledgements",
                        stack(
                                4,
                                gap(8),
                                wide(centred("Thanks", 20)),
                                wide(new Ornament(Ornament.Shape.DIAMONDS, mm(4), Align.CENTRE)),
                                fill(new Space()))),
                e(
                        "divider",
                        "Divider",
                        "part chapter month",
                        stack(
                                5,
                                fill(2, new Space()),
                                wide(new Ornament(Ornament.Shape.COMB, mm(16), Align.CENTRE)),
                                wide(centred("{month}", 30)),
                                wide(new Ornament(Ornament.Shape.RULE, mm(4), Align.CENTRE)),
                                fill(3, new Space()))),
                e(
                        "quote",
                        "A quotation",
                        "saying words",
                        stack(
                                5,
                                fill(2, new Space()),
                                wide(new Ornament(Ornament.Shape.SUN, mm(14), Align.CENTRE)),
                                wide(italic("{prompt}", 18)),
                                fill(3, new Space()))),
                e("notes", "Notes", "back lines", page("Notes", fill(lines(7.1)))),
                e(
                        "index",
                        "Index to fill in",
                        "back pages topics",
                        page("Where to find it", fill(beside(table(8, "Topic", "Page"), table(8, "Topic", "Page"))))));
    }

    private static Entry own(Recipe recipe, String words) {
        return new Entry(recipe, GROUP, words);
    }

    private static Entry e(String id, String name, String words, Node root) {
        return entry(GROUP, id, name, words, root);
    }
}
