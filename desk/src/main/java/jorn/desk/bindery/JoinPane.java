package jorn.desk.bindery;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.DragOrder;
import jorn.desk.view.Labels;
import jorn.desk.view.Portions;
import jorn.measure.PaperSize;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.print.bindery.JoinList;
import jorn.print.bindery.JoinPart;
import jorn.print.bindery.Joined;
import jorn.print.bindery.Joiner;
import jorn.print.bindery.PdfSource;
import jorn.print.bindery.Weaver;
import jorn.print.export.FileNames;
import jorn.say.Message;
import jorn.say.Wording;

/** Files in the order in which they are joined, moved by hand; or one file split. Files and folders are dropped here. */
final class JoinPane extends VBox {
    private static final int AT_ONCE = 40;

    private final Desk desk;
    private final BookFiles files;
    private final BinderyWork work;
    private final Supplier<Path> folder;
    private final List<JoinPart> parts = new ArrayList<>();
    private final VBox list = new VBox(3);
    private final SplitPart split;
    private final Portions portions = new Portions("join-list", AT_ONCE, this::show);
    private String word = "";
    private boolean equal;
    private Size size;
    private Optional<PageTiles> tiles = Optional.empty();
    private int tilesOf = -1;
    /** How often pages were asked for, or hidden. */
    private int looks;

    JoinPane(Desk desk, BookFiles files, BinderyWork work, Supplier<Path> folder) {
        super(8);
        this.desk = desk;
        this.files = files;
        this.work = work;
        this.folder = folder;
        size = (desk.unit().get() == Unit.INCH ? PaperSize.LETTER : PaperSize.A4).size();
        setId("bindery-join");
        list.setId("join-list");
        split = new SplitPart(desk, files, folder, () -> opener(0), deed("unfold", "split-unfold", this::unfold));
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
                e.consume();
            }
        });
        setOnDragDropped(e -> {
            if (e.getDragboard().hasFiles()) {
                take(e.getDragboard().getFiles().stream().map(File::toPath).toList());
                e.setDropCompleted(true);
                e.consume();
            }
        });
    }

    /** Takes files, and folders of them; shown once all are there. */
    void take(List<Path> paths) {
        for (Path path : paths) {
            desk.attempt(
                    () -> parts.addAll(Files.isDirectory(path) ? JoinList.folder(path) : List.of(JoinPart.of(path))));
        }
        show();
    }

    private void take(Path path) {
        take(List.of(path));
    }

    void show() {
        list.getChildren().clear();
        portions.of(parts.size());
        int first = portions.first();
        DragOrder order = new DragOrder(list, (from, to) -> move(first + from, first + to), i -> {});
        for (int i = first; i < portions.end(); i++) {
            Node row = row(i);
            order.add(row);
            list.getChildren().add(row);
            if (i == tilesOf) {
                tiles.ifPresent(list.getChildren()::add);
            }
        }
        list.getChildren().add(portions);
        FlowPane add = new FlowPane(12, 6);
        add.getChildren()
                .addAll(
                        deed("add", "join-add", () -> files.asker().pdfToOpen().ifPresent(this::take)),
                        deed("add-folder", "join-add-folder", () -> files.asker()
                                .folder(Optional.empty())
                                .ifPresent(this::take)),
                        deed("add-blank", "join-add-blank", () -> {
                            parts.add(JoinPart.blanks(1));
                            show();
                        }),
                        word());
        FlowPane deeds = new FlowPane(12, 6);
        Button same = Labels.oneOf(Wording.of("desk.join.equal"), Wording.of("desk.join.equal-help"), equal, () -> {
            equal = !equal;
            show();
        });
        same.setId("join-equal");
        Button write = deed("write", "join-write", this::join);
        write.setDisable(parts.isEmpty());
        deeds.getChildren().addAll(write, same);
        if (equal) {
            deeds.getChildren().add(size());
        }
        if (parts.size() == 2 && parts.stream().allMatch(p -> p.file().isPresent())) {
            deeds.getChildren()
                    .addAll(
                            deed("interleave", "join-interleave", () -> interleave(false)),
                            deed("interleave-backwards", "join-interleave-backwards", () -> interleave(true)));
        }
        boolean one = parts.size() == 1 && parts.get(0).file().isPresent();
        split.setVisible(one);
        split.setManaged(one);
        getChildren()
                .setAll(
                        Labels.label(Wording.of("desk.join.title"), "heading"),
                        Labels.wrapped(Wording.of(parts.isEmpty() ? "desk.join.none" : "desk.join.order"), "soft"),
                        list,
                        add,
                        deeds,
                        split);
    }

    private Button deed(String what, String id, Runnable deed) {
        Button button = Labels.act(
                Wording.of("desk.join." + what), Wording.of("desk.join." + what + "-help"), () -> desk.attempt(deed));
        button.setId(id);
        return button;
    }

    /** Opens those that are locked. */
    private Node word() {
        CommitField field = new CommitField(
                Wording.of("desk.join.word"),
                "join-word",
                word,
                Wording.of("desk.join.word-help"),
                text -> word = text,
                t -> t.ifPresent(desk::tell));
        field.setPromptText(Wording.of("desk.join.word"));
        field.setPrefColumnCount(18);
        return field;
    }

    /** The size that all pages get. */
    private Node size() {
        Unit unit = desk.unit().get();
        CommitField field = new CommitField(
                Wording.of("desk.join.size-of-all"),
                "join-size",
                size.format(unit),
                Wording.of("desk.join.size-of-all-help"),
                text -> size = Size.parse(text, unit),
                t -> t.ifPresent(desk::tell));
        field.setPrefColumnCount(12);
        return field;
    }

    private Optional<String> opening() {
        return word.isEmpty() ? Optional.empty() : Optional.of(word);
    }

    /** Where the new file goes: beside what is there. */
    private Path target() {
        Path wanted = folder.get().resolve(Wording.of("desk.join.file") + ".pdf");
        return Files.exists(wanted) ? FileNames.free(wanted) : wanted;
    }

    /** What opens a file as it is chosen now, on whichever thread. */
    private Supplier<PdfSource> opener(int index) {
        Path file = parts.get(index).file().orElseThrow();
        Optional<String> by = opening();
        return () -> PdfSource.open(file, by);
    }

    private void interleave(boolean backwards) {
        Path to = target();
        Supplier<PdfSource> first = opener(0);
        Supplier<PdfSource> second = opener(1);
        work.fetch(
                () -> {
                    try (PdfSource fronts = first.get();
                            PdfSource backs = second.get()) {
                        return Weaver.interleave(fronts, backs, backwards, to);
                    }
                },
                pages -> desk.say("desk.join.woven", pages, to));
    }

    private void unfold() {
        Path to = target();
        Supplier<PdfSource> opener = opener(0);
        boolean fromRight = work.how().scheme().rightToLeft();
        work.fetch(
                () -> {
                    try (PdfSource sheets = opener.get()) {
                        return Weaver.unfold(sheets, fromRight, to);
                    }
                },
                pages -> desk.say("desk.join.woven", pages, to));
    }

    private Node row(int index) {
        JoinPart part = parts.get(index);
        var name = Labels.label(
                (index + 1) + "  "
                        + part.file()
                                .map(f -> String.valueOf(f.getFileName()))
                                .orElseGet(() -> Wording.of("desk.join.blank")),
                "ink");
        name.setMinWidth(240);
        CommitField ranges = new CommitField(
                Wording.of("desk.join.pages"),
                "join-pages-" + index,
                part.pages(),
                Wording.of("desk.join.pages-help"),
                text -> {
                    JoinPart now = parts.get(index).withPages(text);
                    if (tilesOf == index) {
                        // Pages that there are not are refused here; what was before stays.
                        tiles.ifPresent(t -> t.show(now));
                    }
                    parts.set(index, now);
                },
                t -> t.ifPresent(desk::tell));
        ranges.setPromptText(Wording.of("desk.join.all-pages"));
        ranges.setPrefColumnCount(10);
        Button earlier = deed("earlier", "join-earlier-" + index, () -> move(index, index - 1));
        Button later = deed("later", "join-later-" + index, () -> move(index, index + 1));
        Button turn = Labels.act(Wording.of("desk.join.turned", part.turn()), Wording.of("desk.join.turn-help"), () -> {
            JoinPart now = parts.get(index);
            parts.set(index, now.turned((now.turn() + 90) % 360));
            if (tilesOf == index) {
                tiles.ifPresent(t -> t.show(parts.get(index)));
            }
            show();
        });
        turn.setId("join-turn-" + index);
        Button out = deed("take-out", "join-out-" + index, () -> {
            hidePages();
            parts.remove(index);
            show();
        });
        HBox row = new HBox(8, name, ranges, turn, earlier, later, out);
        if (part.file().isPresent()) {
            Button pages = Labels.act(
                    Wording.of(tilesOf == index ? "desk.join.hide-pages" : "desk.join.show-pages"),
                    Wording.of("desk.join.show-pages-help"),
                    () -> showPages(index));
            pages.setId("join-show-" + index);
            row.getChildren().add(2, pages);
        }
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        row.setId("join-row-" + index);
        row.getStyleClass().addAll("field-row", "ordered-row");
        return row;
    }

    /** Shows the pages of a file, or hides them again. */
    private void showPages(int index) {
        boolean hide = tilesOf == index;
        hidePages();
        if (hide) {
            show();
            return;
        }
        JoinPart part = parts.get(index);
        Supplier<PdfSource> opener = opener(index);
        int asked = ++looks;
        work.fetch(opener::get, source -> {
            // Pressed twice, or the list is another one by now: nobody would close it.
            if (asked != looks || index >= parts.size() || !parts.get(index).equals(part)) {
                source.close();
                return;
            }
            tilesOf = index;
            tiles = Optional.of(new PageTiles(work, part, source, now -> {
                parts.set(index, now);
                show();
            }));
            show();
        });
    }

    private void hidePages() {
        looks++;
        tiles.ifPresent(PageTiles::close);
        tiles = Optional.empty();
        tilesOf = -1;
    }

    private void move(int from, int to) {
        if (to >= 0 && to < parts.size()) {
            hidePages();
            parts.add(to, parts.remove(from));
            show();
        }
    }

    private void join() {
        Path to = target();
        Joiner.Manner how = new Joiner.Manner(true, equal ? Optional.of(size) : Optional.empty());
        List<JoinPart> wanted = JoinList.opened(parts, opening());
        files.fetchInSteps(
                report -> Joiner.join(
                        wanted,
                        how,
                        to,
                        (done, of, what) -> report.test(Message.of("desk.join.joining", done * 100 / of, what))),
                (Joined joined) -> {
                    String notes = String.join(
                            " ", joined.notes().stream().map(Message::text).toList());
                    desk.say("desk.join.joined", joined.pages(), to, notes);
                });
    }
}
