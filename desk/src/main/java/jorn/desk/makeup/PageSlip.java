package jorn.desk.makeup;

import java.util.function.UnaryOperator;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.desk.model.Desk;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.Slip;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Quantity.Precision;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** The page that is looked at, where no part of it is chosen: its ruling, the book's title where it is the title page. */
final class PageSlip extends Slip {
    private final Desk desk;
    private final PageWork work;

    PageSlip(Desk desk, PageWork work) {
        super(work.recipe().map(Recipe::name).orElse(Wording.of("desk.page.blank-page")));
        this.desk = desk;
        this.work = work;
        if (work.recipe().isEmpty()) {
            say(Wording.of("desk.page.nothing-stands-here-so"));
            return;
        }
        Recipe recipe = work.recipe().get();
        String standsFor = work.standsFor();
        if (desk.state().get().edition().pages().showsSubject(work.slot()) && !standsFor.isEmpty()) {
            say(Wording.of("desk.page.page-stands-for", standsFor));
        }
        recipe.ruling().ifPresent(this::ruling);
        if (recipe.id().equals("title")) {
            titles();
        }
        say(Wording.of("desk.page.point-at-page-click"));
    }

    private void titles() {
        Book book = desk.book();
        field(
                Wording.of("desk.page.title"),
                "page-title",
                book.title(),
                Wording.of("desk.page.title-book"),
                t -> desk.change("title", b -> b.withTitle(t.strip())));
        field(
                Wording.of("desk.page.subtitle"),
                "page-subtitle",
                book.subtitle(),
                Wording.of("desk.page.may-empty"),
                t -> desk.change("subtitle", b -> b.withSubtitle(t.strip())));
        field(
                Wording.of("desk.page.author"),
                "page-author",
                book.author(),
                Wording.of("desk.page.may-empty"),
                t -> desk.change("author", b -> b.withAuthor(t.strip())));
        say(Wording.of("desk.page.changes-cover-well"));
    }

    private void ruling(Ruling ruling) {
        Unit unit = desk.unit().get();
        field(
                Wording.of("desk.page.lines-every"),
                "line-spacing",
                spacing(ruling.spacing(), unit),
                Wording.of("desk.page.from-line-line-mm"),
                text -> rule(r -> r.withSpacing(Length.parse(text, unit))));
        for (Ruling.Spacing each : Ruling.Spacing.values()) {
            add(choice(
                    BriefSlips.sentenceCase(each.word()),
                    spacing(each.length(), unit),
                    each.length().isAbout(ruling.spacing()),
                    () -> rule(r -> r.withSpacing(each.length()))));
        }
        field(
                Wording.of("desk.page.thickness-pt"),
                "line-weight",
                Numeral.trimmed(ruling.weight(), 2),
                Wording.of("desk.page.thickness-line-points-under"),
                text -> rule(r -> r.withWeight(number(text, "pt"))));
        field(
                Wording.of("desk.page.grey"),
                "line-strength",
                Numeral.trimmed(ruling.strength() * 100, 0),
                Wording.of("desk.page.black-under-lines-vanish"),
                text -> rule(r -> r.withStrength(number(text, "%") / 100)));
        add(
                choice(
                        Wording.of("desk.page.within-margins"),
                        "",
                        ruling.reach() == Ruling.Reach.MARGINS,
                        () -> rule(r -> r.withReach(Ruling.Reach.MARGINS))),
                choice(
                        Wording.of("desk.page.off-page"),
                        Wording.of("desk.page.needs-bleed"),
                        ruling.reach() == Ruling.Reach.EDGE,
                        () -> rule(r -> r.withReach(Ruling.Reach.EDGE))));
    }

    /** In inches to the thousandth, for the customary spacings are odd there. */
    private static String spacing(Length length, Unit unit) {
        return unit == Unit.INCH ? length.format(unit, Precision.EXACT) : length.format(unit);
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
        return Numeral.read(bare).orElseThrow(() -> Trouble.of("desk.page.not-number", text.strip(), unit));
    }
}
