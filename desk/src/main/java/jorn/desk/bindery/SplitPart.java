package jorn.desk.bindery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.Labels;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.print.bindery.PdfSource;
import jorn.print.bindery.Splitter;
import jorn.say.Message;
import jorn.say.Wording;

/** Ways to split one file; the new ones go beside each other, the file itself is only read. */
final class SplitPart extends VBox {
    private static final int MOST_TYPED = 1_000_000;
    private static final double MEGABYTE = 1_000_000;
    private static final double LABEL = 200;

    private final Desk desk;
    private final BookFiles files;
    private final Supplier<Path> folder;
    private final Supplier<Supplier<PdfSource>> open;
    private String every = "10";
    private String ranges = "";
    private String size = "10";

    /**
     * @param folder where files are written; may refuse
     * @param open what opens the file that is split now; either may refuse
     */
    SplitPart(Desk desk, BookFiles files, Supplier<Path> folder, Supplier<Supplier<PdfSource>> open, Button unfold) {
        super(6);
        this.desk = desk;
        this.files = files;
        this.folder = folder;
        this.open = open;
        setId("join-split");
        FlowPane words = new FlowPane(12, 6);
        words.getChildren()
                .addAll(
                        Labels.label(Wording.of("desk.join.split"), "soft"),
                        deed("at-bookmarks", "split-bookmarks", () -> split(Splitter::atBookmarks)),
                        deed("odd-even", "split-odd-even", () -> split(Splitter::oddAndEven)),
                        unfold);
        getChildren()
                .addAll(
                        words,
                        typed("every", "split-every", every, text -> every = text, this::every),
                        typed("ranges", "split-ranges", ranges, text -> ranges = text, this::ranges),
                        typed("size", "split-size", size, text -> size = text, this::size));
    }

    private Button deed(String what, String id, Runnable deed) {
        Button button = Labels.act(
                Wording.of("desk.join." + what), Wording.of("desk.join." + what + "-help"), () -> desk.attempt(deed));
        button.setId(id);
        return button;
    }

    /** A way that needs to be told something: what it is, a line to write on, and the deed. */
    private Node typed(String what, String id, String value, java.util.function.Consumer<String> take, Runnable deed) {
        String name = Wording.of("desk.join." + what);
        String help = Wording.of("desk.join." + what + "-help");
        TextField field = new CommitField(name, id, value, help, take, t -> t.ifPresent(desk::tell));
        field.setPrefColumnCount(10);
        Button go = Labels.act(
                Wording.of("desk.join.split-so"),
                help,
                () -> desk.attempt(() -> {
                    take.accept(field.getText());
                    deed.run();
                }));
        go.setId(id + "-go");
        var label = Labels.label(name, "ink");
        label.setMinWidth(LABEL);
        HBox row = new HBox(8, label, field, go);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    private void every() {
        int pages = Numeral.count(every, Wording.of("desk.join.every"), 0, MOST_TYPED);
        split(s -> Splitter.every(s, pages));
    }

    private void ranges() {
        if (ranges.isBlank()) {
            throw Trouble.of("desk.join.no-ranges");
        }
        String said = ranges;
        split(s -> Splitter.ranges(s, said));
    }

    private void size() {
        double most = Numeral.number(size.replaceAll("(?i)mb", "").strip(), Wording.of("desk.join.size"));
        split(s -> {
            try {
                return Splitter.bySize(s, Math.round(most * MEGABYTE));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    private void split(Function<PdfSource, List<Splitter.Piece>> how) {
        Path to = folder.get();
        Supplier<PdfSource> opener = open.get();
        files.fetchInSteps(
                report -> {
                    try (PdfSource source = opener.get()) {
                        return Splitter.write(
                                source,
                                how.apply(source),
                                to,
                                (done, of, what) -> report.test(Message.of("desk.join.splitting", done + 1, of, what)));
                    }
                },
                (List<Path> written) -> desk.say("desk.join.was-split", written.size(), to));
    }
}
