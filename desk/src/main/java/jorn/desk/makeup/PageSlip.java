package jorn.desk.makeup;

import java.util.function.UnaryOperator;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.desk.model.Desk;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.Slip;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Recipe;

/** The page that is looked at, where no part of it is chosen: its ruling, the book's title where it is the title page. */
final class PageSlip extends Slip {
    private final Desk desk;
    private final PageWork work;

    PageSlip(Desk desk, PageWork work) {
        super(work.recipe().map(Recipe::name).orElse("Blank page"));
        this.desk = desk;
        this.work = work;
        if (work.recipe().isEmpty()) {
            say("Nothing stands here, so that the pages after it fall on the right side, or the count comes out even.");
            return;
        }
        Recipe recipe = work.recipe().get();
        String here = work.here();
        if (desk.state().get().edition().pages().showsSubject(work.slot()) && !here.equals("this page")) {
            say("This page stands for " + here + ".");
        }
        recipe.ruling().ifPresent(this::ruling);
        if (recipe.id().equals("title")) {
            titles();
        }
        say(
                "Point at the page: a click chooses a part, a double click types it over, lines between parts can be dragged.");
    }

    private void titles() {
        Book book = desk.book();
        field(
                "Title",
                "page-title",
                book.title(),
                "The title of the book.",
                t -> desk.change("title", b -> b.withTitle(t.strip())));
        field(
                "Subtitle",
                "page-subtitle",
                book.subtitle(),
                "May be empty.",
                t -> desk.change("subtitle", b -> b.withSubtitle(t.strip())));
        field(
                "Author",
                "page-author",
                book.author(),
                "May be empty.",
                t -> desk.change("author", b -> b.withAuthor(t.strip())));
        say("Changes the cover as well.");
    }

    private void ruling(Ruling ruling) {
        Unit unit = desk.unit().get();
        field(
                "Lines, every",
                "line-spacing",
                ruling.spacing().written().endsWith("in") && unit == Unit.INCH
                        ? ruling.spacing().format(Unit.INCH)
                        : ruling.spacing().format(Unit.MILLIMETRE),
                "From line to line. 7.1 mm is customary for college paper.",
                text -> rule(r -> r.withSpacing(Length.parse(text, unit))));
        for (Ruling.Spacing each : Ruling.Spacing.values()) {
            add(choice(
                    BriefSlips.sentenceCase(each.word()),
                    each.length().format(Unit.MILLIMETRE),
                    each.length().isAbout(ruling.spacing()),
                    () -> rule(r -> r.withSpacing(each.length()))));
        }
        field(
                "Thickness, pt",
                "line-weight",
                Numeral.trimmed(ruling.weight(), 2),
                "Thickness of a line in points. Under 0.25 pt lines break up in print.",
                text -> rule(r -> r.withWeight(number(text, "pt"))));
        field(
                "Grey, %",
                "line-strength",
                Numeral.trimmed(ruling.strength() * 100, 0),
                "100 % is black. Under 15 % lines vanish in print.",
                text -> rule(r -> r.withStrength(number(text, "%") / 100)));
        add(
                choice(
                        "Within the margins",
                        "",
                        ruling.reach() == Ruling.Reach.MARGINS,
                        () -> rule(r -> r.withReach(Ruling.Reach.MARGINS))),
                choice(
                        "Off the page",
                        "needs bleed",
                        ruling.reach() == Ruling.Reach.EDGE,
                        () -> rule(r -> r.withReach(Ruling.Reach.EDGE))));
    }

    private void rule(UnaryOperator<Ruling> change) {
        desk.change(
                "ruling",
                b -> work.redesigned(b, r -> r.ruling()
                        .map(now -> r.withRuling(change.apply(now)))
                        .orElse(r)));
    }

    private static double number(String text, String unit) {
        String bare = text.strip().toLowerCase(java.util.Locale.ROOT);
        bare = bare.endsWith(unit) ? bare.substring(0, bare.length() - unit.length()) : bare;
        return Numeral.read(bare)
                .orElseThrow(() -> Trouble.of(
                        "“" + text.strip() + "” is not a number of " + unit + ".", "Write a number, such as 0.5."));
    }
}
