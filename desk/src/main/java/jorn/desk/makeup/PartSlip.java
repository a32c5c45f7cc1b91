package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import jorn.art.Picture;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.Axis;
import jorn.layout.Extent;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.NodePath;
import jorn.layout.PartSettings;
import jorn.layout.Placed;
import jorn.layout.Stack;
import jorn.layout.Tree;
import jorn.layout.Tree.Edge;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** The chosen part of a page: its settings, the room it gets, what can be put beside it. */
final class PartSlip extends Slip {
    private final Desk desk;
    private final PageWork work;
    private final NodePath path;
    private final Node root;

    /**
     * @param type types the part's words over, on the page
     * @param offer shows the blocks to put at this side of the part, from that button
     */
    PartSlip(
            Desk desk,
            PageWork work,
            Consumer<Consumer<Picture>> bringIn,
            Runnable type,
            java.util.function.BiConsumer<Optional<Edge>, Button> offer) {
        super(work.partName());
        this.desk = desk;
        this.work = work;
        path = work.part().orElseThrow();
        root = work.recipe().orElseThrow().root();
        Node node = work.node().orElseThrow();
        around();
        lack();
        SettingsForm form = new SettingsForm(this, desk.unit().get(), desk.book(), bringIn);
        form.show("part-", node, PartSettings.of(node), work::change);
        room();
        if (PartSettings.words(node).isPresent()) {
            add(Labels.act(Wording.of("desk.part.type-on-page"), Wording.of("desk.part.type-words-over-where"), type));
        }
        beside(offer);
    }

    /** What it stands in. */
    private void around() {
        List<Button> words = new ArrayList<>();
        for (int i = 0; i < path.depth(); i++) {
            NodePath up = new NodePath(path.steps().subList(0, i));
            words.add(deed(
                    Wording.within(NodeKinds.nameOf(Tree.at(root, up))),
                    "part-around-" + i,
                    Wording.of("desk.part.choose-what-part-stands"),
                    () -> work.choosePart(Optional.of(up))));
        }
        if (!words.isEmpty()) {
            words(Wording.of("desk.part.in-the"), words);
        }
    }

    /** What the part has no room for, and what would help. */
    private void lack() {
        desk.state().get().edition().pages().lacks(desk.page().get()).stream()
                .filter(l -> l.placed().path().equals(path))
                .findFirst()
                .ifPresent(l -> {
                    var says = Labels.wrapped(l.lack().says().text(), "refusal");
                    says.setId("lack");
                    add(says);
                    for (Lack.Remedy remedy : l.lack().remedies()) {
                        add(act(remedy.says().text(), "", () -> work.change(remedy.instead())));
                    }
                });
    }

    private void room() {
        Optional<Extent> extent = Tree.extent(root, path);
        if (extent.isEmpty()) {
            return;
        }
        boolean across =
                Tree.at(root, path.parent().orElseThrow()) instanceof Stack stack && stack.axis() == Axis.ACROSS;
        Extent now = extent.get();
        Length measured = measured(across);
        List<Button> words = new ArrayList<>();
        if (!across) {
            words.add(word(
                    Wording.of("desk.part.wants"),
                    "room-natural",
                    Wording.of("desk.part.natural-height"),
                    now.equals(Extent.NATURAL),
                    () -> extent(Extent.NATURAL)));
        }
        words.add(word(
                Wording.of("desk.part.share"),
                "room-share",
                Wording.of("desk.part.share-room-left"),
                now.share().isPresent(),
                () -> extent(Extent.share(now.share().orElse(1.0)))));
        words.add(word(
                Wording.of("desk.part.fixed"),
                "room-fixed",
                Wording.of("desk.part.always-same"),
                now.fixed().isPresent(),
                () -> extent(Extent.fixed(measured))));
        words(across ? Wording.of("desk.part.width") : Wording.of("desk.part.height"), words);
        now.share()
                .ifPresent(share -> field(
                        Wording.of("desk.part.shares"),
                        "room-shares",
                        Numeral.trimmed(share, 3),
                        Wording.of("desk.part.part-with-shares-gets"),
                        text -> extent(Extent.share(Numeral.read(text)
                                .orElseThrow(() -> Trouble.of("desk.part.not-number-shares", text.strip()))))));
        now.fixed()
                .ifPresent(fixed -> field(
                        across ? Wording.of("desk.part.wide") : Wording.of("desk.part.high"),
                        "room-measure",
                        fixed.format(desk.unit().get()),
                        Wording.of("desk.part.length-such-mm"),
                        text -> extent(
                                Extent.fixed(Length.parse(text, desk.unit().get())))));
    }

    private Length measured(boolean across) {
        Placed placed = work.parts().stream()
                .filter(p -> p.path().equals(path))
                .findFirst()
                .orElseThrow();
        double points = across ? placed.box().width() : placed.box().height();
        double mm = Length.points(points).in(jorn.measure.Unit.MILLIMETRE);
        return Length.mm(Math.max(1, Math.round(mm * 10) / 10.0));
    }

    private void extent(Extent extent) {
        work.rework("room", tree -> Tree.withExtent(tree, path, extent));
    }

    private void beside(java.util.function.BiConsumer<Optional<Edge>, Button> offer) {
        List<Button> put = new ArrayList<>();
        for (Edge edge : Edge.values()) {
            String name = edge.name().toLowerCase(java.util.Locale.ROOT);
            put.add(opener(name, "desk.edge." + name, "desk.edge.put-" + name, Optional.of(edge), offer));
        }
        put.add(opener("instead", "desk.edge.instead", "desk.part.put-another-block-place", Optional.empty(), offer));
        words(Wording.of("desk.part.put-block"), put);
        words(
                Wording.of("desk.part.part"),
                List.of(
                        deed(
                                Wording.of("desk.part.split-down"),
                                "part-split",
                                Wording.of("desk.part.two-one-below-other"),
                                () -> work.split(Axis.DOWN)),
                        deed(
                                Wording.of("desk.part.split-across"),
                                "part-split-across",
                                Wording.of("desk.part.two-side-by-side"),
                                () -> work.split(Axis.ACROSS)),
                        deed(
                                Wording.of("desk.part.border"),
                                "part-border",
                                Wording.of("desk.part.border-round"),
                                work::border),
                        deed(
                                Wording.of("desk.part.take-away"),
                                "part-remove",
                                Wording.of("desk.part.take-off-page-delete"),
                                work::remove),
                        deed(
                                Wording.of("desk.part.let-go"),
                                "part-let-go",
                                Wording.of("desk.part.choose-nothing-escape-does"),
                                () -> work.choosePart(Optional.empty()))));
    }

    private static Button opener(
            String name,
            String word,
            String help,
            Optional<Edge> edge,
            java.util.function.BiConsumer<Optional<Edge>, Button> offer) {
        Button button = Labels.opener(Wording.of(word), Wording.of(help));
        button.setId("put-" + name);
        button.setOnAction(e -> offer.accept(edge, button));
        return button;
    }
}
