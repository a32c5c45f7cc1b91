package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.book.PartEdit;
import jorn.code.QrSymbol;
import jorn.cover.CoverBlock;
import jorn.cover.CoverStage;

/** A QR code on the back, where the user has given it something to say. */
public record CodePlace() implements CoverBlock {
    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        if (!stage.back().qr().isBlank()) {
            QrSymbol symbol = QrSymbol.of(stage.back().qr());
            // Never so small that it could not be read.
            double side = Math.max(symbol.smallestSide().points(), Math.min(at.width(), at.height()));
            out.addAll(symbol.marks(new Box(at.x(), at.bottom() - side, side, side)));
        }
    }
}
