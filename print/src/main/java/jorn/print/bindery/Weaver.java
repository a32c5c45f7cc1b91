package jorn.print.bindery;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;
import jorn.impose.PressSheet;
import jorn.impose.Scheme;
import jorn.impose.Seat;
import jorn.measure.Trouble;
import jorn.store.SafeFile;

/** Puts pages back into the order in which they are read: of two scans, one of fronts and one of backs; of the sheets of a booklet. */
public final class Weaver {
    private Weaver() {}

    /**
     * Fronts and backs by turns.
     *
     * @param backwards whether the last back comes first, as a feeder gives them when the stack was turned over
     * @return how many pages there are
     * @throws Trouble where there are not as many backs as fronts, or one less
     */
    public static int interleave(PdfSource fronts, PdfSource backs, boolean backwards, Path to) {
        int missing = fronts.count() - backs.count();
        if (missing < 0 || missing > 1) {
            throw Trouble.of("print.bindery.not-as-many", fronts.count(), backs.count());
        }
        int pages = fronts.count() + backs.count();
        int[] odd = IntStream.range(0, fronts.count()).map(i -> 2 * i).toArray();
        int[] even = IntStream.range(0, backs.count()).map(i -> 2 * i + 1).toArray();
        List<PageUse> back = IntStream.range(0, backs.count())
                .map(i -> backwards ? backs.count() - i : i + 1)
                .mapToObj(PageUse::of)
                .toList();
        SafeFile.write(to, out -> {
            Assembler assembler = new Assembler(out, pages, Math.max(fronts.version(), backs.version()));
            assembler.take(fronts, whole(fronts), odd, "");
            assembler.take(backs, back, even, "");
            assembler.finish();
        });
        return pages;
    }

    private static List<PageUse> whole(PdfSource source) {
        return IntStream.rangeClosed(1, source.count()).mapToObj(PageUse::of).toList();
    }

    /**
     * The sheets of a folded booklet, front and back by turns, parted in their middle and put into reading order.
     *
     * @return how many pages there are
     * @throws Trouble where the sides are not even in number
     */
    public static int unfold(PdfSource sheets, boolean rightToLeft, Path to) {
        if (sheets.count() % 2 != 0) {
            throw Trouble.of("print.bindery.odd-sides", sheets.count());
        }
        int pages = 2 * sheets.count();
        Imposition order = Imposition.of(Scheme.of(FoldKind.NEST).fromRight(rightToLeft), pages);
        List<PageUse> uses = new ArrayList<>();
        List<Integer> at = new ArrayList<>();
        for (PressSheet sheet : order.sheets()) {
            for (boolean front : new boolean[] {true, false}) {
                for (Seat seat : front ? sheet.front() : sheet.back()) {
                    int side = 2 * sheet.number() - (front ? 1 : 0);
                    PageUse.Share half = seat.column() == 0 ? PageUse.Share.LEFT : PageUse.Share.RIGHT;
                    uses.add(new PageUse(side, 0, Optional.of(half), Optional.empty()));
                    at.add(seat.page() - 1);
                }
            }
        }
        int[] places = at.stream().mapToInt(Integer::intValue).toArray();
        SafeFile.write(to, out -> {
            Assembler assembler = new Assembler(out, pages, sheets.version());
            assembler.take(sheets, uses, places, "");
            assembler.finish();
        });
        return pages;
    }
}
