package jorn.desk.briefs;

import java.util.Locale;
import jorn.say.Wording;

/** The fields of a press profile in words. */
final class BriefWords {
    private BriefWords() {}

    /** The words of a field, or its own name spelt apart where there are none. */
    static String of(String name) {
        String apart = name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
        return Wording.find("desk.brief-words." + apart.replace(' ', '-')).orElse(apart);
    }
}
