package jorn.desk.cli;

import jorn.art.Reading;
import jorn.book.Brief;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressProfile;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The options by which a brief is given on the command line. */
final class BriefOptions {
    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(names = "--press", paramLabel = "P", description = "Press profile: an id, or a .json file.")
    String press;

    @Option(names = "--trim", paramLabel = "T", description = "Trim size: 6x9in, A5, 148x210mm.")
    String trim;

    @Option(names = "--pages", paramLabel = "N", description = "Page count.")
    String pages;

    @Option(names = "--paper", paramLabel = "X", description = "Paper of the press: white, cream, colour …")
    String paper;

    @Option(names = "--ink", paramLabel = "I", description = "Ink of the press: black, colour …")
    String ink;

    @Option(
            names = "--binding",
            paramLabel = "B",
            description = "Binding of the press: glued, cased, jacket, stitched, coil, loose.")
    String binding;

    @Option(names = "--bleed", description = "With bleed.")
    boolean bleed;

    @Option(names = "--rtl", description = "Reads from right to left.")
    boolean rtl;

    boolean isEmpty() {
        return !rtl
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
            brief = brief.withPages(Numeral.count(pages, "page count", 1, Brief.MOST_PAGES));
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
        return brief.withReading(rtl ? Reading.RIGHT_TO_LEFT : base.reading()).require();
    }
}
