package jorn.desk.model;

import jorn.say.Wording;

/** The five benches, in the order of the work. */
public enum BenchName {
    BRIEF(Wording.of("desk.bench-name.brief"), Wording.of("desk.bench-name.what-book-size-pages")),
    MAKEUP(Wording.of("desk.bench-name.make-up"), Wording.of("desk.bench-name.inside-every-page-how")),
    COVER(Wording.of("desk.bench-name.cover"), Wording.of("desk.bench-name.back-spine-front-one")),
    PROOF(Wording.of("desk.bench-name.proof"), Wording.of("desk.bench-name.what-must-mended-before")),
    DESPATCH(Wording.of("desk.bench-name.despatch"), Wording.of("desk.bench-name.files-for-press-written"));

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
