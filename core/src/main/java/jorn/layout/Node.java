package jorn.layout;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.annotation.JsonTypeIdResolver;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.json.OpenTypes;

/**
 * A part of a design: a stack of further parts, or a block that draws. Kinds of node are found through {@link NodeKinds}; a
 * new one is a record of its own, with nothing to change elsewhere.
 *
 * <p>A node declares nothing about what its art depends on: the flow sees what is read while it is drawn.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "is", visible = true)
@JsonTypeIdResolver(OpenTypes.class)
public interface Node {
    /**
     * Draws into its area.
     *
     * @param area in points from the trim's corner
     */
    void draw(Box area, Flow flow, List<Mark> out);

    /** The height that it wants at this width, in points. */
    double naturalHeight(double width, Flow flow);

    /**
     * Writes on it as somebody would who fills it in, for a picture that shows what it is for.
     *
     * @param area where it was drawn
     */
    default void fillIn(Box area, Flow flow, Hand hand) {}

    /** What is written about inside it or below it: its title; absent where it has none. */
    default Optional<String> topic() {
        return Optional.empty();
    }

    /** What it has no room for in an area, if it wants more. */
    default Optional<Lack> lack(Box area, Flow flow) {
        return Optional.empty();
    }

    /** Whether its settings let it run over the trim, so that the book needs bleed. */
    @JsonIgnore
    default boolean reachesEdge() {
        return children().stream().anyMatch(Node::reachesEdge);
    }

    /** The pictures of the book that it shows, by id; an empty id for a place that waits for one. */
    default Set<String> pictures() {
        Set<String> all = new LinkedHashSet<>();
        children().forEach(n -> all.addAll(n.pictures()));
        return all;
    }

    /** The nodes inside it, in order. */
    default List<Node> children() {
        return List.of();
    }

    /**
     * The same node with others inside it.
     *
     * @param nodes as many as {@link #children} has
     */
    default Node withChildren(List<Node> nodes) {
        return this;
    }

    /** Where the nodes inside it lie, in the order of {@link #children}. */
    default List<Box> places(Box area, Flow flow) {
        return List.of();
    }

    /** This node, with the change made to every block in it. */
    default Node map(UnaryOperator<Node> change) {
        return children().isEmpty()
                ? change.apply(this)
                : withChildren(children().stream().map(n -> n.map(change)).toList());
    }
}
