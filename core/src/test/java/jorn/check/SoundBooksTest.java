package jorn.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import jorn.art.Ink;
import jorn.art.Picture;
import jorn.block.paper.Ruling;
import jorn.block.picture.Decoration;
import jorn.book.Book;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.measure.Length;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sixty books with nothing wrong in them: no check says anything, not even in a note. */
class SoundBooksTest {
    private record Sound(String what, Book book) {
        @Override
        public String toString() {
            return what;
        }
    }

    private static Book named(Book book) {
        return book.withTitle("Hive Notes").withAuthor("Skep & Sedge");
    }

    private static Book solid(Book book) {
        return book.withRecipe(
                2, r -> r.withRuling(Ruling.customary().withWeight(0.3).withStrength(1)));
    }

    /** Whether it begins with pages that are still bare; these are told of, and nothing else is. */
    private static boolean isWaiting(Starter starter) {
        return starter.begin().runs().stream().anyMatch(r -> jorn.recipe.Recipes.isWaiting(r.recipe()));
    }

    @Test
    void aStarterWhoseFillingIsNotThereYetSaysSoAndNothingElse() {
        int waiting = 0;
        for (Starter starter : Starter.values()) {
            if (isWaiting(starter)) {
                waiting++;
                assertEquals(
                        Set.of("page.waiting"),
                        Checked.check(settled(named(starter.begin()))).stream()
                                .map(jorn.check.Finding::id)
                                .collect(java.util.stream.Collectors.toSet()),
                        starter.id());
            }
        }
        assertTrue(waiting > 3);
    }

    private static void add(List<Sound> all, String what, Book book) {
        all.add(new Sound(what, book));
    }

    static Stream<Sound> books() throws IOException {
        List<Sound> all = new ArrayList<>();
        Book good = solid(Checked.GOOD);
        Book modern = named(Starter.NOTEBOOK.begin());
        for (Starter starter : Starter.values()) {
            if (isWaiting(starter)) {
                continue;
            }
            add(all, starter.id(), settled(named(starter.begin())));
        }
        for (String trim : List.of("5x8in", "5.5x8.5in", "6x9in", "7x10in", "8x10in", "8.5x11in", "8.5x8.5in", "A5")) {
            jorn.measure.Size size = jorn.measure.Size.parse(trim, jorn.measure.Unit.INCH);
            add(all, "a journal of " + trim, good.withBrief(good.brief().withTrim(size)));
            add(all, "edge to edge, " + trim, edge(good.withBrief(good.brief().withTrim(size))));
        }
        for (int pages : new int[] {100, 110, 120, 130, 150, 152, 200, 300, 400, 500, 600, 828}) {
            add(all, pages + " pages", good.withBrief(good.brief().withPages(pages)));
        }
        // Those that once failed by half of a line's weight, and some beside them.
        for (String id : List.of(
                "budget",
                "day-half",
                "letter",
                "savings",
                "lined",
                "dotted",
                "squared-5",
                "week",
                "month",
                "storyboard",
                "isometric",
                "hexagons",
                "gratitude",
                "cue-notes",
                "staves")) {
            Catalogue.find(id)
                    .ifPresent(e -> add(all, id, filled(modern, Run.of(id, e.recipe(), 120, Start.ANYWHERE))));
        }
        add(
                all,
                "a facing design that runs off",
                good.withRun(
                        2,
                        r -> r.facing(Catalogue.recipe("lined")
                                .withRuling(Ruling.customary()
                                        .withWeight(0.3)
                                        .withStrength(1)
                                        .withReach(Ruling.Reach.EDGE)))));
        Decoration corner = new Decoration(
                null, Optional.empty(), Decoration.Anchor.FOOT_RIGHT, Length.mm(40), 1.0, true, false, true);
        add(all, "an ornament that runs off", good.withRun(2, r -> r.withDecorations(List.of(corner))));
        add(
                all,
                "a black cover with a white title",
                good.withCover(good.cover()
                        .withGround(Ink.BLACK)
                        .withPanelInk(Ink.BLACK)
                        .withTitleInk(Ink.hex("FFFFFF"))));
        add(all, "a cover without a panel", good.withCover(good.cover().withPanel(false)));
        add(all, "words on the back", good.withCover(good.cover().withBlurb("Room for every inspection. ".repeat(12))));
        add(all, "a fair price", good.withPlans(good.plans().withPrice("us", Optional.of(9.99))));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 400, BufferedImage.TYPE_BYTE_GRAY), "png", png);
        add(all, "a picture", Seeds.pictured(Picture.of("hive.png", png.toByteArray())));
        add(
                all,
                "a single page of its own",
                good.withRun(
                        2,
                        r -> r.withExceptions(Map.of(new jorn.book.PageKey.Counted(9), Catalogue.recipe("dotted")))));
        return all.stream();
    }

    private static Book edge(Book book) {
        return book.withRecipe(
                2,
                r -> r.withRuling(
                        Ruling.customary().withWeight(0.3).withStrength(1).withReach(Ruling.Reach.EDGE)));
    }

    private static Book filled(Book book, Run run) {
        return book.withRuns(List.of(run));
    }

    /** As many pages as its press wants, so that no blank is added. */
    private static Book settled(Book book) {
        var pages = jorn.makeup.Paginator.of(book);
        if (pages.blanksAdded() == 0) {
            return book;
        }
        // One more of the last run's pages instead of each blank.
        int last = book.runs().size() - 1;
        return book.withRun(last, r -> r.withCount(r.count().map(n -> n + pages.blanksAdded())));
    }

    @Test
    void thereAreSixty() throws IOException {
        assertTrue(books().count() >= 60, books().count() + " books");
    }

    @ParameterizedTest
    @MethodSource("books")
    void nothingIsFound(Sound sound) {
        assertEquals(
                List.of(),
                Checked.check(sound.book()).stream()
                        .map(f -> f.id() + " " + f.place().inWords() + " " + f.message() + " " + f.measured())
                        .toList());
    }
}
