package jorn.recipe;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.picture.PhotoBlock;
import jorn.block.picture.PictureBlock;
import jorn.json.Required;
import jorn.layout.Node;

/**
 * A page design that lays itself out on any page.
 *
 * @param id short and lasting: {@code lined}
 * @param name as people see it: "Lined"
 * @param root what stands on the page, inside the margins
 */
public record Recipe(@Required String id, @Required String name, @Required Node root) {
    /** Whether its settings let anything run off the page. */
    public boolean reachesEdge() {
        return root.reachesEdge();
    }

    public Recipe withRoot(Node other) {
        return new Recipe(id, name, other);
    }

    /** The same recipe with a change made to every block. */
    public Recipe map(UnaryOperator<Node> change) {
        return withRoot(root.map(change));
    }

    /** Whether any of its words hold this field: {@code prompt}. */
    public boolean shows(String field) {
        return root.toString().contains("{" + field + "}");
    }

    private static Stream<Node> nodes(Node node) {
        return Stream.concat(Stream.of(node), node.children().stream().flatMap(Recipe::nodes));
    }

    /** The first ruling in the recipe, if it has lines. */
    @JsonIgnore
    public Optional<Ruling> ruling() {
        return nodes(root)
                .filter(RuledLines.class::isInstance)
                .map(n -> ((RuledLines) n).ruling())
                .findFirst();
    }

    /** How the first photograph in the recipe takes its place, if it has any. */
    @JsonIgnore
    public Optional<PictureBlock.Fit> photoFit() {
        return nodes(root)
                .filter(PhotoBlock.class::isInstance)
                .map(n -> ((PhotoBlock) n).fit())
                .findFirst();
    }

    /** The same recipe with all its photographs whole, or filling their places. */
    public Recipe withPhotoFit(PictureBlock.Fit fit) {
        return map(n -> n instanceof PhotoBlock p ? new PhotoBlock(p.place(), fit) : n);
    }

    /** The same recipe with all its lines ruled so. */
    public Recipe withRuling(Ruling ruling) {
        return map(n -> n instanceof RuledLines lines ? lines.ruled(ruling) : n);
    }
}
