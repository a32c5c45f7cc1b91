package jorn.layout;

import java.util.List;
import jorn.say.Message;

/**
 * That a block has too little room, said in a sentence, and what can be done: others that would fit in its place. A block
 * never shrinks its type or drops its rows without saying so.
 *
 * @param says what has no room: "7 of 31 days have no room."
 * @param remedies what would help, the gentlest first; may be empty
 */
public record Lack(Message says, List<Remedy> remedies) {
    /**
     * Something that would help.
     *
     * @param says what it is: "Only from 8 to 18 o'clock"
     * @param instead the block that would stand there
     */
    public record Remedy(Message says, Node instead) {}

    public Lack {
        remedies = List.copyOf(remedies);
    }

    public static Lack of(Message says, Remedy... remedies) {
        return new Lack(says, List.of(remedies));
    }
}
