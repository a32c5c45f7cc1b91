package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.book.BlanksAt;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Run.Matter;
import jorn.check.Finding;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.say.Wording;

/** What the book holds, part by part, and how the press's page count is reached. */
public final class PagesView extends BriefView {
    private static final Set<String> CONCERNS = Set.of("page.count", "page.blank", "book.thickness", "spine.text");

    public PagesView(Desk desk) {
        super(desk);
    }

    /** A part that people add, and what its page looks like. */
    private record Usual(String name, Matter matter, Start start, Recipe recipe) {}

    private static List<Usual> usual() {
        return List.of(
                new Usual(
                        Wording.of("desk.pages.half-title"), Matter.FRONT, Start.RECTO, Catalogue.recipe("half-title")),
                new Usual(Wording.of("desk.pages.title"), Matter.FRONT, Start.RECTO, Catalogue.recipe("title")),
                new Usual(Wording.of("desk.pages.copyright"), Matter.FRONT, Start.VERSO, Catalogue.recipe("copyright")),
                new Usual(
                        Wording.of("desk.pages.dedication"), Matter.FRONT, Start.RECTO, Catalogue.recipe("dedication")),
                new Usual(Wording.of("desk.pages.belongs"), Matter.FRONT, Start.RECTO, Catalogue.recipe("belongs-to")),
                new Usual(
                        Wording.of("desk.pages.contents"),
                        Matter.FRONT,
                        Start.RECTO,
                        Recipes.heading(Wording.of("desk.pages.contents"), "@contents")),
                new Usual(
                        Wording.of("desk.pages.body-pages"),
                        Matter.BODY,
                        Start.ANYWHERE,
                        Recipes.bare(Wording.of("desk.pages.body-pages"))),
                new Usual(
                        Wording.of("desk.pages.lined-pages"),
                        Matter.BODY,
                        Start.ANYWHERE,
                        Recipes.lined(jorn.block.paper.Ruling.customary())),
                new Usual(Wording.of("desk.pages.blank"), Matter.BODY, Start.ANYWHERE, Catalogue.recipe("blank")),
                new Usual(
                        Wording.of("desk.pages.thanks"),
                        Matter.BACK,
                        Start.ANYWHERE,
                        Recipes.heading(Wording.of("desk.pages.thanks"), "@thanks")),
                new Usual(
                        Wording.of("desk.pages.about-author"),
                        Matter.BACK,
                        Start.ANYWHERE,
                        Recipes.heading(Wording.of("desk.pages.about-author"), "@about-the-author")),
                new Usual(
                        Wording.of("desk.pages.also-by"),
                        Matter.BACK,
                        Start.ANYWHERE,
                        Recipes.heading(Wording.of("desk.pages.also-by-author"), "@also-by-the-author")));
    }

    @Override
    protected void fill(VBox page) {
        BookState state = desk.state().get();
        page.getChildren().add(Labels.wrapped(sum(state), "strong"));
        for (Finding f : desk.findings().get().all()) {
            if (CONCERNS.contains(f.id())) {
                page.getChildren()
                        .add(Labels.wrapped(
                                f.message() + " " + f.remedy(),
                                f.severity() == Finding.Severity.NOTE ? "soft" : "thread"));
            }
        }
        page.getChildren().addAll(parts(state.book(), state), adding(), filling(state.book()));
        page.getChildren().addAll(new WorkPart(desk, this).nodes());
    }

    /** "2 of front matter + 1 blank + 116 + 1 at the end = 120 pages". */
    private static String sum(BookState state) {
        int[] held = new int[Matter.values().length];
        int between = 0;
        for (var slot : state.pagination().slots()) {
            if (slot.isBlank()) {
                between++;
            } else {
                held[state.book().runs().get(slot.run()).matter().ordinal()]++;
            }
        }
        List<String> terms = new ArrayList<>();
        for (Matter matter : Matter.values()) {
            if (held[matter.ordinal()] > 0) {
                terms.add(Wording.of("desk.pages.of", held[matter.ordinal()], matter.word()));
            }
        }
        if (between > 0) {
            terms.add(Wording.of("desk.pages.blanks", between));
        }
        return Wording.of(
                "desk.pages.pages",
                String.join(" + ", terms),
                state.pagination().pageCount());
    }

    private GridPane parts(Book book, BookState state) {
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(2);
        grid.addRow(
                0,
                Labels.label(Wording.of("desk.pages.part"), "table-head"),
                Labels.label(Wording.of("desk.pages.it-is"), "table-head"),
                Labels.label(Wording.of("desk.pages.pages-2"), "table-head"),
                Labels.label(Wording.of("desk.pages.begins"), "table-head"));
        for (int i = 0; i < book.runs().size(); i++) {
            row(grid, book.runs().get(i), i, state);
        }
        return grid;
    }

    private void row(GridPane grid, Run run, int index, BookState state) {
        var name = field(
                Wording.of("desk.pages.name-part"),
                "part-name-" + index,
                run.name(),
                Wording.of("desk.pages.what-part-called"),
                isNarrow() ? 7 : 12,
                text -> change(index, r -> r.withName(text.strip())));
        long now = state.pagination().slots().stream()
                .filter(s -> s.run() == index)
                .count();
        String shown = run.isFilling()
                ? Wording.of("desk.pages.fills", now)
                : Integer.toString(run.count().orElse(0));
        var count = field(
                Wording.of("desk.pages.pages-part"),
                "part-count-" + index,
                shown,
                Wording.of("desk.pages.how-many-pages-has"),
                6,
                text -> count(index, text));
        Button matter = Labels.act(
                run.matter().word(),
                Wording.of("desk.pages.front-matter-body-or"),
                () -> change(index, r -> r.as(Matter.values()[(r.matter().ordinal() + 1) % Matter.values().length])));
        Button start = Labels.act(
                startWord(run.start()),
                Wording.of("desk.pages.on-which-side-begins"),
                () -> change(
                        index, r -> r.withStart(Start.values()[(r.start().ordinal() + 1) % Start.values().length])));
        Button up = Labels.act("↑", Wording.of("desk.pages.move-up"), () -> swap(index, index - 1));
        Button down = Labels.act("↓", Wording.of("desk.pages.move-down"), () -> swap(index, index + 1));
        Button out = Labels.act(
                Wording.of("desk.pages.take-out"),
                Wording.of("desk.pages.take-part-out"),
                () -> attempt(() -> desk.change("parts", b -> {
                    List<Run> runs = new ArrayList<>(b.runs());
                    runs.remove(index);
                    return b.withRuns(runs);
                })));
        out.setId("part-out-" + index);
        matter.setId("part-matter-" + index);
        start.setId("part-start-" + index);
        up.setId("part-up-" + index);
        down.setId("part-down-" + index);
        up.setDisable(index == 0);
        down.setDisable(index == desk.book().runs().size() - 1);
        HBox deeds = new HBox(4, up, down, out);
        int at = 1 + index * 2;
        grid.addRow(at, name, matter, count, start);
        if (isNarrow()) {
            grid.add(deeds, 1, at + 1, 3, 1);
        } else {
            grid.add(deeds, 4, at);
        }
    }

    private static String startWord(Start start) {
        return switch (start) {
            case ANYWHERE -> Wording.of("desk.pages.anywhere");
            case RECTO -> Wording.of("desk.pages.on-recto");
            case VERSO -> Wording.of("desk.pages.on-verso");
        };
    }

    private void change(int index, UnaryOperator<Run> change) {
        desk.change("parts", b -> {
            List<Run> runs = new ArrayList<>(b.runs());
            runs.set(index, change.apply(runs.get(index)));
            return b.withRuns(runs);
        });
    }

    private void swap(int a, int b) {
        desk.change("parts", book -> {
            List<Run> runs = new ArrayList<>(book.runs());
            java.util.Collections.swap(runs, a, b);
            return book.withRuns(runs);
        });
    }

    private void count(int index, String text) {
        if (text.strip().toLowerCase(java.util.Locale.ROOT).startsWith(Wording.of("desk.pages.fill"))) {
            boolean other = false;
            for (int i = 0; i < desk.book().runs().size(); i++) {
                other |= i != index && desk.book().runs().get(i).isFilling();
            }
            if (other) {
                throw Trouble.of("desk.pages.another-part-fills-book");
            }
            change(index, r -> r.withCount(Optional.empty()));
            return;
        }
        int pages = Numeral.count(text, Wording.of("desk.pages.number-pages"), 1, Brief.MOST_PAGES);
        change(index, r -> r.withCount(Optional.of(pages)));
    }

    private FlowPane adding() {
        FlowPane words = new FlowPane(5, 4, Labels.label(Wording.of("desk.pages.add"), "soft"));
        words.setRowValignment(javafx.geometry.VPos.CENTER);
        for (Usual usual : usual()) {
            Button add = Labels.act(usual.name(), Wording.of("desk.pages.add-part"), () -> attempt(() -> add(usual)));
            add.setId("add-" + usual.name().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
            words.getChildren().add(add);
        }
        return words;
    }

    /** Puts a part after the last of its kind. */
    private void add(Usual usual) {
        desk.change("parts", b -> {
            List<Run> runs = new ArrayList<>(b.runs());
            int at = 0;
            for (int i = 0; i < runs.size(); i++) {
                if (runs.get(i).matter().ordinal() <= usual.matter().ordinal()) {
                    at = i + 1;
                }
            }
            runs.add(at, Run.of(usual.name(), usual.recipe(), 1, usual.start()).as(usual.matter()));
            return b.withRuns(runs);
        });
    }

    private HBox filling(Book book) {
        var target = field(
                Wording.of("desk.pages.fill-up"),
                "fill-up-to",
                book.brief().pages() == 1 ? "" : Integer.toString(book.brief().pages()),
                Wording.of("desk.pages.page-count-reach-empty"),
                5,
                text -> {
                    int n = text.isBlank()
                            ? 1
                            : Numeral.count(text, Wording.of("desk.pages.page-count"), 1, Brief.MOST_PAGES);
                    desk.changeBrief("pages", b -> b.withPages(n));
                });
        Button blanks = Labels.act(
                book.blanksAt().word(),
                Wording.of("desk.pages.where-blanks-go"),
                () -> desk.change(
                        "blanks",
                        b -> b.withBlanksAt(
                                BlanksAt.values()[(b.blanksAt().ordinal() + 1) % BlanksAt.values().length])));
        blanks.setId("blanks-at");
        HBox row = new HBox(
                8,
                Labels.label(Wording.of("desk.pages.fill-up"), "soft"),
                target,
                Labels.label(Wording.of("desk.pages.pages-blanks-go"), "soft"),
                blanks);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }
}
