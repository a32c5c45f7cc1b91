package jorn.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.block.text.Folio;
import jorn.block.text.RunningHead;
import jorn.book.Furniture;
import jorn.layout.Flow;
import jorn.layout.Grid;

/**
 * Page number and running head of one page, and the room that they leave for the design.
 *
 * @param furniture what the book has
 * @param numbered whether this page has a number
 * @param body whether this page has a running head
 * @param text inside the margins
 * @param grid on which the pages of newer books stand: there each takes one of its rows
 */
record PageFurniture(Furniture furniture, boolean numbered, boolean body, Box text, Grid grid) {
    /** Room between the design and what stands above or below it. */
    private static final double GAP = 5;

    private boolean hasFolio() {
        return numbered && furniture.folio().isPresent();
    }

    private boolean hasHead() {
        return body && furniture.head().isPresent();
    }

    private double folioHeight() {
        if (grid.snaps()) {
            return hasFolio() ? grid.step() : 0;
        }
        return hasFolio() ? furniture.folio().get().size().points() * 1.4 : 0;
    }

    private double headHeight() {
        if (grid.snaps()) {
            return hasHead() || (hasFolio() && furniture.folioAtHead()) ? grid.step() : 0;
        }
        double head = hasHead() ? furniture.head().get().size().points() * 1.8 : 0;
        return furniture.folioAtHead() ? Math.max(head, folioHeight()) : head;
    }

    private double footHeight() {
        return furniture.folioAtHead() ? 0 : folioHeight();
    }

    Box room() {
        double head = headHeight();
        double foot = footHeight();
        if (grid.snaps()) {
            return text.inset(head, 0, foot, 0);
        }
        return text.inset(head > 0 ? head + GAP : 0, 0, foot > 0 ? foot + GAP : 0, 0);
    }

    List<Mark> marks(Flow flow) {
        if (grid.snaps()) {
            return new StyledFurniture(flow, text)
                    .marks(
                            hasFolio() ? furniture.folio() : Optional.empty(),
                            furniture.folioAtHead(),
                            hasHead() ? furniture.head() : Optional.empty());
        }
        if (!hasFolio() && !hasHead()) {
            return List.of();
        }
        List<Mark> marks = new ArrayList<>();
        Box head = new Box(text.x(), text.y(), text.width(), headHeight());
        if (hasHead()) {
            RunningHead line = furniture.head().get();
            boolean shared = hasFolio()
                    && furniture.folioAtHead()
                    && furniture.folio().get().place() == line.place();
            // A number at the same place goes first, at the page's edge; the words then stand at the gutter.
            RunningHead drawn = shared
                    ? new RunningHead(
                            line.verso(),
                            line.recto(),
                            line.place() == Folio.FolioPlace.GUTTER
                                    ? Folio.FolioPlace.FORE_EDGE
                                    : Folio.FolioPlace.GUTTER,
                            line.size(),
                            line.rule())
                    : line;
            drawn.draw(head, flow, marks);
        }
        if (hasFolio()) {
            Folio folio = furniture.folio().get();
            Box foot = Box.between(text.x(), text.bottom() - folioHeight(), text.right(), text.bottom());
            Box at = new Box(text.x(), text.y(), text.width(), folio.size().points() * 1.3);
            folio.draw(furniture.folioAtHead() ? at : foot, flow, marks);
        }
        return marks;
    }
}
