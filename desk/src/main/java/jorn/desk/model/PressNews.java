package jorn.desk.model;

import java.util.List;
import jorn.check.PressChange;
import jorn.press.PressProfile;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * Another profile of a book's press, and what it would change in the book, to be asked about.
 *
 * @param consequences in plain words
 */
record PressNews(PressChange change, List<String> consequences) {
    /** More than so many are too many for a notice. */
    private static final int MOST = 5;

    /** Asks whether the book takes the profile over. */
    void ask(Desk desk) {
        PressProfile now = change.now();
        Message what = now.version().isEmpty()
                ? Message.of("desk.press-news.another", now.name())
                : Message.of("desk.press-news.version", now.name(), now.version());
        desk.ask(
                what,
                Message.plain(says()),
                new Notice.Choice(
                        "take-press",
                        Wording.of("desk.press-news.take"),
                        () -> desk.attempt(() -> {
                            desk.changeBrief(
                                    "press-version", b -> change.taken().brief());
                            desk.sayChanged("desk.press-news.taken", now.name());
                        })),
                new Notice.Choice(
                        "keep-old-press",
                        Wording.of("desk.press-news.keep"),
                        () -> desk.attempt(() -> desk.change(
                                "press-version", b -> b.withBrief(change.kept().brief())))),
                new Notice.Choice("decide-later", Wording.of("desk.press-news.later"), () -> {}));
    }

    private String says() {
        if (consequences.isEmpty()) {
            return Wording.of("desk.press-news.nothing", change.clauses().size());
        }
        String most = String.join(" ", consequences.subList(0, Math.min(MOST, consequences.size())));
        int more = consequences.size() - MOST;
        return Wording.of("desk.press-news.would", most)
                + (more > 0 ? " " + Wording.of("desk.press-news.more", more) : "");
    }
}
