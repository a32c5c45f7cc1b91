package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.block.paper.Ruling;
import jorn.block.picture.PictureBlock;
import jorn.block.text.Folio;
import jorn.book.Placement.Start;
import jorn.book.Run.Matter;
import jorn.calendar.Span;
import jorn.chance.Dice;
import jorn.pattern.run.Patterns;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.Puzzles;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.say.Wording;

/** What books are made of when they begin: whole books, as they are sold. */
final class StarterInsides {
    private static final int INDEX_PAGES = 2;
    private static final int NOTES_PAGES = 4;
    private static final int PUZZLES = 60;
    private static final int PICTURES = 50;
    private static final int NINE = 9;

    private StarterInsides() {}

    private static String word(String key) {
        return Wording.of("book.starter." + key);
    }

    private static Run front(String key, String design, Start start) {
        return front(word(key), Catalogue.recipe(design), start);
    }

    private static Run front(String name, Recipe recipe, Start start) {
        // Display pages are counted, and bear no number (common practice).
        return Run.of(name, recipe, 1, start)
                .as(Matter.FRONT)
                .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE));
    }

    private static Run back(String key, Recipe recipe, Start start) {
        return Run.of(word(key), recipe, 1, start).as(Matter.BACK);
    }

    private static Run thanks() {
        return back("thanks", Catalogue.recipe("thanks"), Start.ANYWHERE)
                .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE));
    }

    private static Run index() {
        return back("index", Catalogue.recipe("index"), Start.ANYWHERE).withCount(Optional.of(INDEX_PAGES));
    }

    private static Run notes() {
        return back("notes", Catalogue.recipe("notes"), Start.ANYWHERE).withCount(Optional.of(NOTES_PAGES));
    }

    private static Run week(String design, Start start) {
        return Run.per(Span.WEEK, word("weeks"), Catalogue.recipe(design + "-left"), start)
                .facing(Catalogue.recipe(design + "-right"));
    }

    /** Title, copyright behind it, and whose book it is. */
    private static List<Run> opening() {
        return new ArrayList<>(List.of(
                front("title", "title", Start.RECTO),
                front("copyright", "copyright", Start.ANYWHERE),
                front("belongs", "belongs-to", Start.RECTO)));
    }

    private static Interior numbered(List<Run> runs, Cycle... cycles) {
        Folio folio = Folio.customary(Folio.FolioPlace.FORE_EDGE);
        return Interior.of(runs)
                .withCycles(List.of(cycles))
                .withFurniture(Furniture.NONE.withFolio(Optional.of(folio)).withMonthMarks(cycles.length > 0));
    }

    static Interior linedJournal() {
        List<Run> runs = opening();
        runs.add(Run.filling(word("lined-pages"), Recipes.lined(Ruling.customary()), Start.RECTO));
        runs.add(index());
        runs.add(thanks());
        return numbered(runs);
    }

    static Interior notebook() {
        return Interior.of(
                List.of(Run.filling(word("lined-pages"), Recipes.lined(Ruling.customary()), Start.ANYWHERE)));
    }

    /** As {@link #opening}, and how the book is used. */
    private static List<Run> usersOpening() {
        List<Run> runs = opening();
        runs.add(front("how-to-use", "how-to-use", Start.ANYWHERE));
        runs.add(front("key", "key-page", Start.ANYWHERE));
        return runs;
    }

    static Interior weeklyPlanner() {
        List<Run> runs = usersOpening();
        runs.add(front("goals", "goals-year", Start.ANYWHERE));
        runs.add(week("week", Start.VERSO));
        runs.add(notes());
        runs.add(thanks());
        return numbered(runs);
    }

    /** What stands before the months of a planner. */
    private static List<Run> yearsOpening() {
        List<Run> runs = usersOpening();
        runs.add(front("year", "year", Start.ANYWHERE));
        runs.add(front("holidays", "holidays", Start.ANYWHERE));
        runs.add(front("goals", "goals-year", Start.ANYWHERE));
        return runs;
    }

    /** A planner: what stands before, what comes round, notes and thanks. */
    private static Interior planner(List<Run> before, String cycle, Span span, Run... round) {
        List<Run> runs = new ArrayList<>(before);
        runs.addAll(List.of(round));
        runs.add(notes());
        runs.add(thanks());
        int to = before.size() + round.length;
        return numbered(runs, new Cycle(word(cycle), span, before.size(), to, Optional.empty()));
    }

    private static Run once(String key, String design, Start start) {
        return Run.of(word(key), Catalogue.recipe(design), 1, start);
    }

    private static Run days(String design) {
        return Run.per(Span.DAY, word("days"), Catalogue.recipe(design), Start.ANYWHERE);
    }

    static Interior datedPlanner() {
        return planner(
                yearsOpening(),
                "each-month",
                Span.MONTH,
                once("opener", "month-opener", Start.RECTO)
                        .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE)),
                Run.of(word("month"), Catalogue.recipe("month-left"), 2, Start.VERSO)
                        .facing(Catalogue.recipe("month-right")),
                week("week", Start.VERSO),
                once("looking-back", "month-review", Start.ANYWHERE));
    }

    static Interior dayPlanner() {
        return planner(
                yearsOpening(),
                "each-month",
                Span.MONTH,
                once("month", "month", Start.ANYWHERE),
                Run.per(Span.WEEK, word("weeks"), Catalogue.recipe("week"), Start.ANYWHERE),
                days("day-slots"));
    }

    static Interior weekDayPlanner() {
        return planner(
                yearsOpening(),
                "each-week",
                Span.WEEK,
                once("week-s-plan", "week-todo", Start.ANYWHERE),
                days("day-priorities"));
    }

    static Interior undatedPlanner() {
        List<Run> before = usersOpening();
        before.add(front("goals", "goals-year", Start.ANYWHERE));
        return planner(
                before,
                "each-month",
                Span.MONTH,
                once("month", "month-boxes", Start.RECTO),
                week("week", Start.VERSO),
                once("looking-back", "month-review", Start.ANYWHERE));
    }

    static Interior logBook() {
        List<Run> runs = opening();
        runs.add(Run.filling(word("log-pages"), Catalogue.recipe("inspection"), Start.RECTO));
        runs.add(index());
        runs.add(thanks());
        return numbered(runs);
    }

    static Interior gridSketchbook() {
        List<Run> runs = opening();
        runs.add(Run.filling(word("squares"), Catalogue.recipe("squared-10"), Start.RECTO));
        return Interior.of(runs);
    }

    static Interior puzzleBook() {
        Making making = Making.of(NumberRules.of(NINE), PUZZLES, Dice.freshSeed());
        Puzzles puzzles = new Puzzles(making, PageUse.CUSTOMARY);
        List<Run> runs = opening();
        runs.add(front(word("how-solve"), PuzzleRuns.howTo(making.rules()), Start.ANYWHERE));
        runs.add(PuzzleRuns.run(puzzles));
        runs.addAll(PuzzleRuns.solutions());
        runs.add(back("certificate", Catalogue.recipe("certificate"), Start.RECTO)
                .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE)));
        return numbered(runs);
    }

    static Interior colouringBook() {
        List<Run> runs = opening();
        runs.add(front("contents", "contents-list", Start.ANYWHERE));
        runs.add(front("pen-test", "pen-test", Start.RECTO));
        runs.add(PatternRuns.run(Patterns.of(PICTURES, Dice.freshSeed())));
        runs.add(thanks());
        return numbered(runs);
    }

    static Interior pictureBook() {
        return Interior.of(List.of(
                front("half-title", "half-title", Start.RECTO),
                front("title", "title", Start.RECTO),
                front("copyright", "copyright", Start.ANYWHERE),
                front("dedication", "dedication", Start.RECTO),
                Run.filling(word("story"), Recipes.bare(word("story")), Start.ANYWHERE),
                back("about-author", Recipes.heading(word("about-author"), "@about-the-author"), Start.ANYWHERE)));
    }

    static Interior textBook() {
        return Interior.of(List.of(
                front("half-title", "half-title", Start.RECTO),
                front("title", "title", Start.RECTO),
                front("copyright", "copyright", Start.ANYWHERE),
                front("dedication", "dedication", Start.RECTO),
                front("contents", "contents-list", Start.RECTO),
                Run.filling(word("chapters"), Recipes.bare(word("chapters")), Start.RECTO)
                        .inContents(true),
                back("about-author", Recipes.heading(word("about-author"), "@about-the-author"), Start.RECTO)));
    }

    static Interior zine() {
        return Interior.of(List.of(
                front("front-page", "title", Start.RECTO),
                front("zine-words", "quote", Start.ANYWHERE),
                once("zine-letter", "letter", Start.ANYWHERE),
                Run.of(word("zine-comic"), Catalogue.recipe("storyboard"), 2, Start.VERSO),
                once("zine-pictures", "photo-four", Start.ANYWHERE),
                Run.filling(word("pages"), Recipes.bare(word("pages")), Start.ANYWHERE),
                back("last-page", Catalogue.recipe("colophon"), Start.ANYWHERE)));
    }

    static Interior photoBooklet() {
        return Interior.of(List.of(
                front("front-page", "title", Start.RECTO),
                Run.filling(
                        word("photographs"),
                        Recipes.photos(word("photographs"), 1, PictureBlock.Fit.WHOLE),
                        Start.ANYWHERE)));
    }

    static Interior cards() {
        return Interior.of(List.of(Run.filling(word("sheets"), Recipes.bare(word("sheets-cards")), Start.ANYWHERE)));
    }

    static Interior tabletPlanner() {
        return Interior.of(List.of(
                front("title", "title", Start.ANYWHERE),
                Run.filling(word("weeks"), Catalogue.recipe("week"), Start.ANYWHERE)));
    }

    static Interior blankBook() {
        List<Run> runs = opening();
        runs.add(Run.filling(word("blank-pages"), Catalogue.recipe("blank"), Start.RECTO));
        return Interior.of(runs);
    }

    static Interior empty() {
        return Interior.of(List.of(Run.filling(word("pages"), Catalogue.recipe("blank"), Start.ANYWHERE)));
    }
}
