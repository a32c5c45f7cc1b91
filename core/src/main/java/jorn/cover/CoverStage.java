package jorn.cover;

import java.util.Locale;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.book.BackMatter;
import jorn.book.Book;
import jorn.book.CoverPicture;
import jorn.book.CoverPlan;
import jorn.layout.Flow;

/** What parts of a cover know while they draw: words, faces, colours, the picture, the pages inside, the panel that they stand on. */
public final class CoverStage {
    private final Book book;
    private final Flow flow;
    private final CoverColours colours;
    private final InsidePages insides;
    private final Box panel;
    private final double height;
    private double wordsEnd;

    CoverStage(Book book, Flow flow, CoverColours colours, InsidePages insides, Box panel, double height) {
        this.book = book;
        this.flow = flow;
        this.colours = colours;
        this.insides = insides;
        this.panel = panel;
        this.height = height;
    }

    public Book book() {
        return book;
    }

    public Flow flow() {
        return flow;
    }

    public Ink ink(CoverRole role) {
        return colours.ink(role);
    }

    public CoverColours colours() {
        return colours;
    }

    /** For the style's ornaments. */
    public Palette palette(boolean onPaper) {
        return colours.palette(onPaper);
    }

    public CoverPlan plan() {
        return book.cover().plan().orElseThrow();
    }

    public BackMatter back() {
        return plan().back();
    }

    public InsidePages insides() {
        return insides;
    }

    /** The panel that is drawn on, without bleed. */
    public Box panel() {
        return panel;
    }

    /** Height of the front, from which sizes follow. */
    public double height() {
        return height;
    }

    /** Notes where words that were drawn end, so that what follows them can come nearer. */
    public void wordsEndAt(double y) {
        wordsEnd = y;
    }

    /** Where the words before end; 0 where there are none. */
    public double wordsEnd() {
        return wordsEnd;
    }

    /** What chance begins with, another for each part. */
    public long seed(String part) {
        return plan().seed() * 1_000_003 + part.hashCode();
    }

    /** How the book's picture stands, where there is one that can be shown. */
    public Optional<CoverPicture> picture() {
        return plan().picture().filter(p -> pictureFile(p).isPresent());
    }

    public Optional<Picture> pictureFile(CoverPicture shown) {
        return Optional.ofNullable(book.pictures().get(shown.picture())).filter(p -> !p.isMissing());
    }

    /** Of the book's language. */
    public Locale locale() {
        return Locale.forLanguageTag(book.calendar().language());
    }

    /** What is printed for a text, with the fields of covers filled too. */
    public String fill(String text) {
        String now = text.replace("{publisher}", publisher())
                .replace("{price}", back().price())
                .replace("{headline}", headline())
                .replace("{year.lines}", year(true))
                .replace("{year}", year(false))
                .replace("{initial}", initial());
        return flow.fill(now);
    }

    private String publisher() {
        return back().publisher().isBlank() ? book.author() : back().publisher();
    }

    private String headline() {
        String own = back().headline();
        return own.isBlank() ? book.subtitle().isBlank() ? book.title() : book.subtitle() : own;
    }

    /** The year of a dated book; else the first letter of its title. */
    private String year(boolean onTwoLines) {
        return book.calendar()
                .from()
                .map(d -> String.valueOf(d.getYear()))
                .map(y -> onTwoLines && y.length() == 4 ? y.substring(0, 2) + "\n" + y.substring(2) : y)
                .orElseGet(this::initial);
    }

    private String initial() {
        String title = book.title().strip();
        return title.isEmpty()
                ? ""
                : title.substring(0, title.offsetByCodePoints(0, 1)).toUpperCase(locale());
    }
}
