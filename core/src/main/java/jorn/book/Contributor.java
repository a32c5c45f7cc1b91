package jorn.book;

import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.PlainWords;

/**
 * Somebody beside the author who made a book.
 *
 * @param role what they did: "pictures"; 60 letters at most
 * @param name as it is printed; 120 letters at most
 */
public record Contributor(@Required String role, @Required String name) {
    private static final int LONGEST_ROLE = 60;
    private static final int LONGEST_NAME = 120;

    public Contributor {
        role = PlainWords.line(role).strip();
        name = PlainWords.line(name).strip();
        if (name.isEmpty() || role.length() > LONGEST_ROLE || name.length() > LONGEST_NAME) {
            throw Trouble.of("book.contributor.no-contributor", name);
        }
    }

    /** "Bo Ling (pictures)". */
    public String inWords() {
        return role.isEmpty() ? name : name + " (" + role + ")";
    }
}
