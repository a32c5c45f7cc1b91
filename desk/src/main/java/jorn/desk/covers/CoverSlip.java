package jorn.desk.covers;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import jorn.art.Ink;
import jorn.art.Picture;
import jorn.art.PictureSwatches;
import jorn.art.Tone;
import jorn.book.BackMatter;
import jorn.book.CoverDesign;
import jorn.book.CoverPicture;
import jorn.book.CoverPicture.PictureFit;
import jorn.book.CoverPlan;
import jorn.book.ShopCode;
import jorn.code.BookBarcode;
import jorn.code.Isbn;
import jorn.code.QrSymbol;
import jorn.cover.Cover;
import jorn.cover.CoverRole;
import jorn.cover.part.SpineWords;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Intake;
import jorn.desk.view.FaceFonts;
import jorn.desk.view.PictureCreditFields;
import jorn.desk.view.Slip;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.style.FacePair;
import jorn.style.TypeChoice;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/** What is decided of the whole cover, by subject: colours, picture, back, spine, number. */
final class CoverSlip extends Slip {
    /** What the slip speaks of. */
    enum Subject {
        COLOURS,
        TYPE,
        PICTURE,
        BACK,
        SPINE,
        NUMBER;

        String word() {
            return Wording.of("desk.covers.subject-" + name().toLowerCase(Locale.ROOT));
        }
    }

    private final CoverWork work;
    private final BookFiles files;
    private final CoverDesign design;
    private final CoverPlan plan;

    /** @param choose turns to another subject */
    CoverSlip(CoverWork work, BookFiles files, Subject subject, java.util.function.Consumer<Subject> choose) {
        super(Wording.of("desk.covers.cover"));
        this.work = work;
        this.files = files;
        this.design = work.desk().book().cover();
        this.plan = work.plan();
        if (!work.cover().geometry().isDelivered()) {
            boolean onPages = work.desk().book().brief().coverOnPages();
            say(Wording.of(
                    "desk.cover.takes-no-cover-file",
                    work.desk().book().brief().press().name()));
            toggle(Wording.of("desk.cover.on-pages"), "cover-on-pages", onPages, () -> work.desk()
                    .changeBrief("cover-on-pages", b -> b.withCoverOnPages(!onPages)));
        }
        List<Button> subjects = new ArrayList<>();
        for (Subject each : Subject.values()) {
            subjects.add(word(
                    each.word(),
                    "cover-subject-" + each.name().toLowerCase(Locale.ROOT),
                    Wording.of("desk.covers.subject-help", each.word()),
                    each == subject,
                    () -> choose.accept(each)));
        }
        words("", subjects);
        switch (subject) {
            case COLOURS -> colours();
            case TYPE -> type();
            case PICTURE -> picture();
            case BACK -> back();
            case SPINE -> spine();
            case NUMBER -> number();
        }
        plan.edits().forEach((part, edit) -> {
            if (edit.isHidden()) {
                add(deed(
                        Wording.of("desk.covers.bring-back", PartWords.of(part)),
                        "bring-back-" + part,
                        Wording.of("desk.covers.bring-back-help"),
                        () -> work.edit(part, "hide", e -> e.withHidden(Optional.empty()))));
            }
        });
    }

    private void plan(String thing, java.util.function.UnaryOperator<CoverPlan> change) {
        work.plan("cover-" + thing, change);
    }

    private void colours() {
        colour("ground", design.ground(), ink -> work.design("cover-ground", d -> d.withGround(ink)));
        colour("paper", design.panelInk(), ink -> work.design("cover-paper", d -> d.withPanelInk(ink)));
        colour("ink", design.titleInk(), ink -> work.design("cover-ink", d -> d.withTitleInk(ink)));
        CoverRole[] roles = {CoverRole.ACCENT, CoverRole.SECOND, CoverRole.THIRD, CoverRole.FOURTH};
        for (int i = 0; i < roles.length; i++) {
            int at = i;
            colour("accent-" + (i + 1), work.cover().colours().ink(roles[i]), ink -> accent(at, ink));
        }
        add(deed(
                Wording.of("desk.covers.style-colours"),
                "cover-style-colours",
                Wording.of("desk.covers.style-colours-help"),
                () -> {
                    var dress = work.desk().book().style().dress().cover();
                    work.design("cover-colours", d -> d.withGround(dress.ground())
                            .withPanelInk(dress.panelInk())
                            .withTitleInk(dress.ink())
                            .planned(p -> p.withAccents(List.of())));
                }));
        file().ifPresentOrElse(this::fromPicture, () -> {});
    }

    private void accent(int at, Ink ink) {
        List<Ink> all = new ArrayList<>();
        CoverRole[] roles = {CoverRole.ACCENT, CoverRole.SECOND, CoverRole.THIRD, CoverRole.FOURTH};
        for (CoverRole each : roles) {
            all.add(work.cover().colours().ink(each));
        }
        all.set(at, ink);
        plan("accents", p -> p.withAccents(all));
    }

    /** A colour by what it is for: how it is printed is said beside it. */
    private void colour(String id, Ink now, java.util.function.Consumer<Ink> take) {
        ColourField.add(this, work, Wording.of("desk.covers.colour-" + id), "cover-colour-" + id, now, take);
    }

    private Optional<Picture> file() {
        return plan.picture()
                .map(p -> work.desk().book().pictures().get(p.picture()))
                .filter(p -> !p.isMissing());
    }

    private void fromPicture(Picture file) {
        add(deed(
                Wording.of("desk.covers.picture-colours"),
                "cover-picture-colours",
                Wording.of("desk.covers.picture-colours-help"),
                () -> {
                    PictureSwatches found = PictureSwatches.of(file);
                    work.design("cover-colours", d -> d.withGround(found.ground())
                            .withPanelInk(found.lightest())
                            .withTitleInk(found.darkest())
                            .planned(p -> p.withAccents(found.fullest())));
                }));
    }

    /** Pairs of typefaces that go together; the inside takes them too, so that both speak with one voice. */
    private void type() {
        say(Wording.of("desk.covers.pairs"));
        say(Wording.of("desk.covers.own-face"));
        TypeChoice now = work.desk().book().type();
        for (FacePair each : FacePair.SUGGESTED) {
            Typeface heading = TypeShelf.typeface(each.heading());
            Button pair = choice(
                    heading.name(),
                    TypeShelf.typeface(each.body()).name(),
                    each.in(now).equals(now),
                    () -> work.desk().change("type", b -> b.withType(each.in(b.type()))));
            pair.setId("cover-pair-" + each.heading());
            FaceFonts.wearChoice(pair, heading);
            add(pair);
        }
    }

    private void picture() {
        if (plan.picture().isEmpty()) {
            say(Wording.of("desk.covers.no-picture"));
        }
        add(deed(
                Wording.of(plan.picture().isEmpty() ? "desk.covers.bring-picture" : "desk.covers.other-picture"),
                "cover-bring-picture",
                Wording.of("desk.covers.bring-picture-help"),
                () -> files.bringInPicture(p -> takePicture(work, p))));
        plan.picture().ifPresent(this::shown);
    }

    /** Puts a picture on the cover; where the composition has no place for one, another is taken that has. */
    static void takePicture(CoverWork work, Picture picture) {
        work.wear("cover-picture", p -> Intake.onCover(p, picture));
    }

    private void shown(CoverPicture now) {
        file().ifPresentOrElse(
                        f -> say(Wording.of(
                                "desk.covers.picture-is",
                                f.name(),
                                f.width(),
                                f.height(),
                                dpi(work.cover()).orElse("–"))),
                        () -> say(Wording.of("desk.covers.picture-gone")));
        List<Button> fits = new ArrayList<>();
        for (PictureFit each : PictureFit.values()) {
            fits.add(word(
                    Wording.of("book.picture-fit." + each.id()),
                    "cover-fit-" + each.id(),
                    Wording.of("desk.covers.fit-help"),
                    now.fit() == each,
                    () -> picture(p -> p.withFit(each))));
        }
        words("", fits);
        number("zoom", "cover-zoom", Numeral.trimmed(now.zoom() * 100, 0), "%", v -> picture(p -> p.withZoom(v / 100)));
        number("turn", "cover-picture-turn", Numeral.trimmed(now.turn(), 1), "°", v -> picture(p -> p.withTurn(v)));
        toggle(Wording.of("desk.covers.flip"), "cover-flip", now.flip(), () -> picture(p -> p.withFlip(!p.flip())));
        List<Button> tones = new ArrayList<>();
        for (Tone.ToneKind each : Tone.ToneKind.values()) {
            tones.add(word(
                    Wording.of("art.tone." + each.id()),
                    "cover-tone-" + each.id(),
                    Wording.of("desk.covers.tone-help"),
                    now.tone().kind() == each,
                    () -> picture(p -> p.withTone(toned(each, p.tone().lighter())))));
        }
        words("", tones);
        number(
                "lighter",
                "cover-lighter",
                Numeral.trimmed(now.tone().lighter() * 100, 0),
                "%",
                v -> picture(p -> p.withTone(p.tone().lightened(v / 100))));
        say(Wording.of("desk.covers.drag-picture"));
        file().ifPresent(f -> PictureCreditFields.add(this, work.desk(), f));
        add(deed(
                Wording.of("desk.covers.drop-picture"),
                "cover-drop-picture",
                Wording.of("desk.covers.drop-picture-help"),
                () -> plan("picture", p -> p.withPicture(Optional.empty()))));
    }

    private Tone toned(Tone.ToneKind kind, double lighter) {
        var colours = work.cover().colours();
        Tone tone = kind == Tone.ToneKind.TWO_INKS
                ? Tone.twoInks(colours.ink(CoverRole.INK), colours.ink(CoverRole.PAPER))
                : new Tone(kind, null, null, 0);
        return tone.lightened(lighter);
    }

    /** Pixels to the inch of the picture on a cover, where it has one. */
    static Optional<String> dpi(Cover cover) {
        return jorn.art.Marks.standing(cover.atSize().marks()).stream()
                .filter(s -> s.mark() instanceof jorn.art.Mark.Image)
                .map(s -> {
                    var image = (jorn.art.Mark.Image) s.mark();
                    return image.from().width() / (image.to().width() * s.at().enlarges()) * 72;
                })
                .min(Double::compare)
                .map(d -> Numeral.trimmed(d, 0));
    }

    private void picture(java.util.function.UnaryOperator<CoverPicture> change) {
        plan("picture-set", p -> p.withPicture(p.picture().map(change)));
    }

    /** A number with its unit behind it. */
    private void number(String name, String id, String value, String unit, java.util.function.DoubleConsumer take) {
        field(
                Wording.of("desk.covers." + name),
                id,
                value + " " + unit,
                Wording.of("desk.covers." + name + "-help"),
                text -> {
                    take.accept(PartForm.number(text));
                });
    }

    private void back() {
        BackMatter back = plan.back();
        field(
                Wording.of("desk.covers.headline"),
                "cover-headline",
                back.headline(),
                Wording.of("desk.covers.headline-help"),
                text -> plan("headline", p -> p.withBack(p.back().withHeadline(text))));
        area(
                Wording.of("desk.cover.words-on-back"),
                "cover-blurb",
                design.blurb(),
                Wording.of("desk.cover.what-book-for-whoever"),
                6,
                text -> work.design("cover-blurb", d -> d.withBlurb(text)));
        field(
                Wording.of("desk.covers.publisher"),
                "cover-publisher",
                back.publisher(),
                Wording.of("desk.covers.publisher-help"),
                text -> plan("publisher", p -> p.withBack(p.back().withPublisher(text))));
        field(
                Wording.of("desk.covers.price"),
                "cover-price",
                back.price(),
                Wording.of("desk.covers.price-help"),
                text -> plan("price", p -> p.withBack(p.back().withPrice(text))));
        toggle(
                Wording.of("desk.covers.insides"),
                "cover-insides",
                back.insides(),
                () -> plan(
                        "insides",
                        p -> p.withBack(p.back().withInsides(!p.back().insides()))));
        toggle(
                Wording.of("desk.covers.sample"),
                "cover-sample",
                back.sample(),
                () -> plan(
                        "sample", p -> p.withBack(p.back().withSample(!p.back().sample()))));
        field(Wording.of("desk.covers.qr"), "cover-qr", back.qr(), Wording.of("desk.covers.qr-help"), text -> {
            if (!text.isBlank()) {
                QrSymbol.of(text);
            }
            plan("qr", p -> p.withBack(p.back().withQr(text.strip())));
        });
    }

    private void spine() {
        var figures = work.cover().geometry().figures();
        boolean allowed = figures.isSpineTextAllowed();
        say(Wording.of(
                "desk.covers.spine-is", figures.spine().text(work.desk().unit().get())));
        if (!allowed) {
            say(figures.spineTextAllowed().source());
        }
        add(
                choice(
                        Wording.of("desk.cover.title-on-spine"),
                        allowed ? "" : Wording.of("desk.cover.not-at-thickness"),
                        design.spineText(),
                        () -> work.design("cover-spine", d -> d.withSpineText(true))),
                choice(
                        Wording.of("desk.cover.bare-spine"),
                        "",
                        !design.spineText(),
                        () -> work.design("cover-spine", d -> d.withSpineText(false))));
        boolean up = SpineWords.isUpward(work.desk().book());
        words(
                Wording.of("desk.covers.reads-way"),
                List.of(
                        word(
                                Wording.of("desk.covers.downward"),
                                "spine-down",
                                Wording.of("desk.covers.downward-help"),
                                !up,
                                () -> plan("spine-way", p -> p.withBack(p.back().withUpward(Optional.of(false))))),
                        word(
                                Wording.of("desk.covers.upward"),
                                "spine-up",
                                Wording.of("desk.covers.upward-help"),
                                up,
                                () -> plan("spine-way", p -> p.withBack(p.back().withUpward(Optional.of(true)))))));
        double size = work.cover().spineTypeSize();
        if (allowed && size > 0) {
            say(Wording.of("desk.covers.spine-size", Numeral.under(size, 1)));
        }
    }

    private void number() {
        ShopCode code = plan.code();
        field(
                Wording.of("desk.covers.isbn"),
                "cover-isbn",
                code.isbn().map(Isbn::hyphenated).orElse(""),
                Wording.of("desk.covers.isbn-help"),
                text -> plan(
                        "isbn",
                        p -> p.withCode(
                                p.code().withIsbn(text.isBlank() ? Optional.empty() : Optional.of(Isbn.parse(text))))));
        if (code.isbn().isEmpty()) {
            say(Wording.of("desk.covers.no-isbn"));
            return;
        }
        field(
                Wording.of("desk.covers.add-on"),
                "cover-add-on",
                code.price().map(BigDecimal::toPlainString).orElse(""),
                Wording.of("desk.covers.add-on-help"),
                text -> plan("add-on", p -> p.withCode(p.code().withPrice(price(text)))));
        field(
                Wording.of("desk.covers.currency"),
                "cover-currency",
                code.currency(),
                Wording.of("desk.covers.currency-help"),
                text -> plan(
                        "currency",
                        p -> p.withCode(p.code().withCurrency(text.strip().toUpperCase(Locale.ROOT)))));
        if (code.price().isPresent() && code.addOn().isEmpty()) {
            say(Wording.of("desk.covers.no-add-on", code.currency()));
        }
        number("symbol-size", "cover-symbol-size", Numeral.trimmed(code.size() * 100, 0), "%", v -> {
            double share = v / 100;
            if (share < BookBarcode.SMALLEST || share > BookBarcode.LARGEST) {
                throw Trouble.of("code.book-barcode.bad-size", Math.round(v));
            }
            plan("symbol-size", p -> p.withCode(p.code().withSize(share)));
        });
        code.barcode().ifPresent(b -> {
            var unit = work.desk().unit().get();
            say(Wording.of(
                    "desk.covers.symbol-is",
                    b.room().width().format(unit),
                    b.room().height().format(unit)));
        });
        say(Wording.of(
                work.cover().geometry().ownBarcode().isPresent()
                        ? "desk.covers.symbol-ours"
                        : "desk.covers.symbol-press",
                work.desk().book().brief().press().name()));
    }

    private static Optional<BigDecimal> price(String text) {
        String said = text.strip().replace(',', '.');
        if (said.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new BigDecimal(said));
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "cli.new.bad-price", text);
        }
    }
}
