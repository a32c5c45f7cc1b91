package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import jorn.art.Picture;
import jorn.block.text.Folio;
import jorn.block.text.RunningHead;
import jorn.book.Furniture;
import jorn.book.MarginChoice;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.Grid;
import jorn.layout.PartSettings;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.say.Wording;

/** What all pages have in common: margins, page numbers, running heads. */
final class AllPagesSlip extends Slip {
    /** Customary ones, and the spacings of ruled paper (common practice). */
    private static final List<Length> PITCHES = List.of(
            Length.mm(6), Length.mm(6.35), Length.mm(6.5), Length.mm(7), Length.mm(7.1), Length.mm(8), Length.mm(8.7));

    private final Desk desk;

    AllPagesSlip(Desk desk, java.util.function.Consumer<java.util.function.Consumer<Picture>> bringIn) {
        super(Wording.of("desk.all-pages.margins"));
        this.desk = desk;
        var page = desk.state().get().edition().geometry();
        MarginChoice own = desk.book().margins();
        margin(Wording.of("desk.all-pages.fore-edge"), "margin-outside", page.outside(), own::withOutside);
        margin(Wording.of("desk.all-pages.head"), "margin-head", page.head(), own::withHead);
        margin(Wording.of("desk.all-pages.foot"), "margin-foot", page.foot(), own::withFoot);
        margin(Wording.of("desk.all-pages.gutter"), "margin-gutter", page.gutter(), own::withGutter);
        String press = desk.book().brief().press().name();
        Unit unit = desk.unit().get();
        say(Wording.of(
                "desk.all-pages.asks-for-gutter-they",
                press,
                page.requiredOutside().text(unit),
                page.requiredGutter().text(unit)));
        if (!own.equals(MarginChoice.NONE)) {
            add(act(
                    Wording.of("desk.all-pages.back-press-s-margins"),
                    "",
                    () -> desk.change("margins", b -> b.withMargins(MarginChoice.NONE))));
        }
        pitch();
        furniture(bringIn);
    }

    /** From line to line on all pages; in a book that has no pitch, how it gets one. */
    private void pitch() {
        add(Labels.label(Wording.of("desk.all-pages.pitch"), "group-name"));
        Optional<Length> now = desk.book().interior().pitch();
        if (now.isEmpty()) {
            say(Wording.of("desk.all-pages.no-pitch-yet"));
            return;
        }
        List<Button> usual = new ArrayList<>();
        for (Length each : PITCHES) {
            usual.add(word(
                    each.format(Unit.MILLIMETRE),
                    "pitch-" + usual.size(),
                    Wording.of("desk.all-pages.pitch-help"),
                    each.isAbout(now.get()),
                    () -> desk.change("pitch", b -> b.onPitch(each))));
        }
        words("", usual);
        field(
                Wording.of("desk.all-pages.from-line-to-line"),
                "pitch",
                now.get().format(desk.unit().get()),
                Wording.of("desk.all-pages.pitch-help"),
                text -> {
                    Length wanted = Length.parse(text, desk.unit().get());
                    desk.change("pitch", b -> b.onPitch(Grid.FREE.at(wanted).pitch()));
                });
    }

    private void margin(String name, String id, Figure now, Function<Optional<Length>, MarginChoice> with) {
        field(name, id, now.text(desk.unit().get()), Wording.of("desk.all-pages.margin-all-pages-empty"), text -> {
            Optional<Length> wanted = text.isBlank()
                    ? Optional.empty()
                    : Optional.of(Length.parse(text, desk.unit().get()));
            desk.change("margins", b -> b.withMargins(with.apply(wanted)));
        });
    }

    private void furniture(java.util.function.Consumer<java.util.function.Consumer<Picture>> bringIn) {
        Furniture now = desk.book().furniture();
        SettingsForm form = new SettingsForm(this, desk.unit().get(), desk.book(), bringIn);
        add(Labels.label(Wording.of("desk.all-pages.page-numbers"), "group-name"));
        toggle(
                Wording.of("desk.all-pages.on-every-page"),
                "folio-on",
                now.folio().isPresent(),
                () -> set(now.withFolio(
                        now.folio().isPresent()
                                ? Optional.empty()
                                : Optional.of(Folio.customary(Folio.FolioPlace.FORE_EDGE)))));
        now.folio().ifPresent(folio -> {
            form.show("folio-", folio, PartSettings.of(folio), f -> set(now.withFolio(Optional.of(f))));
            toggle(
                    Wording.of("desk.all-pages.at-head"),
                    "folio-at-head",
                    now.folioAtHead(),
                    () -> set(now.withFolioAtHead(!now.folioAtHead())));
        });
        toggle(
                Wording.of("desk.all-pages.month-marks"),
                "month-marks",
                now.monthMarks(),
                () -> set(now.withMonthMarks(!now.monthMarks())));
        add(Labels.label(Wording.of("desk.all-pages.running-head"), "group-name"));
        toggle(
                Wording.of("desk.all-pages.on-pages-body"),
                "head-on",
                now.head().isPresent(),
                () -> set(now.withHead(
                        now.head().isPresent() ? Optional.empty() : Optional.of(RunningHead.customary()))));
        now.head()
                .ifPresent(head ->
                        form.show("head-", head, PartSettings.of(head), h -> set(now.withHead(Optional.of(h)))));
        say(Wording.of("desk.all-pages.figures-where-counting-begins"));
    }

    private void set(Furniture furniture) {
        desk.change("furniture", b -> b.withFurniture(furniture));
    }
}
