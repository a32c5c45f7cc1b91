package jorn.desk.bindery;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.desk.bindery.BinderyWork.Loaded;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.Labels;
import jorn.impose.FoldKind;
import jorn.impose.LayoutWords;
import jorn.say.Wording;

/** The parcel for one's own printer: what is bound, three decisions, the stack, and the way through the printer. */
final class BinderyPane extends VBox {
    private static final double KEPT_CLEAR = 110;

    private final BinderyWork work;
    private final BookFiles files;
    private final StackView stack;
    private final PassPart passes;
    private final HBox from = new HBox(12);
    private final Label told = Labels.wrapped("", "ink");
    private final Label caution = Labels.wrapped("", "thread");
    private final Label hands = Labels.wrapped("", "soft");
    private final VBox slips = new VBox();
    private String shownFor = "";

    BinderyPane(Desk desk, BookFiles files, BinderyWork work, Supplier<Path> folder) {
        super(8);
        this.work = work;
        this.files = files;
        stack = new StackView(work);
        passes = new PassPart(work, folder);
        setId("bindery");
        told.setId("bindery-figures");
        caution.setId("bindery-caution");
        // What hangs at the right keeps clear of its first lines.
        told.setPadding(new Insets(0, KEPT_CLEAR, 0, 0));
        from.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox right = new VBox(8, told, caution, hands, stack, passes.node());
        right.setMinWidth(0);
        HBox.setHgrow(right, Priority.ALWAYS);
        slips.setMinWidth(Region.USE_PREF_SIZE);
        slips.setMaxWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(from, new HBox(18, slips, right));
        work.setOnChange(this::refresh);
        work.setOnPainted(stack::draw);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
                e.consume();
            }
        });
        setOnDragDropped(e -> {
            if (e.getDragboard().hasFiles()) {
                take(e.getDragboard().getFiles().get(0).toPath());
                e.setDropCompleted(true);
                e.consume();
            }
        });
    }

    /** Binds another file. */
    void take(Path file) {
        work.take(Optional.of(file));
    }

    void show() {
        work.show();
        refresh();
    }

    private String state() {
        return work.how() + "/" + work.marks() + "/" + work.punch() + "/"
                + work.desk().unit().get();
    }

    private void refresh() {
        Optional<Loaded> now = work.loaded();
        String name = work.file()
                .map(f -> String.valueOf(f.getFileName()))
                .orElse(work.desk().book().shownTitle());
        Node other =
                Labels.act(Wording.of("desk.bindery.other"), Wording.of("desk.bindery.other-help"), () -> files.asker()
                        .pdfToOpen()
                        .ifPresent(this::take));
        other.setId("bindery-other");
        from.getChildren()
                .setAll(
                        Labels.label(
                                Wording.of(
                                        "desk.bindery.from",
                                        name,
                                        now.map(l -> l.source().count()).orElse(0)),
                                "strong"),
                        other);
        if (work.file().isPresent()) {
            Node book = Labels.act(
                    Wording.of("desk.bindery.this-book"),
                    Wording.of("desk.bindery.this-book-help"),
                    () -> work.take(Optional.empty()));
            book.setId("bindery-this-book");
            from.getChildren().add(book);
        }
        work.locked().ifPresent(f -> from.getChildren().addAll(word(f)));
        if (!state().equals(shownFor)) {
            shownFor = state();
            FocusKeep.around(slips, slips, () -> slips.getChildren().setAll(new BindSlip(work)));
        }
        told.setText(now.map(l -> LayoutWords.figures(l.layout())).orElse(""));
        caution.setText(String.join(" ", work.cautions()));
        caution.setManaged(!caution.getText().isEmpty());
        hands.setText(now.map(this::hands).orElse(""));
        hands.setManaged(!hands.getText().isEmpty());
        stack.show();
        passes.show();
    }

    /** Where the word is typed that opens a file. */
    private List<Node> word(Path file) {
        String name = Wording.of("desk.bindery.word", file.getFileName());
        CommitField field = new CommitField(
                name,
                "bindery-word",
                "",
                Wording.of("desk.bindery.word-help"),
                text -> {
                    if (!text.isEmpty()) {
                        work.take(Optional.of(file), Optional.of(text));
                    }
                },
                t -> t.ifPresent(work.desk()::tell));
        return List.of(Labels.label(name, "thread"), field);
    }

    private String hands(Loaded now) {
        FoldKind kind = now.layout().imposition().scheme().kind();
        String binder = work.punch()
                .filter(p -> kind.isPunched())
                .map(p -> p.told(now.layout(), work.desk().unit().get()))
                .orElse("");
        return (hands(kind) + " " + binder).strip();
    }

    /** What hands should take care of. */
    private static String hands(FoldKind kind) {
        return switch (kind) {
            case NEST -> Wording.of("desk.bindery.hands-nest");
            case SIGNATURES -> Wording.of("desk.bindery.hands-sewn");
            case SINGLES -> Wording.of("desk.bindery.hands-glued");
            case TWO_COPIES, UP, REPEAT, ONE_CUT -> Wording.of("desk.bindery.hands-cut");
            default -> "";
        };
    }
}
