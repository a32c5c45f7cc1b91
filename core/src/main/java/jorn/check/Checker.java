package jorn.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Wording;

/** Looks at a book with every rule that there is. */
public final class Checker {
    /** Rules that look at the book as a whole. */
    private static final List<Rule> RULES = List.of(
            new PageCountRule(),
            new TrimRule(),
            new MarginRule(),
            new SpineTextRule(),
            new BarcodeRule(),
            new TitleRule(),
            new LettersRule(),
            new ThicknessRule(),
            new CoverSheetRule(),
            new PriceRule(),
            new NamesRule(),
            new EdgeRule(),
            new IsbnRule(),
            new LastPageRule(),
            new PdfStandardRule(),
            new UnknownFieldRule());

    /** Rules that look at every page, made anew for each check. */
    private static List<PageRule> pageRules() {
        return List.of(
                new SafeAreaRule(),
                new BleedRule(),
                LineRule.faint(),
                LineRule.thin(),
                LineRule.dotted(),
                new ColourRule(),
                new TextSizeRule(),
                new ContrastRule(),
                new CoverageRule(),
                new RichTextRule(),
                new TintRule(),
                new LinkRule(),
                new MirrorRule(),
                new ContentsRule(),
                new LicenceRule(),
                new BackToBackRule(),
                new FileSizeRule(),
                new TransparencyRule(),
                new SquareRule(),
                new PageLettersRule(),
                new FitRule(),
                new WaitingRule(),
                new RepeatedDateRule(),
                new PictureRule(),
                new HolesRule(),
                new UnknownPartRule());
    }

    private static final List<String> LOOKED_AT = List.of(
            Wording.of("check.checker.page-count-range-multiple"),
            Wording.of("check.checker.trim-whether-press-makes"),
            Wording.of("check.checker.gutter-outside-foot-margins"),
            Wording.of("check.checker.bleed-whether-what-runs"),
            Wording.of("check.checker.lines-whether-they-dark"),
            Wording.of("check.checker.colours-whether-inside-printed"),
            Wording.of("check.checker.spine-whether-words-allowed"),
            Wording.of("check.checker.back-whether-words-stand"),
            Wording.of("check.checker.title-whether-typeface-has"),
            Wording.of("check.checker.thickness-whether-staples-or"),
            Wording.of("check.checker.your-prices-whether-copy"),
            Wording.of("check.checker.letters-on-pages-whether"),
            Wording.of("check.checker.pictures-whether-they-there"),
            Wording.of("check.checker.room-whether-every-page"),
            Wording.of("check.checker.waiting-pages"),
            Wording.of("check.checker.dates"),
            Wording.of("check.checker.type-whether-large"),
            Wording.of("check.checker.ink-whether-dries"),
            Wording.of("check.checker.squares"),
            Wording.of("check.checker.names"),
            Wording.of("check.checker.edge"),
            Wording.of("check.checker.holes"),
            Wording.of("check.checker.last-page"),
            Wording.of("check.checker.kind-pdf-press-wants"),
            Wording.of("check.checker.rich-text"),
            Wording.of("check.checker.links"),
            Wording.of("check.checker.mirrored"),
            Wording.of("check.checker.contents"),
            Wording.of("check.checker.licences"),
            Wording.of("check.checker.one-isbn"),
            Wording.of("check.checker.parts-fields-newer-jorn"));

    private Checker() {}

    /** What the rules look at, in plain words. */
    public static List<String> lookedAt() {
        return LOOKED_AT;
    }

    /** All findings, the worst first. */
    public static List<Finding> check(Proof proof) {
        CheckRun run = begin(proof);
        run.finish();
        return run.findings();
    }

    /** A check that goes on page by page; the book as a whole has been looked at. */
    public static CheckRun begin(Proof proof) {
        return new CheckRun(proof, RULES, pageRules());
    }

    /**
     * A check of pages that were made elsewhere: by the rules that look at what is drawn, and no others.
     *
     * @param proof what is known of them, with the cover
     * @param pages each with its place in the book
     */
    public static List<Finding> checkElsewhere(Proof proof, List<Sighting> pages) {
        List<PageRule> rules = List.of(
                new SafeAreaRule(),
                new BleedRule(),
                LineRule.faint(),
                LineRule.thin(),
                new ColourRule(),
                new TextSizeRule(),
                new ContrastRule(),
                new CoverageRule(),
                new RichTextRule(),
                new LinkRule(),
                new MirrorRule(),
                new ContentsRule(),
                new PictureRule());
        List<Finding> found = new ArrayList<>();
        if (!proof.elsewhere().map(c -> c.marks().isEmpty()).orElse(true)) {
            new BarcodeRule().look(proof, found::add);
        }
        for (Sighting page : pages) {
            rules.forEach(rule -> rule.look(proof, page, found::add));
        }
        rules.forEach(rule -> rule.end(proof, found::add));
        found.sort(Comparator.comparing(Finding::severity));
        return List.copyOf(found);
    }

    /** Whether a press would refuse the book. */
    public static boolean hasErrors(List<Finding> findings) {
        return findings.stream().anyMatch(f -> f.severity() == Severity.ERROR);
    }
}
