package jorn.print.bindery;

import java.util.List;
import jorn.say.Message;

/**
 * What came of joining or splitting.
 *
 * @param pages in the new file, or in all of them
 * @param notes what could not be read, and what is of different sizes
 */
public record Joined(int pages, List<Message> notes) {
    public Joined {
        notes = List.copyOf(notes);
    }
}
