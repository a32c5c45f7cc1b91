package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import jorn.say.Wording;

/**
 * A kind of node: what its file says of it, once. Menus, the settings beside the page, files, checks, documents and tests
 * all ask here.
 *
 * @param id as it stands in files: {@code lines}
 * @param type its record
 * @param fills whether it takes whatever room there is, instead of a height of its own
 * @param naming what one of it is called, where that depends on its settings
 * @param offers the ways in which it is offered to be put on a page
 */
public record NodeKind<T extends Node>(
        String id, Class<T> type, boolean fills, Optional<Function<T, String>> naming, List<Offer<T>> offers) {
    /**
     * One way in which a kind is offered.
     *
     * @param id short and lasting
     * @param name as people see it
     * @param says what it is for, in a few words
     * @param fresh one with customary settings
     * @param is whether one is of this sort
     */
    public record Offer<T extends Node>(String id, String name, String says, Supplier<T> fresh, Predicate<T> is) {}

    public NodeKind {
        offers = List.copyOf(offers);
    }

    public static <T extends Node> NodeKind<T> of(String id, Class<T> type) {
        return new NodeKind<>(id, type, false, Optional.empty(), List.of());
    }

    /** The same, taking whatever room there is. */
    public NodeKind<T> filling() {
        return new NodeKind<>(id, type, true, naming, offers);
    }

    /** The same with a name of its own. */
    public NodeKind<T> called(Function<T, String> name) {
        return new NodeKind<>(id, type, fills, Optional.of(name), offers);
    }

    /** The same, offered once more. */
    public NodeKind<T> offered(String as, String name, String says, Supplier<T> fresh) {
        return offered(as, name, says, fresh, n -> true);
    }

    /** The same, offered once more for those with certain settings. */
    public NodeKind<T> offered(String as, String name, String says, Supplier<T> fresh, Predicate<T> is) {
        List<Offer<T>> more = new ArrayList<>(offers);
        more.add(new Offer<>(as, name, says, fresh, is));
        return new NodeKind<>(id, type, fills, naming, more);
    }

    /** What a node of this kind is called. */
    String nameOf(Node node) {
        T own = type.cast(node);
        return naming.map(n -> n.apply(own))
                .or(() -> offers.stream()
                        .filter(o -> o.is().test(own))
                        .map(Offer::name)
                        .findFirst())
                .orElse(Wording.of("layout.node-kind.part"));
    }
}
