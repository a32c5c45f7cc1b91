package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import jorn.art.Mark;
import jorn.json.Required;

/**
 * A page design that lays itself out on any page.
 *
 * @param id short and lasting: {@code lined}
 * @param name as people see it: "Lined"
 * @param root what stands on the page, inside the margins
 */
public record Recipe(@Required String id, @Required String name, @Required Node root) {

    /** The marks of one page. */
    public List<Mark> draw(Flow flow) {
        List<Mark> marks = new ArrayList<>();
        root.draw(flow.frame().text(), flow, marks);
        return marks;
    }

    public boolean reachesEdge() {
        return root.reachesEdge();
    }

    /** Whether it looks different on left-hand and right-hand pages, other than that it stands elsewhere. */
    public boolean variesBySide() {
        return root.variesBySide() || root.reachesEdge();
    }

    public boolean variesByPage() {
        return root.variesByPage();
    }

    public boolean variesByOccasion() {
        return root.variesByOccasion();
    }

    /** The same recipe with a change made to every block. */
    public Recipe map(UnaryOperator<Node> change) {
        return new Recipe(id, name, root.map(change));
    }

    /** The first ruling in the recipe, if it has lines. */
    public java.util.Optional<Ruling> ruling() {
        List<Ruling> found = new ArrayList<>();
        root.map(n -> {
            if (n instanceof RuledLines lines) {
                found.add(lines.ruling());
            }
            return n;
        });
        return found.stream().findFirst();
    }

    /** The same recipe with all its lines ruled so. */
    public Recipe withRuling(Ruling ruling) {
        return map(n -> n instanceof RuledLines ? new RuledLines(ruling) : n);
    }
}
