package jorn.desk.window;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.input.DragEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.content.Hurry;
import jorn.desk.benches.Bench;
import jorn.desk.benches.BriefBench;
import jorn.desk.benches.CoverBench;
import jorn.desk.benches.DespatchBench;
import jorn.desk.benches.MakeUpBench;
import jorn.desk.benches.ProofBench;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.ChangedFigures;
import jorn.desk.view.EachFrame;
import jorn.desk.view.FieldCommit;
import jorn.desk.view.Header;
import jorn.desk.view.HoverHelp;
import jorn.desk.view.MeasureCard;
import jorn.desk.view.MeasureTags;
import jorn.desk.view.NoticeStrip;
import jorn.desk.view.Painter;
import jorn.desk.view.Rail;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.Theme;

/** The window: the rail at the left, the sentence on top, the bench below it, three figures on a thread at the right. */
public final class DeskWindow {
    private static final Set<BenchName> SHOWING_FINDINGS = EnumSet.of(BenchName.PROOF, BenchName.DESPATCH);

    /** With less height than this, in multiples of the text size, what is used less gives way. */
    private static final double SMALL_EM = 31;

    private final Desk desk;
    private final BookFiles files;
    private final Painter painter = new Painter();
    private final SlipLayer slips = new SlipLayer();
    private final Map<BenchName, Bench> benches = new EnumMap<>(BenchName.class);
    private final StackPane benchPlace = new StackPane();
    private final Predicate<Path> opener;
    private final BriefSlips briefSlips;
    private final Header header;
    private final MeasureTags tags;
    private final MeasureCard card;
    private boolean mouseDown;
    private boolean stale;
    private final StackPane root = new StackPane();
    private final Scene scene;

    /** @param opener opens a file or folder with the machine's own program, if it has one */
    public DeskWindow(Desk desk, BookFiles files, Predicate<Path> opener) {
        // Pages show what is not made yet as not made, rather than keep the window waiting.
        Hurry.mark();
        this.desk = desk;
        this.files = files;
        this.opener = opener;
        briefSlips = new BriefSlips(desk, painter);
        header = new Header(desk, files, painter, slips, briefSlips);
        ChangedFigures changed = new ChangedFigures(desk);
        card = new MeasureCard(desk, changed, () -> fold(true));
        card.setOnDecision((decision, from) -> slips.toggle(briefSlips.byId(decision), from));
        tags = new MeasureTags(desk, changed, this::unfold);
        benchPlace.setMinSize(0, 0);
        benchPlace.setPadding(new Insets(3, 0, 0, 0));
        for (Region hung : new Region[] {card, tags}) {
            hung.setMinWidth(Region.USE_PREF_SIZE);
            hung.setMaxWidth(Region.USE_PREF_SIZE);
            StackPane.setAlignment(hung, Pos.TOP_RIGHT);
        }
        tags.setMaxHeight(Region.USE_PREF_SIZE);
        // What is too tall for a small window goes off at its foot, never over a question or the sentence.
        StackPane.setAlignment(benchPlace, Pos.TOP_LEFT);
        StackPane table = new StackPane(benchPlace, tags, card);
        table.setMinSize(0, 0);
        VBox.setVgrow(table, Priority.ALWAYS);
        fold(false);
        NoticeStrip bad = new NoticeStrip(desk, false);
        // A bench that is too tall for a small window never lies over a question.
        bad.setViewOrder(-1);
        NoticeStrip news = new NoticeStrip(desk, true);
        news.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(news, Pos.BOTTOM_CENTER);
        StackPane.setMargin(news, new Insets(0, 24, 14, 130));
        VBox page = new VBox(header, bad, table);
        page.setPadding(new Insets(8, 16, 5, 22));
        page.setMinSize(0, 0);
        BorderPane frame = new BorderPane(page);
        frame.setLeft(new Rail(desk));
        frame.setMinSize(0, 0);
        root.getChildren().addAll(frame, news, slips);
        scene = new Scene(root, 1280, 800);
        Theme.dress(scene);
        applyTextSize();
        header.setOnTextSize(this::applyTextSize);
        scene.heightProperty().addListener(o -> arrange());
        tags.widthProperty().addListener(o -> arrange());
        listen();
        HoverHelp.install(scene);
        new WindowKeys(desk, files, slips, this::present).listenTo(scene, header);
        takeDroppedFiles();
        seat();
        root.requestFocus();
    }

    private void listen() {
        desk.setTyping(() -> FieldCommit.settle(scene));
        desk.bench().addListener((InvalidationListener) o -> {
            // Whoever leads to another bench, what is being typed comes along.
            desk.takeTyping();
            slips.close();
            seat();
        });
        desk.state().addListener((InvalidationListener) o -> refresh());
        desk.findings().addListener((o, was, now) -> {
            // Those of a state that is about to be shown are shown with it.
            if (now.of() == desk.state().get().edition()
                    && SHOWING_FINDINGS.contains(desk.bench().get())) {
                refresh();
            }
        });
        desk.page().addListener((InvalidationListener) o -> refresh());
        desk.making().addListener((InvalidationListener) o -> refresh());
        desk.whatIfs().addListener((InvalidationListener) o -> refresh());
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> mouseDown = true);
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            mouseDown = false;
            if (stale) {
                Platform.runLater(this::refresh);
            }
        });
    }

    private void takeDroppedFiles() {
        root.addEventHandler(DragEvent.DRAG_OVER, e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        root.addEventHandler(DragEvent.DRAG_DROPPED, e -> {
            e.getDragboard().getFiles().forEach(f -> files.takeIn(f.toPath()));
            e.setDropCompleted(true);
        });
    }

    public Scene scene() {
        return scene;
    }

    /** The bench that is seen; made when it is first gone to. */
    private Bench present() {
        return benches.computeIfAbsent(desk.bench().get(), name -> {
            Bench bench = make(name);
            bench.textSize(Theme.em(desk.settings().textSize()));
            bench.corner(
                    tags.prefWidth(-1),
                    tags.prefHeight(-1),
                    root.getStyleClass().contains("small"));
            return bench;
        });
    }

    private Bench make(BenchName name) {
        return switch (name) {
            case BRIEF -> new BriefBench(desk, files, painter, slips, briefSlips);
            case MAKEUP -> new MakeUpBench(desk, files, painter, slips);
            case COVER -> new CoverBench(desk, files, painter);
            case PROOF -> new ProofBench(desk, files, painter, slips);
            case DESPATCH -> new DespatchBench(desk, files, slips, opener);
        };
    }

    /**
     * Shows the bench anew; not while a mouse button is held, for a button that is pressed must still be there when it is let
     * go.
     */
    private void refresh() {
        stale = mouseDown;
        if (!mouseDown) {
            present().show();
        }
    }

    private void seat() {
        benchPlace.getChildren().setAll(present().node());
        present().show();
        // The first picture of a bench is already what it shows, not what it showed when it was left.
        EachFrame.settle();
    }

    private void unfold(String figure) {
        tags.setVisible(false);
        card.open(figure);
    }

    /** @param byHand whether the card was put away by the person, who is then where it was opened from */
    private void fold(boolean byHand) {
        card.setVisible(false);
        tags.setVisible(true);
        if (byHand && tags.lookup("#measures") != null) {
            tags.lookup("#measures").requestFocus();
        }
    }

    /** Leaves the figures their corner, as large as there is room for. */
    private void arrange() {
        double em = Theme.em(desk.settings().textSize());
        boolean small = scene.getHeight() < SMALL_EM * em;
        root.getStyleClass().remove("small");
        if (small) {
            root.getStyleClass().add("small");
        }
        tags.setSmall(small);
        benches.values().forEach(b -> b.corner(tags.prefWidth(-1), tags.prefHeight(-1), small));
    }

    private void applyTextSize() {
        int percent = desk.settings().textSize();
        Theme.textSize(root, percent);
        benches.values().forEach(b -> b.textSize(Theme.em(percent)));
        card.requestLayout();
        tags.requestLayout();
        arrange();
    }
}
