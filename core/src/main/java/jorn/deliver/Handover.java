package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.book.Brief;
import jorn.edition.Edition;
import jorn.press.PdfRule;
import jorn.press.PrinterMark;

/**
 * What is handed over to a press: which files, in which colours, and as which kind of PDF.
 *
 * @param parts one for each file
 * @param standard that each file follows
 */
public record Handover(List<HandedFile> parts, FileStandard standard) {
    /**
     * One file.
     *
     * @param plan its sheets
     * @param colours in which they are written
     */
    public record HandedFile(SheetPlan plan, ColourPolicy colours) {}

    /**
     * What is asked for beside the pages.
     *
     * @param oneFile whether cover and inside come in one file
     * @param marks beside the trim of every sheet; may be none
     */
    public record Asked(boolean oneFile, Set<PrinterMark> marks) {
        public Asked {
            marks = Set.copyOf(marks);
        }

        /** What a press asks for itself. */
        public static Asked of(Optional<PdfRule> rule) {
            return new Asked(
                    rule.map(PdfRule::oneFile).orElse(false),
                    Set.copyOf(rule.map(PdfRule::marks).orElse(List.of())));
        }
    }

    public Handover {
        parts = List.copyOf(parts);
    }

    /** What the book's own press takes: the inside, and the cover where it wants one, as it asks for them. */
    public static Handover toPress(Edition edition) {
        return toPress(edition, Asked.of(edition.book().brief().press().pdf()));
    }

    /**
     * What the book's own press takes, with marks, and in one file or two, as the user asks.
     */
    public static Handover toPress(Edition edition, Asked asked) {
        Brief brief = edition.book().brief();
        ColourPolicy outside = outside(brief);
        ColourPolicy inside = inside(brief);
        SheetPlan pages = new SinglePages(edition);
        boolean covered = edition.cover().geometry().isDelivered();
        List<HandedFile> parts = new ArrayList<>();
        if (covered && asked.oneFile()) {
            // One file has one set of colours, and the cover needs its own.
            parts.add(new HandedFile(new WholeBook(new CoverSheets(edition), pages), outside));
        } else {
            parts.add(new HandedFile(pages, inside));
            if (covered) {
                parts.add(new HandedFile(new CoverSheets(edition), outside));
            }
        }
        return new Handover(
                parts.stream()
                        .map(p -> asked.marks().isEmpty()
                                ? p
                                : new HandedFile(
                                        new MarkedSheets(p.plan(), asked.marks(), edition.book()), p.colours()))
                        .toList(),
                standard(brief));
    }

    /** What each file follows. */
    public static FileStandard standard(Brief brief) {
        return FileStandard.of(brief.press().pdf());
    }

    /** The colours of the inside: black ink alone where no other was ordered. */
    public static ColourPolicy inside(Brief brief) {
        return brief.inkSet().blackOnly() && !isForScreens(brief.press().pdf()) ? ColourPolicy.GREY : outside(brief);
    }

    /** The colours of the cover. */
    public static ColourPolicy outside(Brief brief) {
        return outside(brief.press().pdf(), standard(brief));
    }

    private static boolean isForScreens(Optional<PdfRule> rule) {
        return rule.filter(r -> r.colour() == PdfRule.Colour.RGB).isPresent();
    }

    private static ColourPolicy outside(Optional<PdfRule> rule, FileStandard standard) {
        if (standard == FileStandard.X1A) {
            return ColourPolicy.FOUR_INKS;
        }
        return rule.map(r -> switch (r.colour()) {
                    case CMYK -> ColourPolicy.FOUR_INKS;
                    case GREY -> ColourPolicy.GREY;
                    case RGB -> ColourPolicy.SCREEN;
                })
                .orElse(ColourPolicy.AS_MIXED);
    }

    /** The plans of all files. */
    public List<SheetPlan> plans() {
        return parts.stream().map(HandedFile::plan).toList();
    }

    /** How many sheets all files have together. */
    public int sheets() {
        return plans().stream().mapToInt(SheetPlan::sheets).sum();
    }
}
