package jorn.desk.briefs;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.book.Brief;
import jorn.book.MarginChoice;
import jorn.brief.Measures;
import jorn.brief.PageEffects;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.BookDrawing;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.EdgeSlips;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.SlipLayer;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.press.MarginSchool;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.say.Wording;

/** The book as it is decided, to scale, beside what its page count does and what hangs on the other decisions. */
public final class BookPage {
    private final Desk desk;
    private final BookDrawing drawing;
    private final PageCountPlot plot = new PageCountPlot();
    private final Button margins;
    private final Button reading;
    private final Button edge;
    private final Button finish;
    private final HBox finishing;
    private final HBox columns = new HBox(22);
    private final VBox right;
    private final Label plotTitle = Labels.wrapped(Wording.of("desk.plot.title"), "heading");
    private final VBox corner = new VBox(4, plotTitle, Labels.wrapped(Wording.of("desk.plot.says"), "soft"));
    private final ScrollPane node;
    private final HBox top;
    private double em;

    public BookPage(Desk desk, Painter painter, SlipLayer slips, BriefSlips briefSlips) {
        this.desk = desk;
        drawing = new BookDrawing(painter);
        drawing.setId("book-drawing");
        plot.setOnPages(n -> desk.attempt(() -> desk.changeBrief("pages", b -> b.withPages(n))));
        margins = Labels.opener("", Wording.of("desk.decision-ladder.school-margins"));
        margins.setId("step-margins");
        margins.setOnAction(e -> slips.toggle(briefSlips.margins(), margins));
        reading = Labels.opener("", Wording.of("desk.decision-ladder.which-way-book-reads"));
        reading.setId("step-reading");
        reading.setOnAction(e -> slips.toggle(briefSlips.reading(), reading));
        EdgeSlips edges = new EdgeSlips(desk);
        edge = Labels.opener("", Wording.of("desk.book-page.edge-help"));
        edge.setId("step-edge");
        edge.setOnAction(e -> slips.toggle(edges.edge(), edge));
        finish = Labels.opener("", Wording.of("desk.book-page.finish-help"));
        finish.setId("step-finish");
        finish.setOnAction(e -> slips.toggle(edges.finish(), finish));
        finishing = both("desk.book-page.finish", finish);
        FlowPane more = new FlowPane(
                14,
                2,
                both("desk.book-page.margins", margins),
                both("desk.book-page.reads", reading),
                both("desk.book-page.edge", edge),
                finishing);
        more.setRowValignment(javafx.geometry.VPos.BASELINE);
        VBox left = new VBox(6, drawing, more);
        VBox.setVgrow(drawing, Priority.ALWAYS);
        VBox.setVgrow(plot, Priority.ALWAYS);
        right = new VBox(4, corner, plot);
        right.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        left.setPrefWidth(10);
        right.setPrefWidth(11);
        top = new HBox(18, left, right);
        VBox.setVgrow(top, Priority.ALWAYS);
        VBox hangs = new VBox(4, Labels.label(Wording.of("desk.brief.what-hangs-on-these"), "heading"), columns);
        hangs.getStyleClass().add("slip");
        hangs.setMinHeight(VBox.USE_PREF_SIZE);
        VBox all = new VBox(8, top, hangs);
        node = new ScrollPane(all);
        node.setFitToWidth(true);
        node.setFitToHeight(true);
        node.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        node.setFocusTraversable(false);
        FocusScroll.follow(node);
    }

    /** What a decision is called, and the word that opens it. */
    private static HBox both(String name, Button opener) {
        HBox both = new HBox(6, Labels.label(Wording.of(name), "soft"), opener);
        both.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        return both;
    }

    public Node node() {
        return node;
    }

    public void textSize(double pixels) {
        drawing.setEm(pixels);
        plot.setEm(pixels);
        top.setMinHeight(pixels * 20);
        em = pixels;
    }

    /** Leaves room for the figures that hang beside the title. */
    public void corner(double width, double height, boolean small) {
        corner.setMinHeight(Math.max(0, height - 1.4 * em));
        // What is left of them hangs beside the words above.
        corner.setPadding(small ? Insets.EMPTY : new Insets(0, width, 0, 0));
    }

    public void show() {
        BookState state = desk.state().get();
        Unit unit = desk.unit().get();
        drawing.show(state, unit);
        plot.show(PageEffects.of(state.book()), state.pagination().pageCount(), unit);
        margins.setText(marginWords());
        Brief brief = state.book().brief();
        reading.setText(brief.reading().word());
        edge.setText(EdgeSlips.edgeWords(brief));
        finish.setText(EdgeSlips.finishWords(brief));
        boolean films = !brief.press().finishes().isEmpty();
        finishing.setVisible(films);
        finishing.setManaged(films);
        columns.getChildren().setAll(pages(state), paper(state, unit), edges(state, unit), press(state));
    }

    private String marginWords() {
        MarginChoice now = desk.book().margins();
        if (now.equals(MarginChoice.NONE)) {
            return Wording.of("desk.decision-ladder.press-asks");
        }
        boolean own = now.outside().isPresent()
                || now.foot().isPresent()
                || now.gutter().isPresent();
        return own
                ? Wording.of("desk.decision-ladder.set-by-hand")
                : now.school()
                        .map(s -> Wording.within(MarginSchool.of(s).called()))
                        .orElse("");
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
        var rule = state.book().brief().pageRule();
        int n = state.pagination().pageCount();
        String spine = offer.spineText()
                .map(s -> n >= s.minPages()
                        ? Wording.of("desk.brief.spine-text-needs-may", s.minPages())
                        : Wording.of("desk.brief.spine-text-needs-too", s.minPages()))
                .orElse("");
        int blanks = state.pagination().blanksAdded();
        String added = blanks == 0 ? "" : Wording.of("desk.brief.blanks-added", blanks);
        return column(
                Wording.of("desk.brief.pages-2", n), Wording.of("desk.brief.allowed", rule.inWords()), spine, added);
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
