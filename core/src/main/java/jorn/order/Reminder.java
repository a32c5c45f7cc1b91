package jorn.order;

import java.util.List;
import jorn.json.Required;
import jorn.say.TradeName;

/**
 * A law of which somebody who sells books should have heard. It says what to ask and whom; never what to do. The reminders are data:
 * {@code reminders.json}.
 *
 * @param id short and lasting: {@code maker-address}
 * @param where markets and countries in which it holds, by their codes: {@code eu}, {@code de}
 * @param kinds kinds of book for which it holds: {@code any}, {@code children}, {@code periodical}, {@code isbn}
 * @param text what it is about
 * @param ask whom to ask
 * @param source where it is known from
 */
public record Reminder(
        @Required String id,
        @Required List<String> where,
        @Required List<String> kinds,
        @Required String text,
        @Required String ask,
        @Required String source) {
    public Reminder {
        where = List.copyOf(where);
        kinds = List.copyOf(kinds);
    }

    /** What it is about, in the language that is spoken. */
    public String said() {
        return TradeName.of(text);
    }

    /** Whom to ask, in the language that is spoken. */
    public String asks() {
        return TradeName.of(ask);
    }
}
