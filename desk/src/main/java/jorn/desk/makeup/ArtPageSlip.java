package jorn.desk.makeup;

import java.util.List;
import jorn.art.Picture;
import jorn.desk.view.Labels;
import jorn.desk.view.PictureCreditFields;
import jorn.desk.view.Slip;
import jorn.desk.view.Tiles;
import jorn.pattern.run.ArtItem;
import jorn.pattern.run.ArtSheet;
import jorn.say.Wording;

/** The drawing of a page: its title, what was done to it, where it comes from. */
final class ArtPageSlip extends Slip {
    ArtPageSlip(ArtWork work) {
        super(Wording.of("desk.art.on-page", work.sheet().orElseThrow().number()));
        ArtSheet sheet = work.sheet().orElseThrow();
        words(
                "",
                List.of(
                        deed(
                                Wording.of("desk.art.earlier"),
                                "art-earlier",
                                Wording.of("desk.art.earlier-help"),
                                () -> work.moveBy(-1)),
                        deed(
                                Wording.of("desk.art.later"),
                                "art-later",
                                Wording.of("desk.art.later-help"),
                                () -> work.moveBy(1)),
                        deed(
                                Wording.of("desk.art.remove"),
                                "art-remove",
                                Wording.of("desk.art.remove-help"),
                                () -> work.remove(sheet.number() - 1))));
        field(
                Wording.of("desk.patterns.title"),
                "art-title",
                sheet.item().title(),
                Wording.of("desk.patterns.title-help"),
                text -> work.changeItem(i -> i.withTitle(text)));
        CleaningFields.on(this, "art-", sheet.item().cleaning(), work::clean);
        Picture picture = work.desk().book().pictures().get(sheet.item().picture());
        if (picture != null) {
            PictureCreditFields.add(this, work.desk(), picture);
        }
        add(Labels.label(Wording.of("desk.photo.order"), "group-name"));
        say(Wording.of("desk.photo.order-so"));
        add(PictureTiles.of(
                "art-tiles",
                work.desk(),
                work.pages().orElseThrow().items().stream()
                        .map(ArtItem::picture)
                        .toList(),
                sheet.number() - 1,
                new Tiles.Deeds(work::goTo, work::move, work::remove)));
    }
}
