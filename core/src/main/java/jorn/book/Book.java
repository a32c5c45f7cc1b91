package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.calendar.CalendarChoice;
import jorn.code.Isbn;
import jorn.json.Required;
import jorn.layout.Grid;
import jorn.measure.Length;
import jorn.recipe.Recipe;
import jorn.say.Wording;
import jorn.style.CoverDress;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import jorn.style.TypeChoice;

/**
 * A book and all that the user decides about it. A value: every change makes another book, so undo is the previous one.
 *
 * @param identity what it is called, and what it is
 * @param brief trim, pages, paper, binding, press
 * @param look typefaces and colours
 * @param interior what the inside is made of
 * @param calendar decisions about dates; undated where absent
 * @param cover how the cover is designed
 * @param plans prices, work and batches that the user reckons with
 * @param pictures the pictures that were brought in, by id
 */
@RecordBuilder
public record Book(
        @Required Identity identity,
        @Required Brief brief,
        @Required Look look,
        @Required Interior interior,
        CalendarChoice calendar,
        @Required CoverDesign cover,
        Plans plans,
        Map<String, Picture> pictures)
        implements BookBuilder.With {
    public Book {
        calendar = calendar == null ? CalendarChoice.UNDATED : calendar;
        plans = plans == null ? Plans.NONE : plans;
        pictures = pictures == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(pictures));
    }

    /** Whether the file needs bleed: because anything may run off the page, or because the user asks for it. */
    public boolean bleeds() {
        boolean covered = hasCoverOnPages()
                && brief.press().bleed().width().points() > 0
                && brief.press().cover().bleed().points() > 0;
        return covered || brief.bleed() || runs().stream().anyMatch(Run::reachesEdge);
    }

    /** Whether the composed cover stands on the first and the last page: where it was asked for, and no cover is handed over apart. */
    @JsonIgnore
    public boolean hasCoverOnPages() {
        return brief.coverOnPages() && cover.plan().isPresent() && !brief.hasCoverApart();
    }

    /**
     * The same with another composition or picture on its cover. Where no cover is handed over apart, it takes the place of the first and last page's
     * designs from then on, so that what was asked for is printed.
     */
    public Book wearing(UnaryOperator<CoverPlan> change) {
        Book worn = withCover(cover.planned(change));
        return brief.hasCoverApart() ? worn : worn.withBrief(brief.withCoverOnPages(true));
    }

    /** Whether it is taxed as stationery: by the user's word, or because what it began as is written in and not read. */
    @JsonIgnore
    public boolean isStationery() {
        return plans.selling().stationery().orElseGet(() -> Starter.isStationery(starter()));
    }

    /** The title, or a stand-in where there is none. */
    public String shownTitle() {
        return title().isBlank() ? Wording.of("book.book.untitled") : title().strip();
    }

    public String title() {
        return identity.title();
    }

    public String subtitle() {
        return identity.subtitle();
    }

    public String author() {
        return identity.author();
    }

    /** The number by which shops know it, with its hyphens; empty where it has none. */
    public String isbn() {
        return cover.plan().flatMap(p -> p.code().isbn()).map(Isbn::hyphenated).orElse("");
    }

    /** What it is, in a few words. */
    public String kind() {
        return identity.kind();
    }

    /** Id of the starter that it began as. */
    public String starter() {
        return identity.starter();
    }

    public TypeChoice type() {
        return look.type();
    }

    public Palette palette() {
        return look.palette();
    }

    /** How its pages are dressed. */
    public PageStyle style() {
        return look.style().orElseGet(StyleShelf::plain);
    }

    /** The lines on which everything stands. */
    public Grid grid() {
        return interior.pitch().map(p -> Grid.of(p, brief.trim())).orElse(Grid.FREE);
    }

    /** The same book and its cover in another style: with its faces and colours, in black alone where it is printed so. */
    public Book inStyle(PageStyle style) {
        CoverDress dress = style.dress().cover();
        return withInterior(interior.withPitch(interior.pitch().map(now -> pitchIn(style, now))))
                .withLook(Look.of(style, !brief.inkSet().blackOnly()))
                .withCover(dressed(dress));
    }

    /** The cover in the style's colours, and in the style's composition where it still has the one of the last style. */
    private CoverDesign dressed(CoverDress dress) {
        CoverDesign now = cover.withGround(dress.ground())
                .withPanel(dress.panel())
                .withPanelInk(dress.panelInk())
                .withTitleInk(dress.ink());
        String last = style().dress().cover().composition();
        return cover.plan()
                .filter(p -> p.composition().equals(last) && p.edits().isEmpty())
                .map(p -> now.withPlan(
                        Optional.of(p.withComposition(dress.composition()).withAccents(List.of()))))
                .orElse(now);
    }

    /** The style's pitch where it wants one; else the one that there is, unless it was the last style's. */
    private Length pitchIn(PageStyle style, Length now) {
        boolean lastStyles = look.style()
                .flatMap(s -> s.dress().pitch())
                .filter(now::isAbout)
                .isPresent();
        return style.dress().pitch().orElseGet(() -> lastStyles ? Specimen.pitch(brief.trim()) : now);
    }

    /** The same book on the lines of another pitch. */
    public Book onPitch(Length pitch) {
        return withInterior(interior.withPitch(Optional.of(pitch)));
    }

    public List<Run> runs() {
        return interior.runs();
    }

    public List<Cycle> cycles() {
        return interior.cycles();
    }

    public MarginChoice margins() {
        return interior.margins();
    }

    public BlanksAt blanksAt() {
        return interior.blanksAt();
    }

    public Furniture furniture() {
        return interior.furniture();
    }

    public Book withTitle(String title) {
        return withIdentity(identity.withTitle(title));
    }

    public Book withSubtitle(String subtitle) {
        return withIdentity(identity.withSubtitle(subtitle));
    }

    public Book withAuthor(String author) {
        return withIdentity(identity.withAuthor(author));
    }

    public Book withType(TypeChoice type) {
        return withLook(look.withType(type));
    }

    public Book withPalette(Palette palette) {
        return withLook(look.withPalette(palette));
    }

    public Book withRuns(List<Run> runs) {
        return withInterior(interior.withRuns(runs));
    }

    public Book withCycles(List<Cycle> cycles) {
        return withInterior(interior.withCycles(cycles));
    }

    /**
     * The same on other dates. Where the book gets its dates, pages of a design that stands for a day, a week or a month, and that filled the book
     * up, come round by the calendar from then on.
     */
    @Override
    public Book withCalendar(CalendarChoice now) {
        boolean becomesDated = calendar.from().isEmpty() && now.from().isPresent();
        Interior inside = becomesDated ? DatedRuns.counted(interior) : interior;
        return new Book(identity, brief, look, inside, now, cover, plans, pictures);
    }

    public Book withMargins(MarginChoice margins) {
        return withInterior(interior.withMargins(margins));
    }

    public Book withBlanksAt(BlanksAt blanksAt) {
        return withInterior(interior.withBlanksAt(blanksAt));
    }

    public Book withFurniture(Furniture furniture) {
        return withInterior(interior.withFurniture(furniture));
    }

    /** Where its file says something that this version does not know; it is kept and written back. */
    public List<String> unknownFields() {
        return identity.kept().paths();
    }

    /** The same book with a run changed. */
    public Book withRun(int index, UnaryOperator<Run> change) {
        List<Run> now = new ArrayList<>(runs());
        now.set(index, change.apply(now.get(index)));
        return withRuns(now);
    }

    /** The same book with one run's recipe changed. */
    public Book withRecipe(int run, UnaryOperator<Recipe> change) {
        return withRun(run, r -> r.withRecipe(change.apply(r.recipe())));
    }

    /** The same book with one more picture. */
    public Book with(Picture picture) {
        Map<String, Picture> now = new TreeMap<>(pictures);
        now.put(picture.id(), picture);
        return withPictures(now);
    }

    /** The run of a page that is not blank. */
    public Run runOf(Slot slot) {
        return runs().get(slot.run());
    }

    /** The design of a page that is not blank. */
    public Recipe recipeOf(Slot slot) {
        return exceptionOf(slot).orElseGet(() -> runOf(slot).design(slot.design()));
    }

    /** The design that this page has to itself, apart from its run's. */
    public Optional<Recipe> exceptionOf(Slot slot) {
        Map<PageKey, Recipe> exceptions = runOf(slot).exceptions();
        return exceptions.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(exceptions.get(slot.key(calendar.weeks())));
    }

    /** Which design a page has. */
    public Variant variantOf(Slot slot) {
        return new Variant(slot.run(), slot.design(), exceptionOf(slot).map(e -> slot.key(calendar.weeks())));
    }
}
