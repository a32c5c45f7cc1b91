package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** The edge of page 1 at which the leaves are held together. */
public enum BindingEdge {
    LEFT("left"),
    RIGHT("right"),
    /** At the head: leaves are turned up and over, so that the back of a leaf is held at its foot. */
    HEAD("head");

    private final String id;

    BindingEdge(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** In a sentence: "at the left". */
    public String word() {
        return Wording.of("press.edge." + id);
    }

    /** @throws Trouble naming the edges that there are */
    public static BindingEdge of(String id) {
        return Arrays.stream(values())
                .filter(e -> e.id.equalsIgnoreCase(id.strip()))
                .findFirst()
                .orElseThrow(() -> Trouble.of("press.edge.no-edge", id));
    }
}
