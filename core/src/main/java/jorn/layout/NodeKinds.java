package jorn.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.json.OpenTypes;
import jorn.layout.NodeKind.Offer;

/** All kinds of node that there are, found once through their families. */
public final class NodeKinds {
    private static final List<NodeKind<?>> ALL = load();
    private static final Map<Class<?>, NodeKind<?>> BY_TYPE = new HashMap<>();

    static {
        ALL.forEach(k -> BY_TYPE.put(k.type(), k));
    }

    private NodeKinds() {}

    private static List<NodeKind<?>> load() {
        List<NodeKind<?>> all = new ArrayList<>();
        OpenTypes.families().forEach(f -> {
            if (f instanceof NodeFamily nodes) {
                all.addAll(nodes.kinds());
            }
        });
        return List.copyOf(all);
    }

    /** All kinds, family by family. */
    public static List<NodeKind<?>> all() {
        return ALL;
    }

    /** All ways in which nodes are offered to be put on a page. */
    public static List<Offer<?>> offers() {
        return ALL.stream().<Offer<?>>flatMap(k -> k.offers().stream()).toList();
    }

    /** @throws java.util.NoSuchElementException where nothing is offered under this name */
    public static Node fresh(String offer) {
        return find(offer).orElseThrow().fresh().get();
    }

    public static Optional<Offer<?>> find(String offer) {
        return offers().stream().filter(o -> o.id().equals(offer)).findFirst();
    }

    /** @throws IllegalArgumentException where its family is not named as a service */
    public static NodeKind<?> of(Node node) {
        NodeKind<?> kind = BY_TYPE.get(node.getClass());
        if (kind == null) {
            throw new IllegalArgumentException("no kind for " + node.getClass());
        }
        return kind;
    }

    /** Whether a part takes whatever room there is, instead of a height of its own. */
    public static boolean fills(Node node) {
        return of(node).fills();
    }

    /** What a part is called. */
    public static String nameOf(Node node) {
        return of(node).nameOf(node);
    }
}
