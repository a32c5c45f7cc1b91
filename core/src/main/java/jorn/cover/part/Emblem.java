package jorn.cover.part;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverStage;
import jorn.style.Motif;
import jorn.style.Motifs;
import jorn.style.Ornaments;

/**
 * The style's ornament, once or many times.
 *
 * @param small whether it is the small one
 * @param onPaper whether it stands on a panel
 * @param rows how many rows of them; 1 for a single one
 * @param columns how many beside each other
 * @param oneInk whether it is drawn in one colour
 */
public record Emblem(boolean small, boolean onPaper, int rows, int columns, boolean oneInk) implements CoverBlock {
    private static final double FILLED = 0.7;

    public Emblem {
        rows = Math.max(1, rows);
        columns = Math.max(1, columns);
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Ornaments own = stage.book().style().details().ornaments();
        Palette palette = stage.palette(onPaper);
        Ink one = edit.ink().orElseGet(() -> palette.ink(Role.TEXT));
        Palette worn =
                oneInk || edit.ink().isPresent() ? palette.recoloured((r, i) -> r == Role.TINT ? i : one) : palette;
        if (rows * columns == 1) {
            Motif motif = Motifs.of(small ? own.small() : own.motif());
            out.addAll(motif.draw(at, worn, stage.seed("emblem")));
            return;
        }
        // The months' drawings make a set of small things; else the two ornaments take turns.
        List<String> set = own.months().isEmpty() ? List.of(own.motif(), own.small()) : own.months();
        double w = at.width() / columns;
        double h = at.height() / rows;
        int first = (int) Math.floorMod(stage.plan().seed() * 5, (long) set.size());
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                Box cell = new Box(
                        at.x() + (c + (1 - FILLED) / 2) * w,
                        at.y() + (r + (1 - FILLED) / 2) * h,
                        w * FILLED,
                        h * FILLED);
                String id = set.get((first + r * columns + c + r * 3) % set.size());
                out.addAll(Motifs.of(id).draw(cell, worn, stage.seed(id)));
            }
        }
    }
}
