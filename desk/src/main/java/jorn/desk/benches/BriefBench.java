package jorn.desk.benches;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.brief.Measures;
import jorn.desk.briefs.BriefView;
import jorn.desk.briefs.MoneyView;
import jorn.desk.briefs.PagesView;
import jorn.desk.briefs.PressView;
import jorn.desk.briefs.WhatIfView;
import jorn.desk.briefs.WorkView;
import jorn.desk.model.BookFiles;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.BookDrawing;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.CoverView;
import jorn.desk.view.DecisionLadder;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.SpreadView;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.say.Wording;

/** The brief: the decisions in their order, the book to scale, and what hangs on them. */
public final class BriefBench implements Bench {
    /** What the middle of the bench shows. */
    private enum View {
        CLOSED(Wording.of("desk.brief.closed-book")),
        OPEN(Wording.of("desk.brief.open-spread")),
        COVER(Wording.of("desk.brief.cover")),
        PAGES(Wording.of("desk.brief.pages")),
        MONEY(Wording.of("desk.brief.money")),
        WORK(Wording.of("desk.brief.work")),
        WHAT_IF(Wording.of("desk.brief.what-if")),
        PRESS(Wording.of("desk.brief.press"));

        private final String title;

        View(String title) {
            this.title = title;
        }
    }

    private final Desk desk;
    private final BookDrawing drawing;
    private final SpreadView spread;
    private final CoverView cover;
    private final Map<View, BriefView> pages = new EnumMap<>(View.class);
    private final Map<View, Button> words = new EnumMap<>(View.class);
    private final BookFiles files;
    private final SlipLayer slips;
    private final DecisionLadder ladder;
    private final StackPane place = new StackPane();
    private final HBox columns = new HBox(22);
    private final VBox hangs;
    private final HBox node;
    private View view = View.CLOSED;

    public BriefBench(Desk desk, BookFiles files, Painter painter, SlipLayer slips, BriefSlips briefSlips) {
        this.desk = desk;
        drawing = new BookDrawing(painter);
        drawing.setId("book-drawing");
        spread = new SpreadView(painter);
        cover = new CoverView(painter);
        this.files = files;
        this.slips = slips;
        ladder = new DecisionLadder(desk, slips, briefSlips);
        ladder.setMinWidth(DecisionLadder.USE_PREF_SIZE);
        HBox tabs = new HBox();
        tabs.getStyleClass().add("view-words");
        for (View each : View.values()) {
            Button word = Labels.wordButton(each.title, Wording.of("desk.brief.show-middle-bench"), () -> turnTo(each));
            word.setId("view-" + each.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
            words.put(each, word);
            tabs.getChildren().add(word);
        }
        hangs = new VBox(4, Labels.label(Wording.of("desk.brief.what-hangs-on-these"), "heading"), columns);
        hangs.getStyleClass().add("slip");
        VBox.setVgrow(place, Priority.ALWAYS);
        place.setMinSize(0, 0);
        VBox middle = new VBox(6, tabs, place, hangs);
        HBox.setHgrow(middle, Priority.ALWAYS);
        middle.setMinWidth(0);
        node = new HBox(14, ladder, middle);
    }

    /** The reckoning page that is looked at; made when it is first turned to. */
    private BriefView page() {
        return pages.computeIfAbsent(view, v -> switch (v) {
            case PAGES -> new PagesView(desk);
            case MONEY -> new MoneyView(desk);
            case WORK -> new WorkView(desk);
            case WHAT_IF -> new WhatIfView(desk, slips);
            case PRESS -> new PressView(desk, files);
            default -> throw new IllegalStateException(v + " is drawn, not reckoned");
        });
    }

    private void turnTo(View wanted) {
        view = wanted;
        show();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        drawing.setEm(pixels);
        spread.setEm(pixels);
        cover.setEm(pixels);
        ladder.setPrefWidth(pixels * 11.2);
    }

    @Override
    public void show() {
        BookState state = desk.state().get();
        Unit unit = desk.unit().get();
        ladder.show();
        words.forEach((v, word) -> {
            word.getStyleClass().remove("chosen");
            if (v == view) {
                word.getStyleClass().add("chosen");
            }
        });
        boolean drawn = view == View.CLOSED || view == View.OPEN || view == View.COVER;
        hangs.setVisible(drawn);
        hangs.setManaged(drawn);
        Node wanted =
                switch (view) {
                    case CLOSED -> drawing;
                    case OPEN -> spread;
                    case COVER -> cover;
                    default -> page().node();
                };
        if (place.getChildren().isEmpty() || place.getChildren().get(0) != wanted) {
            place.getChildren().setAll(wanted);
        }
        switch (view) {
            case CLOSED -> drawing.show(state, unit);
            case OPEN -> spread.show(state, state.pagination().spreadCount() / 2, 0, unit);
            case COVER -> cover.show(state, unit);
            default -> page().show();
        }
        columns.getChildren().setAll(pages(state), paper(state, unit), edges(state, unit), press(state));
    }

    private static Node column(String head, String... lines) {
        VBox box = new VBox(2, Labels.wrapped(head, "strong"));
        for (String line : lines) {
            if (!line.isEmpty()) {
                box.getChildren().add(Labels.wrapped(line, "soft"));
            }
        }
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(150);
        box.setMinWidth(0);
        return box;
    }

    private static Node pages(BookState state) {
        var offer = state.book().brief().offer();
        int n = state.pagination().pageCount();
        String spine = offer.spineText()
                .map(s -> n >= s.minPages()
                        ? Wording.of("desk.brief.spine-text-needs-may", s.minPages())
                        : Wording.of("desk.brief.spine-text-needs-too", s.minPages()))
                .orElse("");
        int blanks = state.pagination().blanksAdded();
        String added = blanks == 0 ? "" : Wording.of("desk.brief.blanks-added", blanks);
        return column(
                Wording.of("desk.brief.pages-2", n),
                Wording.of("desk.brief.allowed", offer.pages().inWords()),
                spine,
                added);
    }

    private static Node paper(BookState state, Unit unit) {
        var brief = state.book().brief();
        Optional<PaperStock> other = brief.press().papers().stream()
                .filter(p -> !p.id().equals(brief.paper()))
                .findFirst();
        String head = BriefSlips.sentenceCase(brief.paperStock().called());
        if (other.isEmpty()) {
            return column(head, Wording.of("desk.brief.press-has-one-paper"));
        }
        Measures then =
                Measures.of(state.book().withBrief(brief.withPaper(other.get().id())));
        Length now = state.measures().get("book.thickness").length();
        Length so = then.get("book.thickness").length();
        boolean thicker = so.compareTo(now) > 0;
        Length apart = thicker ? so.minus(now) : now.minus(so);
        String cover = brief.binding().hasSpine()
                ? Wording.of(
                        thicker ? "desk.brief.cover-wider" : "desk.brief.cover-narrower",
                        apart.format(unit, Precision.EXACT))
                : Wording.of("desk.brief.block-would", then.get("book.weight").text(unit));
        return column(
                head,
                Wording.of(
                        "desk.brief.would-thick",
                        BriefSlips.sentenceCase(other.get().called()),
                        so.format(unit, Precision.EXACT)),
                cover);
    }

    private static Node edges(BookState state, Unit unit) {
        var page = state.edition().geometry();
        PressProfile press = state.book().brief().press();
        if (!page.bleeds()) {
            return column(
                    Wording.of("desk.brief.nothing-runs-off-page"),
                    Wording.of(
                            "desk.brief.so-page-file-trim",
                            page.requiredOutside().text(unit)));
        }
        if (page.bleed().length().isZero()) {
            return column(
                    Wording.of("desk.brief.lines-run-off-page"),
                    Wording.of("desk.brief.cannot-print-up-edge", press.name()));
        }
        boolean four = press.bleed().sides() == jorn.press.Bleed.Sides.FOUR;
        return column(
                Wording.of("desk.brief.lines-run-off-page"),
                Wording.of(
                        "desk.brief.so-every-page-has",
                        page.bleed().text(unit),
                        four
                                ? Wording.of("desk.brief.on-all-four-sides")
                                : Wording.of("desk.brief.at-head-foot-fore")));
    }

    private static Node press(BookState state) {
        PressProfile press = state.book().brief().press();
        return column(press.name(), Wording.of("desk.brief.profile-made-up-numbers"));
    }
}
