package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** The film over a printed cover. */
public enum Finish {
    MATTE("matte"),
    GLOSS("gloss");

    private final String id;

    Finish(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** In a sentence: "matte". */
    public String word() {
        return Wording.of("press.finish." + id);
    }

    /** @throws Trouble naming the finishes that there are */
    public static Finish of(String id) {
        return Arrays.stream(values())
                .filter(f -> f.id.equalsIgnoreCase(id.strip()))
                .findFirst()
                .orElseThrow(() -> Trouble.of("press.finish.no-finish", id));
    }
}
