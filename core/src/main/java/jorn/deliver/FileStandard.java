package jorn.deliver;

import java.util.Locale;
import java.util.Optional;
import jorn.press.PdfRule;

/** A kind of PDF that a press asks for. */
public enum FileStandard {
    /** An ordinary PDF with its boxes. */
    PLAIN("PDF"),
    /** Four inks, grey and inks of their own; nothing shines through, nothing is left to another program (ISO 15930-1:2001). */
    X1A("PDF/X-1a:2001"),
    /** As a press takes it that lays inks over each other itself (ISO 15930-7:2010). */
    X4("PDF/X-4");

    private final String called;

    FileStandard(String called) {
        this.called = called;
    }

    /** As the standard names itself: PDF/X-1a:2001. */
    public String called() {
        return called;
    }

    /** Whether what shines through has to be mixed before it is written. */
    public boolean isFlat() {
        return this == X1A;
    }

    /** The standard of this name, with or without its year; nothing where Jorn does not write it. */
    public static Optional<FileStandard> of(String name) {
        String wanted = name.toUpperCase(Locale.ROOT).replaceAll("\\s", "");
        if (wanted.isEmpty() || wanted.equals("PDF")) {
            return Optional.of(PLAIN);
        }
        if (wanted.matches("PDF/X-1A(:2001)?")) {
            return Optional.of(X1A);
        }
        return wanted.matches("PDF/X-4(:2010)?") ? Optional.of(X4) : Optional.empty();
    }

    /** What is written for a press with this rule; an ordinary PDF where it asks for something unknown. */
    static FileStandard of(Optional<PdfRule> rule) {
        return rule.flatMap(PdfRule::standard).flatMap(FileStandard::of).orElse(PLAIN);
    }
}
