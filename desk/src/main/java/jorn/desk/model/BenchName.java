package jorn.desk.model;

/** The five benches, in the order of the work. */
public enum BenchName {
    BRIEF("Brief", "What the book is: size, pages, paper, binding, press."),
    MAKEUP("Make-up", "The inside: every page and how it is ruled."),
    COVER("Cover", "Back, spine and front as one sheet."),
    PROOF("Proof", "What must be mended before the book goes out."),
    DESPATCH("Despatch", "The files for the press, written and shown.");

    private final String title;
    private final String about;

    BenchName(String title, String about) {
        this.title = title;
        this.about = about;
    }

    public String title() {
        return title;
    }

    public String about() {
        return about;
    }
}
