package jorn.desk.view;

import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.art.Picture;
import jorn.art.PictureCredit;
import jorn.desk.model.Desk;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** Where a picture comes from and what may be done with it, to be written down while it is still known. */
public final class PictureCreditFields {
    private PictureCreditFields() {}

    /** Puts the fields on a slip. */
    public static void add(Slip slip, Desk desk, Picture picture) {
        PictureCredit now = picture.credit();
        text(slip, desk, picture, "source", now.source(), (c, t) -> c.withSource(t));
        text(slip, desk, picture, "author", now.author(), (c, t) -> c.withAuthor(t));
        text(slip, desk, picture, "licence", now.licence(), (c, t) -> c.withLicence(t));
        text(
                slip,
                desk,
                picture,
                "copies",
                now.copies().map(String::valueOf).orElse(""),
                (c, t) -> c.withCopies(copies(t)));
        slip.toggle(
                Wording.of("desk.covers.generated"),
                "picture-generated",
                now.generated(),
                () -> change(desk, picture, c -> c.withGenerated(!c.generated())));
    }

    private interface Taking {
        PictureCredit with(PictureCredit credit, String text);
    }

    private static void text(Slip slip, Desk desk, Picture picture, String name, String now, Taking taking) {
        slip.field(
                Wording.of("desk.covers.picture-" + name),
                "picture-" + name,
                now,
                Wording.of("desk.covers.picture-" + name + "-help"),
                text -> change(desk, picture, c -> taking.with(c, text)));
    }

    private static Optional<Integer> copies(String text) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Integer.valueOf(text.strip()));
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "desk.covers.no-number", text.strip());
        }
    }

    private static void change(Desk desk, Picture picture, UnaryOperator<PictureCredit> change) {
        desk.change(
                "picture-credit",
                b -> b.with(Optional.ofNullable(b.pictures().get(picture.id()))
                        .orElse(picture)
                        .withCredit(
                                change.apply(Optional.ofNullable(b.pictures().get(picture.id()))
                                        .map(Picture::credit)
                                        .orElse(PictureCredit.UNKNOWN)))));
    }
}
