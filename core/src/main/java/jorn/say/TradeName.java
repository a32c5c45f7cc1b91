package jorn.say;

import java.util.Locale;

/**
 * Names in the trade that data files give in English: papers, inks, markets, schools of margins. Those that ship with Jorn are said
 * in the language that is spoken; those of users' own files as they stand.
 */
public final class TradeName {
    private TradeName() {}

    /** The name in the language that is spoken. */
    public static String of(String english) {
        String key =
                english.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return Wording.find("trade." + key).orElse(english);
    }
}
