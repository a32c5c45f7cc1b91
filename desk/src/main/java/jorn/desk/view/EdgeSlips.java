package jorn.desk.view;

import java.util.Optional;
import jorn.book.Brief;
import jorn.book.Wishes;
import jorn.cover.FinishAdvice;
import jorn.desk.model.Desk;
import jorn.measure.Unit;
import jorn.press.BindingEdge;
import jorn.press.Finish;
import jorn.press.HolePattern;
import jorn.print.raster.CoverLook;
import jorn.say.Wording;

/** The slips for the binding edge with its holes, and for the cover's finish. */
public final class EdgeSlips {
    private final Desk desk;

    public EdgeSlips(Desk desk) {
        this.desk = desk;
    }

    private Brief brief() {
        return desk.book().brief();
    }

    /** Where the book is bound, and whether there are holes: "at the left", "at the head, with two holes, 80 mm apart". */
    public static String edgeWords(Brief brief) {
        return brief.holes()
                .map(h -> Wording.of("desk.edge-slips.with-holes", brief.edge().word(), h.called()))
                .orElse(brief.edge().word());
    }

    /** The finish in a word. */
    public static String finishWords(Brief brief) {
        return brief.wishes().finish().map(Finish::word).orElse(Wording.of("desk.edge-slips.not-decided"));
    }

    /** The edge at which the leaves are held, and holes along it. */
    public Slip edge() {
        Slip slip = new Slip(Wording.of("desk.edge-slips.edge"));
        for (BindingEdge each : brief().offer().edges()) {
            slip.add(slip.choice(
                    BriefSlips.sentenceCase(each.word()),
                    Wording.of("desk.edge-slips." + each.id()),
                    each == brief().edge(),
                    () -> desk.changeBrief("edge", b -> b.withWishes(b.wishes().withEdge(Optional.of(each))))));
        }
        if (!brief().offer().edges().contains(BindingEdge.HEAD)) {
            slip.say(Wording.of(
                    "desk.edge-slips.no-head",
                    brief().press().name(),
                    brief().offer().inWords()));
        }
        slip.add(Labels.label(Wording.of("desk.edge-slips.holes"), "group-name"));
        slip.add(slip.choice(
                Wording.of("desk.edge-slips.no-holes"),
                "",
                brief().wishes().holes().isEmpty(),
                () -> desk.changeBrief("holes", b -> holes(b, Optional.empty()))));
        Unit unit = desk.unit().get();
        for (HolePattern pattern : HolePattern.shipped()) {
            slip.add(slip.choice(
                    BriefSlips.sentenceCase(pattern.called()),
                    Wording.of("desk.edge-slips.clear", pattern.clear().format(unit)),
                    brief().holes().filter(pattern::equals).isPresent(),
                    () -> desk.changeBrief("holes", b -> holes(b, Optional.of(pattern.id())))));
        }
        return slip.say(Wording.of("desk.edge-slips.holes-keep-clear"));
    }

    private static Brief holes(Brief brief, Optional<String> id) {
        return brief.withWishes(brief.wishes().withHoles(id));
    }

    /** The film over the cover, with what suits this one. */
    public Slip finish() {
        Slip slip = new Slip(Wording.of("desk.edge-slips.finish"));
        FinishAdvice advice =
                FinishAdvice.of(CoverLook.front(desk.state().get().edition().cover()));
        for (Finish each : brief().press().finishes()) {
            slip.add(slip.choice(
                    BriefSlips.sentenceCase(each.word()),
                    Wording.of("desk.edge-slips." + each.id()),
                    brief().wishes().finish().filter(f -> f == each).isPresent(),
                    () -> desk.changeBrief("finish", b -> finish(b, Optional.of(each)))));
        }
        slip.add(slip.choice(
                BriefSlips.sentenceCase(Wording.of("desk.edge-slips.not-decided")),
                "",
                brief().wishes().finish().isEmpty(),
                () -> desk.changeBrief("finish", b -> finish(b, Optional.empty()))));
        return slip.say(Wording.of(
                "desk.edge-slips.advice",
                Math.round(advice.plain() * 100),
                Math.round(advice.coloured() * 100),
                advice.best().word()));
    }

    private static Brief finish(Brief brief, Optional<Finish> finish) {
        Wishes wishes = brief.wishes().withFinish(finish);
        return brief.withWishes(wishes);
    }
}
