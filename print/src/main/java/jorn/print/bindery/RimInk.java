package jorn.print.bindery;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jorn.art.Box;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.SheetLayout;
import jorn.say.Wording;

/** Finds pages of which ink comes to lie in the rim that the printer leaves white. */
public final class RimInk {
    private static final int MOST_NAMED = 12;

    private final SheetLayout layout;
    private final PageBoxes boxes;
    private final InkFinder ink;

    public RimInk(SheetLayout layout, PageBoxes boxes, InkFinder ink) {
        this.layout = layout;
        this.boxes = boxes;
        this.ink = ink;
    }

    /** The pages on these sheets that lose ink, each once, in order. */
    public Set<Integer> on(List<PressSheet> sheets) {
        Set<Integer> all = new TreeSet<>();
        for (PressSheet sheet : sheets) {
            look(layout.side(sheet, true, boxes::of), all);
            look(layout.side(sheet, false, boxes::of), all);
        }
        return all;
    }

    private void look(List<PlacedPage> side, Set<Integer> found) {
        for (PlacedPage each : side) {
            Box taken = boxes.of(each.seat().page());
            ink.on(each.seat().page())
                    .map(taken::common)
                    .filter(b -> !b.isEmpty())
                    .map(b -> b.moved(-taken.x(), -taken.y()))
                    .filter(b -> !layout.isPrinted(each, b, InkFinder.SLACK))
                    .ifPresent(b -> found.add(each.seat().page()));
        }
    }

    /** These pages in words, and what to do. */
    public static String told(Set<Integer> pages) {
        String named = pages.stream().limit(MOST_NAMED).map(String::valueOf).collect(Collectors.joining(", "));
        return Wording.of("print.bindery.rim-ink", pages.size(), named + (pages.size() > MOST_NAMED ? " …" : ""));
    }
}
