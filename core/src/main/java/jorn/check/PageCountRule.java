package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.press.BindingOffer.PageRule;

/** The press binds from so many to so many pages, in multiples. */
final class PageCountRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        PageRule rule = proof.book().brief().offer().pages();
        int n = proof.pagination().pageCount();
        if (!rule.takes(n)) {
            String remedy = n < rule.min()
                    ? "Add " + (rule.min() - n) + " pages, or choose another press or binding."
                    : n > rule.max()
                            ? "Take out " + (n - rule.max()) + " pages, or split the book in two."
                            : "Change the page count to a multiple of " + rule.multiple() + ".";
            found.accept(new Finding(
                    "page-count",
                    Severity.ERROR,
                    Place.book(),
                    proof.press() + " does not bind books of " + Numeral.grouped(n) + " pages.",
                    Numeral.grouped(n) + " pages",
                    rule.inWords(),
                    remedy));
        } else if (!proof.pagination().settled()) {
            found.accept(new Finding(
                    "page-count",
                    Severity.WARNING,
                    Place.book(),
                    "Page count and margins call for each other in turn, so the wider margins are kept.",
                    Numeral.grouped(n) + " pages",
                    "margins of " + Numeral.grouped(proof.pagination().marginsFor()) + " pages",
                    "Set the gutter yourself, or add or take out a few pages."));
        } else if (proof.pagination().blanksAdded() > 0) {
            int blanks = proof.pagination().blanksAdded();
            String at = proof.book().blanksAt().word() + " to reach the page count";
            found.accept(new Finding(
                    "page-count",
                    Severity.NOTE,
                    Place.page(n),
                    blanks == 1 ? "A blank page is added " + at + "." : blanks + " blank pages are added " + at + ".",
                    proof.pagination().planned() + " pages planned",
                    rule.inWords(),
                    "Leave it, or add pages of your own."));
        }
    }
}
