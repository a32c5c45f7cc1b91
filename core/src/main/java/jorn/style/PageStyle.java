package jorn.style;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * The skeleton of a book's pages, and what it wears: every block asks it how to draw. A style is data; one that ships and one
 * that a user made are the same kind of file.
 *
 * @param id short and lasting: {@code quiet}
 * @param name as people see it; up to 60 letters
 * @param dress its own typefaces and colours
 * @param head how headings are set
 * @param lines the three weights of line
 * @param boxes how boxes are framed
 * @param days how a day is badged
 * @param details signs, tints, page numbers, tabs, ornaments
 */
@RecordBuilder
public record PageStyle(
        @Required String id,
        @Required String name,
        @Required Dress dress,
        @Label("style.label.head") @Required HeadForm head,
        @Label("style.label.lines") @Required RuleSet lines,
        @Label("style.label.boxes") @Required BoxForm boxes,
        @Label("style.label.days") @Required DayForm days,
        @Label("style.label.details") @Required Details details)
        implements PageStyleBuilder.With {
    private static final int LONGEST_NAME = 60;

    public PageStyle {
        name = name.strip();
        if (!id.matches("[a-z0-9-]{1,60}")) {
            throw Trouble.of("style.page-style.bad-id", id);
        }
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Trouble.of("style.page-style.needs-name", LONGEST_NAME);
        }
    }

    /** What it is called in the language that is spoken, where it ships; else as its maker named it. */
    public String called() {
        return Wording.find("style.style." + id).orElse(name);
    }

    /** What it is like, in a few words; empty for one of the user's own. */
    @JsonIgnore
    public String manner() {
        return Wording.find("style.style." + id + ".manner").orElse("");
    }

    /** The same under another name. */
    public PageStyle named(String otherId, String otherName) {
        return withId(otherId).withName(otherName);
    }
}
