package jorn.impose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Pages lie on sheets so that hands that fold, cut and gather them get a book that reads from the first page to the last. */
class ImpositionTest {
    private static List<List<Integer>> sides(Imposition of) {
        List<List<Integer>> all = new ArrayList<>();
        for (PressSheet sheet : of.sheets()) {
            all.add(sheet.front().stream().map(Seat::page).toList());
            all.add(sheet.back().stream().map(Seat::page).toList());
        }
        return all;
    }

    /** Textbook tables of a folded booklet (common practice), outer sheet first: each pair adds up to one more than the pages. */
    @Test
    void ordersOfEightSixteenAndThirtyTwoPagesAreThoseOfTheTextbooks() {
        assertEquals(
                List.of(List.of(8, 1), List.of(2, 7), List.of(6, 3), List.of(4, 5)),
                sides(Imposition.of(Scheme.of(FoldKind.NEST), 8)));
        assertEquals(
                List.of(
                        List.of(16, 1),
                        List.of(2, 15),
                        List.of(14, 3),
                        List.of(4, 13),
                        List.of(12, 5),
                        List.of(6, 11),
                        List.of(10, 7),
                        List.of(8, 9)),
                sides(Imposition.of(Scheme.of(FoldKind.NEST), 16)));
        assertEquals(
                List.of(
                        List.of(32, 1),
                        List.of(2, 31),
                        List.of(30, 3),
                        List.of(4, 29),
                        List.of(28, 5),
                        List.of(6, 27),
                        List.of(26, 7),
                        List.of(8, 25),
                        List.of(24, 9),
                        List.of(10, 23),
                        List.of(22, 11),
                        List.of(12, 21),
                        List.of(20, 13),
                        List.of(14, 19),
                        List.of(18, 15),
                        List.of(16, 17)),
                sides(Imposition.of(Scheme.of(FoldKind.NEST), 32)));
    }

    @Test
    void signaturesAreNestsOneBehindTheOtherAndTheLastTakesWhatIsLeft() {
        Imposition of = Imposition.of(Scheme.of(FoldKind.SIGNATURES, 2), 20);
        assertEquals(
                List.of(
                        List.of(8, 1),
                        List.of(2, 7),
                        List.of(6, 3),
                        List.of(4, 5),
                        List.of(16, 9),
                        List.of(10, 15),
                        List.of(14, 11),
                        List.of(12, 13),
                        List.of(20, 17),
                        List.of(18, 19)),
                sides(of));
        assertEquals(3, of.signatures());
        assertEquals(2, of.deepest());
        assertEquals(1, of.nest(of.sheets().get(4)));
        assertEquals(0, of.sheets().get(4).depth());
        assertEquals(
                List.of(List.of(4, 1), List.of(2, 3), List.of(8, 5), List.of(6, 7)),
                sides(Imposition.of(Scheme.of(FoldKind.SINGLES), 8)));
    }

    @Test
    void aBookFromTheRightIsTheMirrorImage() {
        assertEquals(
                List.of(List.of(1, 8), List.of(7, 2), List.of(3, 6), List.of(5, 4)),
                sides(Imposition.of(Scheme.of(FoldKind.NEST).fromRight(true), 8)));
    }

    @Test
    void twoCopiesAndPilesAndLooseLeaves() {
        assertEquals(
                List.of(List.of(1, 1), List.of(2, 2), List.of(3, 3), List.of(0, 0)),
                sides(Imposition.of(Scheme.of(FoldKind.TWO_COPIES), 3)));
        assertEquals(
                List.of(List.of(1, 5), List.of(6, 2), List.of(3, 7), List.of(8, 4)),
                sides(Imposition.of(Scheme.of(FoldKind.UP, 2), 8)));
        assertEquals(
                List.of(List.of(1), List.of(2), List.of(3), List.of(0)),
                sides(Imposition.of(Scheme.of(FoldKind.LOOSE), 3)));
    }

    /**
     * The folded sheet's cut lies between the two middle columns. Walking round it, along the foot from the left and back along the head, pages follow
     * each other; page 1 and 2 are the two faces of the arm at the right (common practice).
     */
    @Test
    void theSheetWithOneCutReadsRoundItsCut() {
        Imposition of = Imposition.of(Scheme.of(FoldKind.ONE_CUT), 8);
        assertEquals(1, of.sheets().size());
        List<Seat> seats = of.sheets().get(0).front();
        List<Integer> round = new ArrayList<>();
        seats.subList(4, 8).forEach(s -> round.add(s.page()));
        for (int c = 3; c >= 0; c--) {
            round.add(seats.get(c).page());
        }
        for (int i = 0; i < 8; i++) {
            assertEquals(round.get(i) % 8 + 1, round.get((i + 1) % 8));
        }
        assertEquals(List.of(1, 2), List.of(seats.get(7).page(), seats.get(3).page()));
        assertTrue(seats.subList(0, 4).stream().allMatch(Seat::turned));
        assertTrue(seats.subList(4, 8).stream().noneMatch(Seat::turned));
        assertEquals(4, Imposition.of(Scheme.of(FoldKind.ONE_CUT), 12).blanks());
    }

    @Test
    void blanksGoWhereTheyAreWanted() {
        Scheme nest = Scheme.of(FoldKind.NEST);
        Raster two = nest.rasters().get(0);
        assertEquals(
                List.of(List.of(0, 1), List.of(2, 0), List.of(6, 3), List.of(4, 5)),
                sides(Imposition.of(nest, two, 6, BlankPlace.AT_END)));
        assertEquals(
                List.of(List.of(6, 1), List.of(2, 0), List.of(0, 3), List.of(4, 5)),
                sides(Imposition.of(nest, two, 6, BlankPlace.BEFORE_LAST)));
        assertEquals(
                List.of(List.of(6, 1), List.of(0, 5), List.of(4, 0), List.of(2, 3)),
                sides(Imposition.of(nest, two, 6, BlankPlace.behind(1))));
        assertEquals(
                0,
                Imposition.of(nest, two, 6, BlankPlace.behind(0))
                        .sheets()
                        .get(0)
                        .front()
                        .get(1)
                        .page());
        assertThrows(Trouble.class, () -> Imposition.of(nest, two, 6, BlankPlace.behind(7)));
        assertThrows(Trouble.class, () -> BlankPlace.behind(-1));
    }

    @Test
    void whatCannotBeFoldedIsRefused() {
        assertThrows(Trouble.class, () -> Imposition.of(Scheme.of(FoldKind.NEST), 0));
        assertThrows(Trouble.class, () -> Imposition.of(Scheme.of(FoldKind.NEST), Imposition.MOST_PAGES + 1));
        assertThrows(Trouble.class, () -> Scheme.of(FoldKind.SIGNATURES, 0));
        assertThrows(Trouble.class, () -> Scheme.of(FoldKind.SIGNATURES, 21));
        assertThrows(Trouble.class, () -> Scheme.of(FoldKind.UP, 5));
        assertEquals(20, Scheme.of(FoldKind.SIGNATURES, 20).count());
    }

    private static List<Integer> book(int pages, int multiple) {
        return IntStream.rangeClosed(1, (pages + multiple - 1) / multiple * multiple)
                .map(p -> p > pages ? 0 : p)
                .boxed()
                .toList();
    }

    /** Folded, cut and gathered by hands that know only the sheets, every book reads from its first page to its last. */
    @Property(tries = 400)
    void everyBookReadsInOrder(
            @ForAll FoldKind kind,
            @ForAll @IntRange(min = 1, max = 170) int pages,
            @ForAll @IntRange(min = 1, max = 9) int number,
            @ForAll boolean fromRight) {
        int count =
                kind == FoldKind.UP || kind == FoldKind.REPEAT ? Scheme.UPS.get(number % Scheme.UPS.size()) : number;
        Scheme scheme = new Scheme(kind, count, fromRight);
        for (Raster raster : scheme.rasters()) {
            Imposition of = Imposition.of(scheme, raster, pages, BlankPlace.AT_END);
            List<PaperFolding.Cell[][]> sheets =
                    of.sheets().stream().map(s -> PaperFolding.sheet(s, raster)).toList();
            List<Integer> wanted = book(pages, scheme.multiple());
            switch (kind) {
                case NEST, SIGNATURES, SINGLES, CALENDAR -> {
                    List<Integer> read = new ArrayList<>();
                    for (int s = 1; s <= of.signatures(); s++) {
                        List<PaperFolding.Cell[][]> nest = new ArrayList<>();
                        for (PressSheet sheet : of.sheets()) {
                            if (sheet.signature() == s) {
                                assertEquals(nest.size(), sheet.depth());
                                nest.add(sheets.get(sheet.number() - 1));
                            }
                        }
                        read.addAll(
                                kind == FoldKind.CALENDAR
                                        ? PaperFolding.foldDown(nest)
                                        : PaperFolding.foldSideways(nest, fromRight));
                    }
                    assertEquals(wanted, read);
                    assertEquals(wanted.size() - pages, of.blanks());
                }
                case UP, LOOSE -> {
                    assertEquals(wanted, PaperFolding.cutAndPile(sheets, fromRight));
                    assertEquals(wanted.size() - pages, of.blanks());
                }
                case TWO_COPIES, REPEAT -> {
                    PaperFolding.piles(sheets).forEach(pile -> assertEquals(wanted, pile));
                    assertEquals(wanted.size() - pages, of.blanks());
                }
                case ONE_CUT -> {
                    List<Integer> all = of.sheets().stream()
                            .flatMap(s -> s.front().stream())
                            .map(Seat::page)
                            .sorted()
                            .filter(p -> p > 0)
                            .toList();
                    assertEquals(IntStream.rangeClosed(1, pages).boxed().toList(), all);
                }
            }
        }
    }
}
