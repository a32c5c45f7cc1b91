package jorn.print.bindery;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.Punch;
import jorn.impose.SheetLayout;
import jorn.say.Wording;

/** Finds pages of which ink comes to lie where it is lost: in the rim that the printer leaves white, or where holes are punched. */
public final class LostInk {
    private static final int MOST_NAMED = 12;

    private final SheetLayout layout;
    private final PageBoxes boxes;
    private final InkFinder ink;

    public LostInk(SheetLayout layout, PageBoxes boxes, InkFinder ink) {
        this.layout = layout;
        this.boxes = boxes;
        this.ink = ink;
    }

    /** The pages on these sheets that lose ink in the rim, each once, in order. */
    public Set<Integer> inRim(List<PressSheet> sheets) {
        return pages(sheets, (page, taken, front) -> ink.on(page.seat().page())
                .map(taken::common)
                .filter(b -> !b.isEmpty())
                .map(b -> b.moved(-taken.x(), -taken.y()))
                .filter(b -> !layout.isPrinted(page, b, InkFinder.SLACK))
                .isPresent());
    }

    /** The pages on these sheets that have ink where a hole is punched. */
    public Set<Integer> inHoles(List<PressSheet> sheets, Punch punch) {
        return pages(sheets, (page, taken, front) -> {
            Turn back = page.turn().back();
            return punch.clear(layout.leafOf(page), front).stream()
                    .map(hole -> back.of(hole).moved(taken.x(), taken.y()).common(taken))
                    .anyMatch(b -> !b.isEmpty() && ink.touches(page.seat().page(), b));
        });
    }

    private interface Losing {
        boolean of(PlacedPage page, Box taken, boolean front);
    }

    private Set<Integer> pages(List<PressSheet> sheets, Losing losing) {
        Set<Integer> all = new TreeSet<>();
        for (PressSheet sheet : sheets) {
            for (boolean front : new boolean[] {true, false}) {
                for (PlacedPage each : layout.side(sheet, front, boxes::of)) {
                    if (losing.of(each, boxes.of(each.seat().page()), front)) {
                        all.add(each.seat().page());
                    }
                }
            }
        }
        return all;
    }

    /** That these pages lose ink in the rim, in words. */
    public static String toldOfRim(Set<Integer> pages) {
        return Wording.of("print.bindery.rim-ink", pages.size(), Wording.some(pages, MOST_NAMED));
    }

    /** That these pages lose ink to holes. */
    public static String toldOfHoles(Set<Integer> pages) {
        return Wording.of("print.bindery.hole-ink", pages.size(), Wording.some(pages, MOST_NAMED));
    }
}
