package jorn.recipe;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.function.UnaryOperator;
import jorn.page.Box;
import jorn.page.Mark;

/** A part of a page design: a row or column of further parts, or a block that draws. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Column.class, name = "column"),
    @JsonSubTypes.Type(value = RuledLines.class, name = "lines"),
    @JsonSubTypes.Type(value = TextBlock.class, name = "text"),
    @JsonSubTypes.Type(value = WritingLine.class, name = "writing-line"),
    @JsonSubTypes.Type(value = Space.class, name = "space")
})
public sealed interface Node permits Column, RuledLines, TextBlock, WritingLine, Space {
    /**
     * Draws into its area.
     *
     * @param area in points from the trim's corner
     */
    void draw(Box area, Flow flow, List<Mark> out);

    /** The height that it wants at this width, in points. */
    double naturalHeight(double width, Flow flow);

    /** Whether its art runs over the trim, so that the book needs bleed. */
    @JsonIgnore
    default boolean reachesEdge() {
        return false;
    }

    /** Whether its art differs from page to page of a run. */
    @JsonIgnore
    default boolean variesByPage() {
        return false;
    }

    /** This node, with the change made to every block in it. */
    default Node map(UnaryOperator<Node> change) {
        return change.apply(this);
    }
}
