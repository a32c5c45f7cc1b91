package jorn.desk.bindery;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import jorn.desk.view.Slip;
import jorn.impose.BlankPlace;
import jorn.impose.Fitting;
import jorn.impose.FoldKind;
import jorn.impose.HandMark;
import jorn.impose.Punch;
import jorn.impose.Scheme;
import jorn.impose.SheetSpec;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.PaperSize;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import jorn.say.Wording;

/** Three decisions: the sheet, the fold, and how pages are fitted; and what only some want. */
final class BindSlip extends Slip {
    private static final List<PaperSize> SHEETS =
            List.of(PaperSize.A4, PaperSize.LETTER, PaperSize.A3, PaperSize.TABLOID);

    /** What is too many is refused by whoever knows why. */
    private static final int MOST_TYPED = 100_000;

    private final BinderyWork work;

    BindSlip(BinderyWork work) {
        super(Wording.of("desk.bindery.decisions"));
        this.work = work;
        setId("bindery-slip");
        sheet();
        fold();
        fit();
        marks();
        if (work.how().scheme().kind().isPunched()) {
            holes();
        }
    }

    private void sheet() {
        SheetSpec spec = work.how().spec();
        List<Button> words = new ArrayList<>();
        for (PaperSize each : SHEETS) {
            words.add(word(
                    each.id(),
                    "bindery-sheet-" + each.id().toLowerCase(Locale.ROOT),
                    each.id(),
                    each.size().isAbout(spec.sheet()),
                    () -> work.change(s -> s.withSheet(each.size()))));
        }
        words(Wording.of("desk.bindery.sheet"), words);
        Unit unit = work.desk().unit().get();
        field(
                Wording.of("desk.bindery.other-sheet"),
                "bindery-sheet",
                spec.sheet().format(unit),
                Wording.of("desk.bindery.other-sheet-help"),
                text -> work.change(s -> s.withSheet(Size.parse(text, unit))));
        length("desk.bindery.caliper", "desk.bindery.caliper-help", "bindery-caliper", spec.caliper(), work::caliper);
    }

    private void length(String name, String help, String id, Length now, java.util.function.Consumer<Length> take) {
        field(
                Wording.of(name),
                id,
                now.format(Unit.MILLIMETRE),
                Wording.of(help),
                text -> take.accept(Length.parse(text, Unit.MILLIMETRE)));
    }

    private void fold() {
        Scheme now = work.how().scheme();
        words(
                Wording.of("desk.bindery.fold"),
                choices(
                        FoldKind.values(),
                        "bindery-fold-",
                        k -> Wording.of("impose.kind."
                                + k.name().toLowerCase(Locale.ROOT).replace('_', '-')),
                        now.kind(),
                        k -> work.fold(Scheme.of(k).fromRight(now.rightToLeft()))));
        if (now.kind() == FoldKind.SIGNATURES) {
            field(
                    Wording.of("desk.bindery.sheets-each"),
                    "bindery-count",
                    Integer.toString(now.count()),
                    Wording.of("desk.bindery.sheets-each-help"),
                    text -> work.fold(new Scheme(
                            now.kind(),
                            Numeral.count(text, Wording.of("desk.bindery.sheets-each"), 0, MOST_TYPED),
                            now.rightToLeft())));
        } else if (now.kind() == FoldKind.UP || now.kind() == FoldKind.REPEAT) {
            List<Button> words = new ArrayList<>();
            for (int up : Scheme.UPS) {
                words.add(word(
                        Integer.toString(up),
                        "bindery-up-" + up,
                        Wording.of("desk.bindery.up-help", up),
                        up == now.count(),
                        () -> work.fold(new Scheme(now.kind(), up, now.rightToLeft()))));
            }
            words(Wording.of("desk.bindery.up"), words);
            length(
                    "desk.bindery.gap",
                    "desk.bindery.gap-help",
                    "bindery-gap",
                    work.how().spec().gap(),
                    l -> work.change(s -> s.withGap(l)));
        }
        toggle(
                Wording.of("desk.bindery.right-to-left"),
                "bindery-rtl",
                now.rightToLeft(),
                () -> work.fold(now.fromRight(!now.rightToLeft())));
        List<Button> places = new ArrayList<>();
        places.add(word(
                Wording.of("desk.bindery.blanks-end"),
                "bindery-blanks-end",
                Wording.of("desk.bindery.blanks-help"),
                work.how().blanks().equals(BlankPlace.AT_END),
                () -> work.blanks(BlankPlace.AT_END)));
        places.add(word(
                Wording.of("desk.bindery.blanks-before-last"),
                "bindery-blanks-before-last",
                Wording.of("desk.bindery.blanks-help"),
                work.how().blanks().equals(BlankPlace.BEFORE_LAST),
                () -> work.blanks(BlankPlace.BEFORE_LAST)));
        words(Wording.of("desk.bindery.blanks"), places);
        Optional<Integer> behind = work.how().blanks().equals(BlankPlace.AT_END)
                        || work.how().blanks().equals(BlankPlace.BEFORE_LAST)
                ? Optional.empty()
                : Optional.of(work.how().blanks().after());
        field(
                Wording.of("desk.bindery.blanks-behind"),
                "bindery-blanks",
                behind.map(String::valueOf).orElse(""),
                Wording.of("desk.bindery.blanks-behind-help"),
                text -> work.blanks(
                        text.isBlank()
                                ? BlankPlace.AT_END
                                : BlankPlace.behind(
                                        Numeral.count(text, Wording.of("desk.bindery.blanks"), 0, MOST_TYPED))));
    }

    private void fit() {
        SheetSpec spec = work.how().spec();
        words(
                Wording.of("desk.bindery.fit"),
                choices(
                        Fitting.values(),
                        "bindery-fit-",
                        f -> Wording.of("impose.fitting."
                                + f.name().toLowerCase(Locale.ROOT).replace('_', '-')),
                        spec.fitting(),
                        f -> work.change(s -> s.withFitting(f))));
        toggle(
                Wording.of("desk.bindery.at-fold"),
                "bindery-at-fold",
                spec.atFold(),
                () -> work.change(s -> s.withAtFold(!s.atFold())));
        toggle(
                Wording.of("desk.bindery.crop-white"),
                "bindery-crop-white",
                work.how().cropWhite(),
                work::toggleCrop);
        toggle(
                Wording.of("desk.bindery.inside"),
                "bindery-inside",
                spec.inside(),
                () -> work.change(
                        s -> s.withInside(!s.inside()).withRim(work.traits().rim())));
    }

    private void marks() {
        List<Button> words = new ArrayList<>();
        for (HandMark mark : HandMark.values()) {
            words.add(word(
                    Wording.of("impose.mark." + mark.id()),
                    "bindery-mark-" + mark.id(),
                    Wording.of("desk.bindery.marks-help"),
                    work.marks().contains(mark),
                    () -> work.toggle(mark)));
        }
        words(Wording.of("desk.bindery.marks"), words);
    }

    private void holes() {
        Optional<Punch> now = work.punch();
        BindingEdge edge =
                now.map(Punch::edge).orElse(work.how().scheme().rightToLeft() ? BindingEdge.RIGHT : BindingEdge.LEFT);
        List<Button> words = new ArrayList<>();
        words.add(word(
                Wording.of("desk.bindery.no-holes"),
                "bindery-holes-none",
                Wording.of("desk.bindery.holes-help"),
                now.isEmpty(),
                () -> work.punch(Optional.empty())));
        for (HolePattern each : HolePattern.shipped()) {
            words.add(word(
                    each.called(),
                    "bindery-holes-" + each.id(),
                    Wording.of("desk.bindery.holes-help"),
                    now.filter(p -> p.pattern().equals(each)).isPresent(),
                    () -> work.punch(Optional.of(new Punch(each, edge)))));
        }
        words(Wording.of("desk.bindery.holes"), words);
        now.ifPresent(p -> words(
                Wording.of("desk.bindery.edge"),
                choices(
                        BindingEdge.values(),
                        "bindery-edge-",
                        BindingEdge::word,
                        p.edge(),
                        e -> work.punch(Optional.of(new Punch(p.pattern(), e))))));
    }
}
