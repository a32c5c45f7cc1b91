package jorn.press;

import jorn.json.Required;

/**
 * What a press prints the inside with.
 *
 * @param id short and lasting: {@code black}
 * @param name in words: "black ink"
 * @param blackOnly whether colours come out grey
 */
public record InkSet(@Required String id, @Required String name, boolean blackOnly) {}
