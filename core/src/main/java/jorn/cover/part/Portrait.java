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
import jorn.book.Share;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.layout.Pen;

/**
 * The picture of whoever made the book, round, on the back.
 *
 * @param ink colour of its rim
 * @param beside where it stands instead when a sample of a page has its place
 */
public record Portrait(CoverRole ink, Share beside) implements CoverBlock {
    public Portrait {
        ink = ink == null ? CoverRole.ON_GROUND : ink;
        beside = beside == null ? new Share(0.72, 0.69, 0.16, 0.107) : beside;
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
        boolean taken = stage.back().sample() && edit.at().isEmpty();
        Box place = taken ? beside.of(stage.panel()) : at;
        double r = Math.min(place.width(), place.height()) / 2;
        Box square = new Box(place.x(), place.y(), 2 * r, 2 * r);
        Path round = Pen.circle(square.centreX(), square.centreY(), r);
        CoverPicture shown = CoverPicture.of(file.get().id());
        out.add(new Mark.Clip(round, List.of(Photo.placed(shown, file.get(), shown.tone(), square))));
        out.add(new Mark.Stroke(round, 1.4, edit.ink().orElseGet(() -> stage.ink(ink))));
    }
}
