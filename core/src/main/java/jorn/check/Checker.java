package jorn.check;

import java.util.List;
import jorn.check.Finding.Severity;

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
            new PdfStandardRule(),
            new UnknownFieldRule());

    /** Rules that look at every page, made anew for each check. */
    private static List<PageRule> pageRules() {
        return List.of(
                new SafeAreaRule(),
                new BleedRule(),
                LineRule.faint(),
                LineRule.thin(),
                new ColourRule(),
                new PageLettersRule(),
                new FitRule(),
                new PictureRule(),
                new UnknownPartRule());
    }

    private static final List<String> LOOKED_AT = List.of(
            "The page count: range and multiple of the press.",
            "The trim: whether the press makes it.",
            "Gutter, outside and foot margins, and whether any art stands outside them.",
            "Bleed: whether what runs off the page can be printed.",
            "Lines: whether they are dark and heavy enough to print.",
            "Colours: whether the inside is printed in more than black.",
            "The spine: whether its words are allowed and fit.",
            "The back: whether words stand where the barcode goes.",
            "The title, and whether its typeface has all its letters.",
            "Thickness: whether the staples or the coil can hold it.",
            "Your prices: whether a copy costs more than it brings.",
            "Letters on the pages: whether the typefaces have those of the language.",
            "Pictures: whether they are there, and have pixels enough.",
            "Room: whether every page design fits its page.",
            "The kind of PDF that the press wants.",
            "Parts and fields of a newer Jorn that this one does not know.");

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

    /** Whether a press would refuse the book. */
    public static boolean hasErrors(List<Finding> findings) {
        return findings.stream().anyMatch(f -> f.severity() == Severity.ERROR);
    }
}
