package jorn.desk.model;

import java.util.ArrayList;
import java.util.List;
import jorn.book.Book;
import jorn.book.Run;
import jorn.makeup.Paginator;
import jorn.measure.Unit;
import jorn.say.Wording;

/** By what two states of a book differ, as somebody who chooses between them would say it. */
public final class Differences {
    private final List<String> all = new ArrayList<>();

    private Differences() {}

    /** Sentences, the weightiest first; none where the books are equal. */
    public static List<String> inWords(Book then, Book now, Unit unit) {
        Differences d = new Differences();
        if (then.equals(now)) {
            return List.of();
        }
        d.tell("desk.differences.title", then.shownTitle(), now.shownTitle());
        d.tell("desk.differences.subtitle", then.subtitle(), now.subtitle());
        d.tell("desk.differences.author", then.author(), now.author());
        d.tell(
                "desk.differences.trim",
                then.brief().trim().format(unit),
                now.brief().trim().format(unit));
        d.tell("desk.differences.pages", pages(then), pages(now));
        d.tell(
                "desk.differences.paper",
                then.brief().paperStock().called(),
                now.brief().paperStock().called());
        d.tell(
                "desk.differences.binding",
                then.brief().offer().inWords(),
                now.brief().offer().inWords());
        d.tell(
                "desk.differences.press",
                then.brief().press().name(),
                now.brief().press().name());
        d.runs(then.runs(), now.runs());
        d.flag(!then.cover().equals(now.cover()), "desk.differences.cover");
        d.flag(!then.look().equals(now.look()), "desk.differences.look");
        d.flag(!then.calendar().equals(now.calendar()), "desk.differences.calendar");
        d.flag(d.all.isEmpty(), "desk.differences.settings");
        return List.copyOf(d.all);
    }

    private static String pages(Book book) {
        return Integer.toString(Paginator.of(book).pageCount());
    }

    private void tell(String key, String then, String now) {
        if (!then.equals(now)) {
            all.add(Wording.of(key, then, now));
        }
    }

    private void flag(boolean differs, String key) {
        if (differs) {
            all.add(Wording.of(key));
        }
    }

    private void runs(List<Run> then, List<Run> now) {
        if (then.size() != now.size()) {
            all.add(Wording.of("desk.differences.runs", then.size(), now.size()));
            return;
        }
        for (int i = 0; i < then.size(); i++) {
            if (!then.get(i).equals(now.get(i))) {
                all.add(Wording.of("desk.differences.run", now.get(i).name()));
            }
        }
    }
}
