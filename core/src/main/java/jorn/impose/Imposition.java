package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import jorn.measure.Trouble;

/**
 * Which page lies where on which sheet. Orders of folded sheets are those of the textbooks (8 pages: 8|1 and 2|7, 6|3 and 4|5); that of the sheet
 * with one cut is common practice.
 *
 * @param pages without blanks
 * @param sheets in the order in which they are printed; of a signature the outermost first
 */
public record Imposition(Scheme scheme, Raster raster, int pages, List<PressSheet> sheets) {
    /** More pages than any hand folds. */
    public static final int MOST_PAGES = 20_000;

    private static final int FOLDED = 4;
    private static final int OF_ONE_CUT = 8;

    /** Along the upper row from the left, standing on their heads; then along the lower one. */
    private static final int[] ONE_CUT = {5, 4, 3, 2, 6, 7, 8, 1};

    public Imposition {
        sheets = List.copyOf(sheets);
    }

    /** With blanks at the end, and columns and rows as the scheme has them first. */
    public static Imposition of(Scheme scheme, int pages) {
        return of(scheme, scheme.rasters().get(0), pages, BlankPlace.AT_END);
    }

    /**
     * Lays pages on sheets.
     *
     * @param pages from 1 to {@link #MOST_PAGES}
     * @param blanks where blanks go that make them up
     */
    public static Imposition of(Scheme scheme, Raster raster, int pages, BlankPlace blanks) {
        if (pages < 1) {
            throw Trouble.of("impose.refused.no-pages");
        }
        if (pages > MOST_PAGES) {
            throw Trouble.of("impose.refused.too-many-pages", pages, MOST_PAGES);
        }
        int[] book = blanks.filled(pages, scheme.multiple());
        List<PressSheet> sheets = new Laying(scheme, raster, book).sheets();
        return new Imposition(scheme, raster, pages, sheets);
    }

    /** How many blanks make the pages up. */
    public int blanks() {
        int seats = sheets.stream()
                .mapToInt(s -> s.front().size() + s.back().size())
                .sum();
        return switch (scheme.kind()) {
            case TWO_COPIES, REPEAT -> seats / raster.cells() - pages;
            default -> seats - pages;
        };
    }

    /** How many nests there are. */
    public int signatures() {
        return sheets.isEmpty() ? 0 : sheets.get(sheets.size() - 1).signature();
    }

    /** How many sheets the thickest nest has. */
    public int deepest() {
        return 1 + sheets.stream().mapToInt(PressSheet::depth).max().orElse(0);
    }

    /** Sheets in the nest of a sheet. */
    public int nest(PressSheet sheet) {
        return (int)
                sheets.stream().filter(s -> s.signature() == sheet.signature()).count();
    }

    /** Where a page lies: its sheets, of which most schemes have one. */
    public List<PressSheet> where(int page) {
        return sheets.stream()
                .filter(s -> s.front().stream().anyMatch(x -> x.page() == page)
                        || s.back().stream().anyMatch(x -> x.page() == page))
                .toList();
    }

    /** Lays them. */
    private static final class Laying {
        private final Scheme scheme;
        private final Raster raster;
        private final int[] book;

        Laying(Scheme scheme, Raster raster, int[] book) {
            this.scheme = scheme;
            this.raster = raster;
            this.book = book;
        }

        List<PressSheet> sheets() {
            return switch (scheme.kind()) {
                case NEST, CALENDAR -> nests(book.length / FOLDED);
                case SIGNATURES -> nests(scheme.count());
                case SINGLES -> nests(1);
                case TWO_COPIES, REPEAT -> copies();
                case UP -> piles();
                case LOOSE -> leaves();
                case ONE_CUT -> oneCut();
            };
        }

        private int page(int index) {
            return book[index];
        }

        /** Mirrored where the book is read from the right. */
        private int column(int fromLeft) {
            return scheme.rightToLeft() ? raster.columns() - 1 - fromLeft : fromLeft;
        }

        private List<PressSheet> nests(int size) {
            List<PressSheet> all = new ArrayList<>();
            int count = book.length / FOLDED;
            for (int first = 0, signature = 1; first < count; first += size, signature++) {
                int sheets = Math.min(size, count - first);
                int begin = first * FOLDED;
                int end = begin + sheets * FOLDED - 1;
                for (int d = 0; d < sheets; d++) {
                    all.add(folded(
                            all.size() + 1,
                            signature,
                            d,
                            page(end - 2 * d),
                            page(begin + 2 * d),
                            page(begin + 2 * d + 1),
                            page(end - 2 * d - 1)));
                }
            }
            return all;
        }

        /** A sheet folded once: the outer side's last and first page, the inner side's. */
        private PressSheet folded(int number, int signature, int depth, int last, int first, int second, int third) {
            if (scheme.kind() == FoldKind.CALENDAR) {
                // The back of a pad stands on its head when the sheet is turned like the leaf of a book.
                return new PressSheet(
                        number,
                        signature,
                        depth,
                        List.of(new Seat(last, 0, 0, false), new Seat(first, 0, 1, false)),
                        List.of(new Seat(third, 0, 0, true), new Seat(second, 0, 1, true)));
            }
            return new PressSheet(number, signature, depth, side(List.of(last, first)), side(List.of(second, third)));
        }

        /** Pages row by row, from where the book is read from. */
        private List<Seat> side(List<Integer> pages) {
            List<Seat> all = new ArrayList<>();
            for (int i = 0; i < pages.size(); i++) {
                all.add(new Seat(pages.get(i), column(i % raster.columns()), i / raster.columns(), false));
            }
            return ordered(all);
        }

        /** Row by row, from the left. */
        private static List<Seat> ordered(List<Seat> seats) {
            return seats.stream()
                    .sorted(java.util.Comparator.comparingInt(Seat::row).thenComparingInt(Seat::column))
                    .toList();
        }

        /** Behind a seat of the front. */
        private Seat behind(Seat front, int page) {
            return new Seat(page, raster.columns() - 1 - front.column(), front.row(), front.turned());
        }

        private List<PressSheet> copies() {
            List<PressSheet> all = new ArrayList<>();
            for (int i = 0; i < book.length; i += 2) {
                List<Integer> front = java.util.Collections.nCopies(raster.cells(), page(i));
                List<Integer> back = java.util.Collections.nCopies(raster.cells(), page(i + 1));
                all.add(new PressSheet(all.size() + 1, 1, 0, side(front), side(back)));
            }
            return all;
        }

        /** The leaves of a pile lie in the same place on all sheets, so that the piles are laid one on the other after the cut. */
        private List<PressSheet> piles() {
            int cells = raster.cells();
            int sheets = book.length / 2 / cells;
            List<PressSheet> all = new ArrayList<>();
            for (int s = 0; s < sheets; s++) {
                List<Integer> pages = new ArrayList<>();
                for (int c = 0; c < cells; c++) {
                    pages.add(page(2 * (c * sheets + s)));
                }
                List<Seat> front = side(pages);
                List<Seat> back = new ArrayList<>();
                for (int c = 0; c < cells; c++) {
                    Seat seat = new Seat(0, column(c % raster.columns()), c / raster.columns(), false);
                    back.add(behind(seat, page(2 * (c * sheets + s) + 1)));
                }
                all.add(new PressSheet(s + 1, 1, 0, front, ordered(back)));
            }
            return all;
        }

        private List<PressSheet> leaves() {
            List<PressSheet> all = new ArrayList<>();
            for (int i = 0; i < book.length; i += 2) {
                all.add(new PressSheet(all.size() + 1, 1, 0, side(List.of(page(i))), side(List.of(page(i + 1)))));
            }
            return all;
        }

        private List<PressSheet> oneCut() {
            List<PressSheet> all = new ArrayList<>();
            for (int begin = 0; begin < book.length; begin += OF_ONE_CUT) {
                List<Seat> seats = new ArrayList<>();
                for (int i = 0; i < OF_ONE_CUT; i++) {
                    int row = i / raster.columns();
                    seats.add(new Seat(page(begin + ONE_CUT[i] - 1), column(i % raster.columns()), row, row == 0));
                }
                all.add(new PressSheet(all.size() + 1, all.size() + 1, 0, ordered(seats), List.of()));
            }
            return all;
        }
    }
}
