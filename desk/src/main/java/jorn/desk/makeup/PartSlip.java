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
        SettingsForm form =
                new SettingsForm(this, desk.unit().get(), desk.book().pictures(), bringIn);
        form.show("part-", node, PartSettings.of(node), work::change);
        room();
        if (PartSettings.words(node).isPresent()) {
            add(Labels.wordButton(
                    "type on the page", "Type the words over where they stand. Enter does it too.", type));
        }
        beside(offer);
    }

    /** What it stands in. */
    private void around() {
        List<Button> words = new ArrayList<>();
        for (int i = 0; i < path.depth(); i++) {
            NodePath up = new NodePath(path.steps().subList(0, i));
            words.add(word(
                    NodeKinds.nameOf(Tree.at(root, up)).toLowerCase(java.util.Locale.ROOT),
                    "part-around-" + i,
                    "Choose what this part stands in.",
                    false,
                    () -> work.choosePart(Optional.of(up))));
        }
        if (!words.isEmpty()) {
            words("in the", words);
        }
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
                    "as it wants",
                    "room-natural",
                    "Its natural height.",
                    now.equals(Extent.NATURAL),
                    () -> extent(Extent.NATURAL)));
        }
        words.add(word(
                "a share",
                "room-share",
                "A share of the room that is left.",
                now.share().isPresent(),
                () -> extent(Extent.share(now.share().orElse(1.0)))));
        words.add(word(
                "fixed",
                "room-fixed",
                "Always the same.",
                now.fixed().isPresent(),
                () -> extent(Extent.fixed(measured))));
        words(across ? "Its width" : "Its height", words);
        now.share()
                .ifPresent(share -> field(
                        "Shares",
                        "room-shares",
                        Numeral.trimmed(share, 3),
                        "A part with 2 shares gets twice the room of one with 1.",
                        text -> extent(Extent.share(Numeral.read(text)
                                .orElseThrow(() -> Trouble.of(
                                        "“" + text.strip() + "” is not a number of shares.",
                                        "Write one, such as 2."))))));
        now.fixed()
                .ifPresent(fixed -> field(
                        across ? "Wide" : "High",
                        "room-measure",
                        fixed.format(desk.unit().get()),
                        "A length, such as 30 mm.",
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
            Button button = word(name, "put-" + name, "Put another block " + name + ".", false, () -> {});
            button.setOnAction(e -> offer.accept(Optional.of(edge), button));
            put.add(button);
        }
        Button instead = word("instead", "put-instead", "Put another block in its place.", false, () -> {});
        instead.setOnAction(e -> offer.accept(Optional.empty(), instead));
        put.add(instead);
        words("Put a block", put);
        words(
                "This part",
                List.of(
                        word(
                                "split down",
                                "part-split",
                                "Two of it, one below the other.",
                                false,
                                () -> work.split(Axis.DOWN)),
                        word(
                                "split across",
                                "part-split-across",
                                "Two of it, side by side.",
                                false,
                                () -> work.split(Axis.ACROSS)),
                        word("border", "part-border", "A border round it.", false, work::border),
                        word(
                                "take away",
                                "part-remove",
                                "Take it off the page. Delete does it too.",
                                false,
                                work::remove),
                        word(
                                "let go",
                                "part-let-go",
                                "Choose nothing. Escape does it too.",
                                false,
                                () -> work.choosePart(Optional.empty()))));
    }
}
