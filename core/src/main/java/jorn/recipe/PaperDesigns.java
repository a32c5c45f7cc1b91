package jorn.recipe;

import static jorn.recipe.Make.*;

import java.util.List;
import jorn.measure.Length;
import jorn.recipe.Catalogue.Entry;
import jorn.recipe.Guides.Kind;

/** Paper to write and draw on. */
final class PaperDesigns {
    private static final String GROUP = "Paper";

    private PaperDesigns() {}

    static List<Entry> all() {
        return List.of(
                e("lined-narrow", "Lined, narrow", "ruled 6.35", lines(6.35)),
                new Entry(Recipes.lined(Ruling.customary()), GROUP, "ruled college 7.1"),
                e("lined-wide", "Lined, wide", "ruled 8.7", lines(8.7)),
                e("lined-margin", "Lined with a margin rule", "ruled school", margin()),
                e(
                        "lined-date",
                        "Lined with a date line",
                        "ruled diary journal",
                        stack(1, wide(fields("Date", "Page")), fill(lines(7.1)))),
                e(
                        "lined-title",
                        "Lined with a title line",
                        "ruled notes",
                        stack(1, wide(writing("Title")), fill(lines(7.1)))),
                e(
                        "lined-half",
                        "Picture above, lines below",
                        "primary story drawing",
                        stack(4, fill(box("", new Space())), fill(lines(8.7)))),
                e("two-columns", "Lined in two columns", "ruled vocabulary", beside(lines(7.1), lines(7.1))),
                e(
                        "cue-notes",
                        "Notes with a cue column",
                        "lecture study",
                        stack(
                                3,
                                wide(fields("Subject", "Date")),
                                fill(4, cue()),
                                fill(1, box("In short", new Space())))),
                e("dotted", "Dotted, 5 mm", "dot grid bullet", new Guides(Kind.DOTS, mm(5))),
                e("dotted-wide", "Dotted, 7 mm", "dot grid", new Guides(Kind.DOTS, mm(7))),
                e("squared-5", "Squared, 5 mm", "graph grid", new Guides(Kind.SQUARES, mm(5))),
                e("squared-quarter", "Squared, 6.35 mm", "graph grid quarter inch", new Guides(Kind.SQUARES, mm(6.35))),
                e("squared-10", "Squared, 10 mm", "graph grid children large", new Guides(Kind.SQUARES, mm(10))),
                e("isometric", "Isometric", "triangle 3d grid", new Guides(Kind.ISOMETRIC, mm(7))),
                e("hexagons", "Hexagons", "comb hex grid", new Guides(Kind.HEXAGONS, mm(10))),
                e("staves", "Music staves", "manuscript notes sheet", new Guides(Kind.STAVES, mm(8))),
                e(
                        "handwriting",
                        "Handwriting practice",
                        "letters children school",
                        new Guides(Kind.HANDWRITING, mm(6))),
                e("calligraphy", "Calligraphy, slanted", "pointed pen lettering", new Guides(Kind.CALLIGRAPHY, mm(5))),
                e(
                        "squared-lined",
                        "Squares above, lines below",
                        "science laboratory",
                        stack(4, fill(new Guides(Kind.SQUARES, mm(5))), fill(lines(7.1)))),
                e("storyboard", "Storyboard", "film comic frames", storyboard()));
    }

    private static Entry e(String id, String name, String words, Node root) {
        return entry(GROUP, id, name, words, root);
    }

    private static Node margin() {
        return new Row(
                List.of(
                        Row.Part.fixed(mm(16), new Space()),
                        Row.Part.fixed(Length.points(1), new Framed(new Space(), Length.ZERO, false, 0.8, "")),
                        Row.Part.share(1, lines(7.1))),
                Length.ZERO,
                false);
    }

    private static Node cue() {
        return new Row(
                List.of(Row.Part.share(1, box("Cues", new Space())), Row.Part.share(2.4, box("Notes", lines(7.1)))),
                mm(2),
                false);
    }

    private static Node storyboard() {
        Node frame = stack(2, fill(3, box("", new Space())), fill(1, lines(5.5)));
        return stack(4, fill(beside(frame, frame)), fill(beside(frame, frame)), fill(beside(frame, frame)));
    }
}
