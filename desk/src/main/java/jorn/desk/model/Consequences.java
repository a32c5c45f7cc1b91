package jorn.desk.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Brief;
import jorn.measure.Unit;
import jorn.say.Wording;

/** What else had to change when one thing of the brief was changed, in words. */
final class Consequences {
    private Consequences() {}

    /** What changed that nobody asked for; nothing where all is as it was wished. */
    static Optional<String> of(BookState was, BookState now, Unit unit) {
        Brief before = was.book().brief();
        Brief after = now.book().brief();
        List<String> all = new ArrayList<>();
        if (!before.press().id().equals(after.press().id())) {
            swapped(all, before.paperStock().called(), after.paperStock().called());
            swapped(all, before.inkSet().called(), after.inkSet().called());
            swapped(all, before.offer().inWords(), after.offer().inWords());
            swapped(all, before.trim().format(unit), after.trim().format(unit));
        }
        int pages = now.pagination().pageCount();
        int asked = after.pages();
        int multiple = after.pageRule().multiple();
        boolean stepped = asked > 1 && pages > asked && pages - asked < multiple;
        if (stepped
                && (asked != before.pages()
                        || !before.press().id().equals(after.press().id()))) {
            all.add(Wording.of(
                    "desk.consequences.rounded", asked, pages, after.press().name(), multiple));
        } else if (pages != was.pagination().pageCount() && asked == before.pages()) {
            all.add(Wording.of(
                    "desk.consequences.pages", pages, was.pagination().pageCount()));
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", all));
    }

    private static void swapped(List<String> all, String before, String after) {
        if (!before.equals(after)) {
            all.add(Wording.of("desk.consequences.instead", after, before));
        }
    }
}
