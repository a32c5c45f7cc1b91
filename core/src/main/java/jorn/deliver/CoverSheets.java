package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Turn;
import jorn.cover.Cover;
import jorn.cover.CoverGeometry;
import jorn.cover.CoverGeometry.CoverSheet;
import jorn.deliver.Sheet.PlacedArt;
import jorn.edition.Edition;
import jorn.layout.PageFacts;
import jorn.press.Binding;

/**
 * The cover as a press takes it: front and back together or one after the other, then the inside where it is printed; on a
 * larger sheet with marks where the press wants one.
 */
public final class CoverSheets implements SheetPlan {
    private final Edition edition;
    private final Cover cover;
    private final List<CoverSheet> outsides;
    private final boolean inside;

    public CoverSheets(Edition edition) {
        this.edition = edition;
        this.cover = edition.cover();
        this.outsides = cover.geometry().sheets();
        this.inside = edition.book().brief().insideCover();
    }

    @Override
    public FileRole role() {
        return FileRole.COVER;
    }

    @Override
    public int sheets() {
        return outsides.size() * (inside ? 2 : 1);
    }

    /** Whether front and back are sheets of their own. */
    boolean isSplit() {
        return outsides.size() == 2;
    }

    /** Whether it is a leaf that lies on the pages, as on loose ones. */
    boolean isLeaf() {
        return edition.book().brief().binding() == Binding.LOOSE;
    }

    @Override
    public Sheet sheet(int index) {
        CoverSheet sheet = outsides.get(index % outsides.size());
        boolean outside = index < outsides.size();
        List<PlacedArt> placed = new ArrayList<>();
        for (Cover.Laid laid : outside ? cover.surfaces(sheet) : cover.insides(sheet)) {
            List<Mark> marks = laid.surface().marks(edition.pages().look(), PageFacts.NONE);
            placed.add(new PlacedArt(
                    marks,
                    moved(laid.x() - sheet.trim().x(), laid.y() - sheet.trim().y())));
        }
        Box t = sheet.trim();
        return new Sheet(
                t.moved(-t.x(), -t.y()),
                sheet.bled().moved(-t.x(), -t.y()),
                sheet.media().moved(-t.x(), -t.y()),
                placed,
                outside ? marks(sheet, cover.geometry()) : List.of());
    }

    private static Turn moved(double dx, double dy) {
        return dx == 0 && dy == 0 ? Turn.NONE : Turn.move(dx, dy);
    }

    private static List<Mark> marks(CoverSheet sheet, CoverGeometry geometry) {
        if (sheet.media().equals(sheet.bled())) {
            return List.of();
        }
        List<Mark> marks = CutMarks.around(sheet, geometry);
        Turn turn = moved(-sheet.trim().x(), -sheet.trim().y());
        return turn.equals(Turn.NONE) ? marks : List.of(new Mark.Turned(turn, marks));
    }
}
