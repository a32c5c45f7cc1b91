package jorn.recipe;

import static jorn.recipe.Column.Part.fixed;
import static jorn.recipe.Column.Part.natural;
import static jorn.recipe.Column.Part.share;

import java.util.List;
import java.util.Optional;
import jorn.measure.Length;
import jorn.recipe.TextBlock.Align;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/** Short ways to put designs together, so that all of them share their headings, rhythm and lines. */
final class Make {
    private Make() {}

    static Length mm(double mm) {
        return Length.mm(mm);
    }

    static TextBlock heading(String words) {
        return new TextBlock(words, Voice.HEADING, Style.BOLD, Length.points(19), Align.LEFT);
    }

    static TextBlock centred(String words, double size) {
        return new TextBlock(words, Voice.HEADING, Style.BOLD, Length.points(size), Align.CENTRE);
    }

    static TextBlock small(String words) {
        return new TextBlock(words, Voice.BODY, Style.BOLD, Length.points(10), Align.LEFT);
    }

    static TextBlock italic(String words, double size) {
        return new TextBlock(words, Voice.HEADING, Style.ITALIC, Length.points(size), Align.CENTRE);
    }

    static Node lines(double mm) {
        return new RuledLines(Ruling.customary().withSpacing(mm(mm)));
    }

    static Node writing(String label) {
        return new WritingLine(label, mm(9));
    }

    static Node fields(String... labels) {
        return Row.of(mm(5), java.util.Arrays.stream(labels).map(Make::writing).toArray(Node[]::new));
    }

    static Node checks(double mm) {
        return new CheckList(mm(mm), CheckList.Sign.BOX);
    }

    static Node box(String title, Node inside) {
        return Framed.titled(title, inside);
    }

    static Node notes(String title) {
        return box(title, lines(7.1));
    }

    static Node scale(String label) {
        return new Scale(label, 10, CheckList.Sign.CIRCLE);
    }

    static Node stars(String label) {
        return new Scale(label, 5, CheckList.Sign.STAR);
    }

    static Column.Part gap(double mm) {
        return fixed(mm(mm), new Space());
    }

    /** Parts from the head down with a little room between. */
    static Column stack(double gapMm, Column.Part... parts) {
        return new Column(List.of(parts), mm(gapMm));
    }

    /** A heading, a line under it, and the rest. */
    static Column page(String heading, Column.Part... rest) {
        Column.Part[] all = new Column.Part[rest.length + 2];
        all[0] = natural(heading(heading));
        all[1] = fixed(mm(2.5), new Ornament(Ornament.Shape.RULE, mm(2.5), Align.CENTRE));
        System.arraycopy(rest, 0, all, 2, rest.length);
        return stack(2.6, all);
    }

    static Column.Part wide(Node node) {
        return natural(node);
    }

    static Column.Part fill(Node node) {
        return share(1, node);
    }

    static Column.Part fill(double part, Node node) {
        return share(part, node);
    }

    static Node beside(Node... nodes) {
        return Row.of(mm(4), nodes);
    }

    static Node table(double rowMm, String... headings) {
        return new TableBlock(List.of(headings), List.of(), mm(rowMm), false);
    }

    static Node weighed(double rowMm, List<Double> widths, String... headings) {
        return new TableBlock(List.of(headings), widths, mm(rowMm), true);
    }

    static DayBlock day(int day) {
        return new DayBlock(day, Optional.of(mm(6.35)), false);
    }

    static DayBlock dayBeside(int day) {
        return new DayBlock(day, Optional.of(mm(6.35)), true);
    }

    static Catalogue.Entry entry(String group, String id, String name, String words, Node root) {
        return new Catalogue.Entry(new Recipe(id, name, root), group, words);
    }
}
