package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.book.CoverPicture;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.layout.Pen;

/**
 * The picture of whoever made the book, round, on the back.
 *
 * @param ink colour of its rim
 */
public record Portrait(CoverRole ink) implements CoverBlock {
    public Portrait {
        ink = ink == null ? CoverRole.ON_GROUND : ink;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Optional<Picture> file = stage.back().portrait().map(CoverPicture::of).flatMap(stage::pictureFile);
        if (file.isEmpty()) {
            return;
        }
        double r = Math.min(at.width(), at.height()) / 2;
        Box square = new Box(at.x(), at.y(), 2 * r, 2 * r);
        Path round = Pen.circle(square.centreX(), square.centreY(), r);
        CoverPicture shown = CoverPicture.of(file.get().id());
        out.add(new Mark.Clip(round, List.of(Photo.placed(shown, file.get(), shown.tone(), square))));
        out.add(new Mark.Stroke(round, 1.4, edit.ink().orElseGet(() -> stage.ink(ink))));
    }
}
