package jorn.cover;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.annotation.JsonTypeIdResolver;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.book.PartEdit;
import jorn.json.OpenTypes;

/** A kind of part of a cover. A new one is a record of its own and a line in {@link jorn.cover.part.CoverParts}. */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "is", visible = true)
@JsonTypeIdResolver(OpenTypes.class)
public interface CoverBlock {
    /**
     * Draws it.
     *
     * @param at its place, in points from the panel's corner
     * @param edit what the user has changed of it
     * @param out takes the marks
     */
    void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out);

    /** Whether it goes on to the end of the bleed where its place reaches the panel's edge. */
    @JsonIgnore
    default boolean runsOff() {
        return true;
    }

    /** Whether it is words that a buyer reads. */
    @JsonIgnore
    default boolean isLettered() {
        return false;
    }

    /** Whether its letters are not meant to be read: because it shows something smaller than it is, or because they are a picture. */
    @JsonIgnore
    default boolean isMiniature() {
        return false;
    }

    /** The field that it says, if any: {@code {title}}. */
    @JsonIgnore
    default String says() {
        return "";
    }
}
