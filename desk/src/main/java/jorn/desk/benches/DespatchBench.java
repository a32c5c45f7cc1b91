package jorn.desk.benches;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.check.Checker;
import jorn.deliver.Handover;
import jorn.desk.bindery.Parcels;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.model.Errand;
import jorn.desk.model.Notice;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.SlipLayer;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.print.export.Authorship;
import jorn.print.export.Exporter;
import jorn.print.export.HandoverSet;
import jorn.print.export.HandoverSet.Circumstance;
import jorn.print.export.WrittenFile;
import jorn.print.read.PdfLook;
import jorn.say.Message;
import jorn.say.Wording;

/** Despatch: each hand-over is a parcel with a label: for whom, what is in it, whether it may go. */
public final class DespatchBench implements Bench {
    private static final int LOOK_HEIGHT = 150;
    private static final double RESULT_EM = 20;
    private static final String HOME_SIGN = "~";

    private final Desk desk;
    private final BookFiles files;
    private final Predicate<Path> opener;
    private final SlipLayer slips;
    private final Label forWhom = Labels.wrapped("", "heading");
    private final VBox contents = new VBox(2);
    private final Label mayGo = Labels.wrapped("");
    private final TextField folder = new TextField();
    private final Button write;
    private final Button stop;
    private final Errand errand;
    private final ProgressBar bar = new ProgressBar(0);
    private final Label doing = Labels.wrapped("", "soft");
    private final Button openFolder =
            Labels.act(Wording.of("desk.despatch.open-folder"), Wording.of("desk.despatch.show-folder"), () -> {});
    private final FlowPane results = new FlowPane(18, 14);
    private final VBox reception = new VBox(8);
    private final MarksPart marks;
    private final SentPart sent;
    private final OrderPart order;
    private final ReminderPart reminders;
    private final Parcels parcels;
    private final ScrollPane node;
    private double em;
    private final StackPane parcel;
    private Optional<Book> writtenOf = Optional.empty();

    /** @param opener opens a file or folder with the machine's own program, if it has one */
    public DespatchBench(Desk desk, BookFiles files, SlipLayer slips, Predicate<Path> opener) {
        this.slips = slips;
        this.desk = desk;
        this.errand = new Errand(desk, "despatch", Platform::runLater);
        this.files = files;
        this.opener = opener;
        folder.setId("export-folder");
        folder.setAccessibleText(Wording.of("desk.despatch.folder-write"));
        folder.setAccessibleHelp(Wording.of("desk.despatch.folder-files-written-made"));
        String last = desk.settings().exportFolder();
        folder.setText(last.isEmpty() ? HOME_SIGN + "/Jorn" : last);
        HBox.setHgrow(folder, Priority.ALWAYS);
        Button choose = Labels.act(
                Wording.of("desk.despatch.choose"), Wording.of("desk.despatch.choose-folder"), this::chooseFolder);
        write = Labels.deed(
                Wording.of("desk.despatch.write-files"),
                Wording.of("desk.despatch.write-interior-cover-folder"),
                this::write);
        write.setId("write-files");
        stop = Labels.act(
                Wording.of("desk.despatch.stop"), Wording.of("desk.despatch.stop-writing-nothing-half"), errand::stop);
        stop.setId("stop-writing");
        bar.setId("progress");
        bar.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(bar, Priority.ALWAYS);
        Label to = Labels.label(Wording.of("desk.despatch.folder"), "soft");
        to.setMinWidth(Region.USE_PREF_SIZE);
        HBox where = new HBox(10, to, folder, choose);
        where.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        HBox work = new HBox(14, write, bar, stop);
        work.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox label = new VBox(8, forWhom, contents, mayGo);
        label.getStyleClass().add("parcel-label");
        StackPane parcel = new StackPane(label);
        parcel.getStyleClass().add("parcel");
        parcel.setStyle("-fx-padding: 1.5em 2.2em;");
        HBox.setHgrow(doing, Priority.ALWAYS);
        doing.setMaxWidth(Double.MAX_VALUE);
        openFolder.setVisible(false);
        Button give =
                Labels.act(Wording.of("desk.despatch.give"), Wording.of("desk.despatch.give-help"), files::giveAway);
        give.setId("give-away");
        HBox told = new HBox(14, doing, openFolder);
        told.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        marks = new MarksPart(this::show);
        work.getChildren().add(give);
        VBox deeds = new VBox(10, marks.node(), where, work, told);
        deeds.setStyle("-fx-padding: 0.5em 0 0 0;");
        results.setId("written");
        sent = new SentPart(desk);
        order = new OrderPart(desk, this::target);
        reminders = new ReminderPart(desk);
        VBox all = new VBox(12, parcel, deeds, results, reception, reminders.node(), order.node(), sent.node());
        all.setMinWidth(0);
        parcels = new Parcels(desk, files, all, this::target);
        VBox whole = new VBox(10, Labels.label(Wording.of("desk.despatch.parcels"), "heading"), parcels);
        whole.setMinWidth(0);
        node = new ScrollPane(whole);
        node.setFitToWidth(true);
        node.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        node.setFocusTraversable(false);
        FocusScroll.follow(node);
        this.parcel = parcel;
        busy(false);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        em = pixels;
    }

    @Override
    public void corner(double width, double height, boolean small) {
        VBox.setMargin(parcel, new Insets(0, width, 0, 0));
        parcels.keepClear(width);
    }

    private void openFolder(Path target) {
        if (!opener.test(target)) {
            desk.say("desk.despatch.folder-is", target.toAbsolutePath());
        }
    }

    private void busy(boolean working) {
        write.setDisable(working);
        for (Node n : new Node[] {bar, stop}) {
            n.setVisible(working);
        }
    }

    private void chooseFolder() {
        Path start = folder.getText().isBlank() ? Path.of("") : target();
        files.asker()
                .folder(Files.isDirectory(start) ? Optional.of(start) : Optional.empty())
                .ifPresent(f -> folder.setText(f.toString()));
    }

    /** The folder that is written in the field; ~ is the user's own folder. */
    private Path target() {
        String text = folder.getText().strip();
        if (text.isEmpty()) {
            throw Trouble.of("desk.despatch.no-folder-given");
        }
        try {
            return text.startsWith(HOME_SIGN)
                    ? Path.of(System.getProperty("user.home") + text.substring(HOME_SIGN.length()))
                    : Path.of(text);
        } catch (InvalidPathException e) {
            throw Trouble.because(e, "desk.despatch.no-folder", text);
        }
    }

    @Override
    public void show() {
        BookState state = desk.state().get();
        var press = state.book().brief().press();
        forWhom.setText(Wording.of("desk.despatch.for", press.name()));
        contents.getChildren().clear();
        Handover handover = handover(state.edition());
        List<Path> files = Exporter.files(state.edition(), handover, Path.of(""));
        List<String> words =
                ParcelWords.of(handover, state.edition(), desk.unit().get());
        for (int i = 0; i < words.size(); i++) {
            String of = i < files.size() ? ": " + files.get(i) : "";
            contents.getChildren().add(Labels.wrapped(words.get(i) + of, i < files.size() ? "ink" : "soft"));
        }
        boolean errors = Checker.hasErrors(desk.findings().get().all());
        int mend = desk.findings().get().toMend().size();
        int look = desk.findings().get().toLookAt().size();
        mayGo.setText(
                errors
                        ? Wording.of("desk.despatch.should-not-go-yet", mend)
                        : look > 0
                                ? Wording.of("desk.despatch.may-go-proof-has", look)
                                : Wording.of("desk.despatch.may-go-proof-found"));
        mayGo.getStyleClass().setAll("label", errors ? "thread" : "strong");
        marks.show(state.edition());
        sent.show();
        order.show();
        reminders.show();
        parcels.show();
        writtenOf
                .filter(b -> !b.equals(state.book()))
                .ifPresent(b -> doing.setText(Wording.of("desk.despatch.book-has-changed-since")));
    }

    private void write() {
        if (!desk.takeTyping()) {
            return;
        }
        Path target;
        try {
            target = target();
        } catch (Trouble t) {
            doing.setText(t.getMessage());
            return;
        }
        Edition edition = desk.state().get().edition();
        int mend = desk.findings().get().toMend().size();
        if (mend == 0) {
            replace(edition, target);
        } else {
            desk.ask(
                    Message.of("desk.despatch.not-ready", mend),
                    Message.of("desk.despatch.not-ready.do"),
                    new Notice.Choice("mend", Wording.of("desk.despatch.mend-first"), () -> desk.bench()
                            .set(BenchName.PROOF)),
                    new Notice.Choice(
                            "all-the-same", Wording.of("desk.despatch.all-the-same"), () -> replace(edition, target)));
        }
    }

    /** Looks first whether others wrote what would be written over. */
    private void replace(Edition edition, Path target) {
        List<Path> wanted = Exporter.files(edition, handover(edition), target);
        errand.begin(stopped -> Authorship.strangers(wanted), new Errand.Heard<List<Path>>() {
            @Override
            public void done(List<Path> strangers) {
                if (strangers.isEmpty()) {
                    begin(edition, target);
                } else {
                    askToReplace(edition, target, strangers.get(0));
                }
            }

            @Override
            public void failed(Trouble why) {
                end(why.getMessage());
            }
        });
    }

    private void askToReplace(Edition edition, Path target, Path stranger) {
        desk.ask(
                Message.of("print.authorship.not-own", stranger.getFileName()),
                Message.of("desk.despatch.replace-or"),
                new Notice.Choice("replace", Wording.of("desk.despatch.replace"), () -> begin(edition, target)),
                new Notice.Choice("leave", Wording.of("desk.despatch.leave"), () -> {}));
    }

    private Handover handover(Edition edition) {
        return Handover.toPress(edition, marks.asked(edition));
    }

    /** What was written, with a picture of each file. */
    private record Written(HandoverSet set, List<BufferedImage> looks) {}

    private void begin(Edition edition, Path target) {
        results.getChildren().clear();
        reception.getChildren().clear();
        busy(true);
        Handover handover = handover(edition);
        Circumstance occasion = new Circumstance(
                desk.findings().get().all(), desk.unit().get(), LocalDateTime.now(ZoneId.systemDefault()));
        errand.begin(
                stopped -> {
                    HandoverSet set = HandoverSet.write(edition, handover, target, occasion, (done, of, what) -> {
                        Platform.runLater(() -> {
                            bar.setProgress((double) done / of);
                            doing.setText(what + " …");
                        });
                        return !stopped.getAsBoolean();
                    });
                    List<BufferedImage> looks = new ArrayList<>();
                    for (WrittenFile d : set.files()) {
                        looks.add(PdfLook.firstPage(d.file(), LOOK_HEIGHT));
                    }
                    return new Written(set, looks);
                },
                new Errand.Heard<Written>() {
                    @Override
                    public void done(Written written) {
                        DespatchBench.this.done(edition.book(), target, written.set(), written.looks());
                    }

                    @Override
                    public void failed(Trouble why) {
                        end(why.getMessage());
                    }

                    @Override
                    public void stopped() {
                        end(Wording.of("desk.despatch.stopped-nothing-half-written"));
                    }

                    @Override
                    public void elsewhere(Written written) {
                        end(Wording.of(
                                "desk.despatch.written-elsewhere",
                                edition.book().shownTitle(),
                                target.toAbsolutePath()));
                    }
                });
    }

    private void end(String words) {
        busy(false);
        doing.setText(words);
    }

    private void done(Book book, Path target, HandoverSet set, List<BufferedImage> looks) {
        boolean same = desk.book().equals(book);
        desk.attempt(() -> desk.change(
                "sent",
                b -> b.withPlans(b.plans().withSelling(b.plans().selling().withParcel(set.parcel())))));
        writtenOf = Optional.of(same ? desk.book() : book);
        List<WrittenFile> written = set.files();
        reception.getChildren().setAll(ReceptionSlip.of(set.verdict(), f -> {
            desk.page()
                    .set(Math.max(
                            1,
                            Math.min(
                                    f.place().page(),
                                    desk.state().get().pagination().pageCount())));
            desk.bench().set(BenchName.PROOF);
        }));
        desk.settings().setExportFolder(folder.getText().strip());
        List<Message> large = Exporter.tooLarge(book.brief().press(), written);
        end(
                large.isEmpty()
                        ? Wording.of("desk.despatch.written-read-back")
                        : String.join(" ", large.stream().map(Message::text).toList()));
        for (int i = 0; i < written.size(); i++) {
            results.getChildren().add(result(written.get(i), looks.get(i)));
        }
        openFolder.setOnAction(e -> openFolder(target));
        openFolder.setVisible(true);
    }

    private Node result(WrittenFile d, BufferedImage look) {
        ImageView picture = new ImageView(Painter.toImage(look));
        StackPane frame = new StackPane(picture);
        frame.setStyle("-fx-border-color: hairline; -fx-background-color: white;");
        frame.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        // A file's name may be longer than the window is wide; hovering tells it whole.
        Label name = Labels.label(d.file().getFileName().toString(), "strong");
        name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        name.setAccessibleHelp(d.file().toString());
        Label size = Labels.label(
                Wording.of("desk.despatch.pages-and-size", d.pages(), Numeral.grouped(Math.max(1, d.bytes() / 1000))),
                "soft");
        Button open =
                Labels.act(Wording.of("desk.despatch.open"), Wording.of("desk.despatch.open-file-your-own"), () -> {});
        open.setId("open-" + d.role().id());
        open.setOnAction(e -> {
            if (!opener.test(d.file())) {
                slips.toggle(new FileSlip(d.file(), d.pages()), open);
            }
        });
        VBox box = new VBox(3, frame, name, size, open);
        box.setMaxWidth(RESULT_EM * em);
        box.setId("written-" + d.role().id());
        return box;
    }
}
