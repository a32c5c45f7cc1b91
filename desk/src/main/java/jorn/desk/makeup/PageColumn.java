package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.layout.Tree.Edge;
import jorn.say.Wording;

/** The slips beside the page: what is set for this page or the part chosen on it, for its run, for all pages. */
public final class PageColumn extends VBox {
    /** What the slips are about. */
    public enum Subject {
        PAGE(Wording.of("desk.page-column.page"), Wording.of("desk.page-column.chosen-part-or-page")),
        RUN(Wording.of("desk.page-column.run"), Wording.of("desk.page-column.how-often-run-comes")),
        ALL(Wording.of("desk.page-column.all-pages"), Wording.of("desk.page-column.margins-page-numbers-running"));

        private final String word;
        private final String help;

        Subject(String word, String help) {
            this.word = word;
            this.help = help;
        }
    }

    /** What the slips ask of the bench. */
    public interface Host {
        /** Types the chosen part over on the page. */
        void type();

        /** Offers blocks to put beside the chosen part, or in its place. */
        void offer(Optional<Edge> edge, Node from);

        /** Offers designs for the facing page. */
        void offerFacing(Node from);
    }

    private final Desk desk;
    private final BookFiles files;
    private final PageWork work;
    private final PuzzleWork puzzles;
    private final PatternWork patterns;
    private final ArtWork art;
    private final Host bench;
    private final VBox slips = new VBox(10);
    private final FlowPane words = new FlowPane(2, 0);
    private final VBox foot = new VBox();
    private final VBox content = new VBox(10, slips, foot);
    private final ScrollPane scroll = new ScrollPane(content);
    private Subject subject = Subject.PAGE;
    private String shownFor = "";
    private Runnable onSubject = () -> {};

    public PageColumn(
            Desk desk,
            BookFiles files,
            PageWork work,
            PuzzleWork puzzles,
            PatternWork patterns,
            ArtWork art,
            Host bench) {
        super(4);
        this.desk = desk;
        this.files = files;
        this.work = work;
        this.puzzles = puzzles;
        this.patterns = patterns;
        this.art = art;
        this.bench = bench;
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        for (Subject each : Subject.values()) {
            Button word = Labels.oneOf(each.word, each.help, each == subject, () -> choose(each));
            word.setId("subject-" + each.name().toLowerCase(java.util.Locale.ROOT));
            words.getChildren().add(word);
        }
        getChildren().addAll(words, scroll);
    }

    /** Puts something below the slips, to be scrolled with them. */
    public void setFoot(Optional<Node> below) {
        foot.getChildren().setAll(below.map(List::of).orElse(List.of()));
    }

    /** Shows the slips of another subject. */
    public void choose(Subject wanted) {
        subject = wanted;
        show();
        onSubject.run();
    }

    /** Who hears that the slips are about something else now. */
    public void setOnSubject(Runnable listener) {
        onSubject = listener;
    }

    /** Whether the slips are about the chosen part or page. */
    public boolean isAboutPage() {
        return subject == Subject.PAGE;
    }

    /** The slip that the line from the page leads to, if there is one. */
    public Optional<Node> first() {
        return slips.getChildren().stream().findFirst();
    }

    /** Shows what is chosen; made anew only when that or the book has changed, so that typing is not disturbed. */
    public void show() {
        for (int i = 0; i < Subject.values().length; i++) {
            Labels.mark(words.getChildren().get(i), Subject.values()[i] == subject);
        }
        String now = state();
        if (now.equals(shownFor)) {
            return;
        }
        boolean same = subjectOf(now).equals(subjectOf(shownFor));
        shownFor = now;
        double before = content.getHeight() - scroll.getViewportBounds().getHeight();
        double at = same ? scroll.getVvalue() * Math.max(0, before) : 0;
        FocusKeep.around(slips, words, () -> slips.getChildren().setAll(make()));
        // What was added or taken away below moves nothing that is seen.
        Platform.runLater(() -> {
            scroll.applyCss();
            scroll.layout();
            double beyond = content.getHeight() - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(beyond > 0 ? Math.min(1, at / beyond) : 0);
        });
    }

    /** Everything that the slips say depends on this; pages that look alike are not told apart, so that flipping is quick. */
    private String state() {
        String about =
                switch (subject) {
                    case ALL -> "";
                    case RUN -> Integer.toString(work.slot().run());
                    case PAGE -> String.join(
                            "/",
                            work.slot().run() + "." + work.slot().design(),
                            work.standsFor(),
                            puzzles.state(),
                            patterns.state(),
                            art.state(),
                            PhotoPageSlip.sheet(work)
                                    .map(s -> "photo " + s.first())
                                    .orElse(""),
                            work.hasMany() ? work.pages().toString() : "",
                            work.part() + " " + work.isOnlyHere() + " " + work.isException());
                };
        return String.join(
                "/",
                subject.name(),
                Integer.toString(desk.book().hashCode()),
                desk.unit().get().sign(),
                about);
    }

    private static String subjectOf(String state) {
        return state.isEmpty() ? "" : state.substring(0, state.indexOf('/'));
    }

    private List<Node> make() {
        Consumer<Button> facing = bench::offerFacing;
        return switch (subject) {
            case RUN -> List.of(new RunSlip(desk, files, work, puzzles, patterns, art, facing));
            case ALL -> List.of(new AllPagesSlip(desk, files::bringInPicture));
            case PAGE -> ofPage();
        };
    }

    private List<Node> ofPage() {
        if (work.slot().isBlank() && !work.hasMany()) {
            return List.of(new PageSlip(desk, work));
        }
        List<Node> all = new ArrayList<>();
        if (puzzles.isHere()) {
            all.add(new PuzzlePageSlip(puzzles));
        }
        if (patterns.isHere()) {
            all.add(new PatternPageSlip(patterns, files));
        }
        if (art.isHere()) {
            all.add(new ArtPageSlip(art));
        }
        if (PhotoPageSlip.sheet(work).isPresent()) {
            all.add(new PhotoPageSlip(desk, files, work));
        }
        all.add(
                work.part().isPresent()
                        ? new PartSlip(desk, work, files::bringInPicture, bench::type, bench::offer)
                        : new PageSlip(desk, work));
        all.add(new ReachSlip(desk, files, work));
        return all;
    }
}
