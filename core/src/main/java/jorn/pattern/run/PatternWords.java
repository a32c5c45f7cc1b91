package jorn.pattern.run;

import jorn.pattern.motif.OutlineMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.PatternSpec;
import jorn.say.Language;
import jorn.say.Wording;

/** The names of pages in a book's language, where Jorn has words for patterns in it, and otherwise in English. */
final class PatternWords {
    private PatternWords() {}

    static String title(PatternSpec spec, String tag) {
        Language language = Language.of(tag).orElse(Language.ENGLISH);
        String motif;
        if (spec.hold().motif() instanceof ShippedMotif s) {
            motif = Wording.in(language, "pattern.motif." + s.id());
        } else if (spec.hold().motif() instanceof OutlineMotif o) {
            motif = o.name();
        } else {
            motif = Wording.in(language, "pattern.motif.scattered");
        }
        String how = spec.surround().mandala().isPresent()
                ? Wording.in(language, "pattern.refused.with-mandala")
                : Wording.in(language, "pattern.group." + spec.repeat().group().id());
        return motif + ", " + how;
    }
}
