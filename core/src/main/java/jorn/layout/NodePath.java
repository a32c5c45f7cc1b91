package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The way from the root of a tree to one of its parts: which child of which child.
 *
 * @param steps index of the child at each level, from 0; none for the root itself
 */
public record NodePath(List<Integer> steps) {
    /** The whole tree. */
    public static final NodePath ROOT = new NodePath(List.of());

    public NodePath {
        steps = List.copyOf(steps);
    }

    public static NodePath of(Integer... steps) {
        return new NodePath(List.of(steps));
    }

    public boolean isRoot() {
        return steps.isEmpty();
    }

    public NodePath child(int index) {
        List<Integer> deeper = new ArrayList<>(steps);
        deeper.add(index);
        return new NodePath(deeper);
    }

    /** The path of what holds it; none for the root. */
    public Optional<NodePath> parent() {
        return isRoot() ? Optional.empty() : Optional.of(new NodePath(steps.subList(0, steps.size() - 1)));
    }

    /** Which child of its parent it is. */
    public int index() {
        return steps.get(steps.size() - 1);
    }

    /** The path of another child of the same parent. */
    public NodePath sibling(int index) {
        return parent().orElseThrow().child(index);
    }

    /** Whether it leads to this part or to one inside of it. */
    public boolean startsWith(NodePath other) {
        return steps.size() >= other.steps.size()
                && steps.subList(0, other.steps.size()).equals(other.steps);
    }

    public int depth() {
        return steps.size();
    }
}
