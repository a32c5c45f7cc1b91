package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.press.BindingOffer.PageRule;
import jorn.say.Message;
import jorn.say.Wording;

/** The press binds from so many to so many pages, in multiples. */
final class PageCountRule implements Rule {
    private static Mend pages(int count) {
        return Mend.of(b -> b.withBrief(b.brief().withPages(count)), "pages", count);
    }

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        PageRule rule = proof.book().brief().pageRule();
        int n = proof.pagination().pageCount();
        if (!rule.takes(n)) {
            Message remedy = n < rule.min()
                    ? Message.of("check.page-count.add-pages-or-choose", rule.min() - n)
                    : n > rule.max()
                            ? Message.of("check.page-count.take-out-pages-or", n - rule.max())
                            : Message.of("check.page-count.change-page-count-multiple", rule.multiple());
            found.accept(new Finding(
                            "page.count",
                            Severity.ERROR,
                            Place.book(),
                            Message.of("check.page-count.found", proof.press(), Numeral.grouped(n)),
                            Message.of("check.page-count.pages", Numeral.grouped(n)),
                            Message.plain(rule.inWords()),
                            remedy)
                    .by(Clause.BINDINGS.of(proof))
                    .mendedBy(n < rule.min() ? new Mend[] {pages(rule.min())} : new Mend[0]));
        } else if (!proof.pagination().settled()) {
            found.accept(new Finding(
                    "page.count",
                    Severity.WARNING,
                    Place.book(),
                    Message.of("check.page-count.found-2"),
                    Message.of("check.page-count.pages", Numeral.grouped(n)),
                    Message.of(
                            "check.page-count.required",
                            Numeral.grouped(proof.pagination().marginsFor())),
                    Message.of("check.page-count.do")));
        } else if (proof.pagination().blanksAdded() > 0) {
            int blanks = proof.pagination().blanksAdded();
            String at = Wording.of(
                    "check.page-count.reach-page-count", proof.book().blanksAt().word());
            found.accept(new Finding(
                            "page.blank",
                            Severity.NOTE,
                            Place.page(n),
                            blanks == 1
                                    ? Message.of("check.page-count.blank-page-added", at)
                                    : Message.of("check.page-count.blank-pages-added", blanks, at),
                            Message.of(
                                    "check.page-count.measured",
                                    proof.pagination().planned()),
                            Message.plain(rule.inWords()),
                            Message.of("check.page-count.do-2"))
                    .by(Clause.BINDINGS.of(proof)));
        }
    }
}
