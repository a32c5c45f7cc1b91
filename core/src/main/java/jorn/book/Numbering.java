package jorn.book;

import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * How the pages of a run are numbered.
 *
 * @param style the figures
 * @param from the number of its first page; absent to go on counting
 */
@RecordBuilder
public record Numbering(@Required FolioStyle style, Optional<Integer> from) implements NumberingBuilder.With {
    /** The figures. */
    public enum FolioStyle {
        CONTINUED("continued", Wording.of("book.numbering.pages-before")),
        NONE("none", Wording.of("book.numbering.no-number")),
        ROMAN("roman", Wording.of("book.numbering.i-ii-iii")),
        ARABIC("arabic", "1, 2, 3");

        private final String id;
        private final String word;

        FolioStyle(String id, String word) {
            this.id = id;
            this.word = word;
        }

        @JsonValue
        public String id() {
            return id;
        }

        public String word() {
            return word;
        }

        /** A number in these figures; nothing where pages have none. */
        public String write(int number) {
            return switch (this) {
                case NONE -> "";
                case ROMAN -> Numeral.roman(number);
                default -> Integer.toString(number);
            };
        }
    }

    /** As the pages before. */
    public static final Numbering CONTINUED = new Numbering(FolioStyle.CONTINUED, Optional.empty());

    public Numbering {
        if (from.isPresent() && (from.get() < 1 || from.get() > 9999)) {
            throw Trouble.of("book.numbering.pages-cannot-counted-from", from.get());
        }
    }
}
