package jorn.desk.cli;

import java.util.Optional;
import jorn.art.Reading;
import jorn.book.Brief;
import jorn.book.Wishes;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.Finish;
import jorn.press.HolePattern;
import jorn.press.PressProfile;
import jorn.say.Wording;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The options by which a brief is given on the command line. */
final class BriefOptions {
    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(names = "--press", paramLabel = "P", description = "${bundle:cli.brief-options.press-profile-id-or}")
    String press;

    @Option(names = "--trim", paramLabel = "T", description = "${bundle:cli.brief-options.trim-size-x-x}")
    String trim;

    @Option(names = "--pages", paramLabel = "N", description = "${bundle:cli.brief-options.page-count}")
    String pages;

    @Option(names = "--paper", paramLabel = "X", description = "${bundle:cli.brief-options.paper-press-white-cream}")
    String paper;

    @Option(names = "--ink", paramLabel = "I", description = "${bundle:cli.brief-options.ink-press-black-colour}")
    String ink;

    @Option(
            names = "--binding",
            paramLabel = "B",
            description = "${bundle:cli.brief-options.binding-press-glued-cased}")
    String binding;

    @Option(names = "--bleed", description = "${bundle:cli.brief-options.with-bleed}")
    boolean bleed;

    @Option(names = "--rtl", description = "${bundle:cli.brief-options.reads-from-right-left}")
    boolean rtl;

    @Option(names = "--edge", paramLabel = "E", description = "${bundle:cli.brief-options.edge}")
    String edge;

    @Option(names = "--holes", paramLabel = "H", description = "${bundle:cli.brief-options.holes}")
    String holes;

    @Option(names = "--finish", paramLabel = "F", description = "${bundle:cli.brief-options.finish}")
    String finish;

    boolean isEmpty() {
        return !rtl
                && edge == null
                && holes == null
                && finish == null
                && press == null
                && trim == null
                && pages == null
                && paper == null
                && ink == null
                && binding == null
                && !bleed;
    }

    /** The brief, beginning from another, refused where the press does not make it. */
    Brief brief(Brief base) {
        PressProfile profile =
                press == null ? base.press() : PressesCommand.shelf(spec).find(press);
        Brief brief = base.at(profile);
        if (trim != null) {
            brief = brief.withTrim(Size.parse(trim, Unit.INCH));
        } else if (!profile.takes(brief.trim())) {
            brief = brief.withTrim(profile.nearestTrim(brief.trim()));
        }
        if (pages != null) {
            brief = brief.withPages(
                    Numeral.count(pages, Wording.of("cli.brief-options.page-count-2"), 1, Brief.MOST_PAGES));
        }
        if (binding != null) {
            brief = brief.withBinding(
                    profile.requireBinding(Binding.of(binding)).binding());
        }
        if (paper != null) {
            brief = brief.withPaper(profile.requirePaper(paper).id());
        }
        if (ink != null) {
            brief = brief.withInk(profile.requireInk(ink).id());
        }
        return wished(brief.withReading(rtl ? Reading.RIGHT_TO_LEFT : base.reading()))
                .require();
    }

    /** With the edge, the holes and the finish, refused where they cannot be had. */
    private Brief wished(Brief brief) {
        Wishes wishes = brief.wishes();
        if (edge != null) {
            wishes = wishes.withEdge(Optional.of(brief.offer().requireEdge(BindingEdge.of(edge))));
        }
        if (holes != null) {
            wishes = wishes.withHoles(Optional.of(HolePattern.of(holes).id()));
        }
        if (finish != null) {
            wishes = wishes.withFinish(Optional.of(brief.press().requireFinish(Finish.of(finish))));
        }
        return brief.withWishes(wishes);
    }
}
