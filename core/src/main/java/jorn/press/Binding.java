package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** How the leaves are held together. */
public enum Binding {
    /** Perfect bound: a glued spine, one flat cover sheet round it. */
    GLUED("glued", Wording.of("press.binding.glued"), true),
    /** Case bound: boards larger than the block, a printed wrap turned in round them. */
    CASED("cased", Wording.of("press.binding.case-bound"), true),
    /** Case bound in a plain case, with a printed jacket folded round it. */
    JACKET("jacket", Wording.of("press.binding.case-bound-jacket"), true),
    /** Saddle stitched: sheets folded together and stapled through the fold. */
    STITCHED("stitched", Wording.of("press.binding.stapled"), false),
    /** Coil: single leaves on a spiral through punched holes; front and back are separate pages. */
    COIL("coil", Wording.of("press.binding.on-coil"), false),
    /** Single sheets that nobody binds, or that the buyer punches. */
    LOOSE("loose", Wording.of("press.binding.loose-sheets"), false);

    private final String id;
    private final String word;
    private final boolean spine;

    Binding(String id, String word, boolean spine) {
        this.id = id;
        this.word = word;
        this.spine = spine;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** As it stands in a sentence: "glued", "stapled". */
    public String word() {
        return word;
    }

    /** Whether the closed book has a flat spine. */
    public boolean hasSpine() {
        return spine;
    }

    /** @throws Trouble naming the bindings that there are */
    public static Binding of(String id) {
        return Arrays.stream(values())
                .filter(b -> b.id.equalsIgnoreCase(id.strip()))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "press.binding.not-binding",
                        id,
                        String.join(
                                ", ", Arrays.stream(values()).map(Binding::id).toList())));
    }
}
