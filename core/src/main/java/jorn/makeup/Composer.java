package jorn.makeup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.PageFrame;
import jorn.art.Side;
import jorn.art.Stamp;
import jorn.book.Book;
import jorn.book.Folios;
import jorn.book.Pagination;
import jorn.book.Pagination.Slot;
import jorn.book.Run;
import jorn.calendar.Occasion;
import jorn.recipe.Decoration;
import jorn.recipe.Flow;
import jorn.recipe.Placed;
import jorn.recipe.Recipe;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface;

/**
 * Makes the art of a book's pages: Book → Pagination → PageArt. Pages are made when asked for; a recipe that does not vary
 * from page to page is drawn once for each side and stamped on all its pages. Safe to use from several threads.
 */
public final class Composer {
    private final Book book;
    private final Pagination pagination;
    private final PageGeometry geometry;
    private final Map<Side, PageFrame> frames = new HashMap<>();
    private final Map<Key, PageArt> made = new HashMap<>();

    private final Folios folios;
    private final List<Flow.Entry> contents;
    private final Map<Voice, Typeface> faces;

    private record Key(String variant, Side side, Occasion occasion, int turn) {}

    public Composer(Book book) {
        this.book = book;
        this.pagination = Pagination.of(book);
        this.geometry = PageGeometry.of(book, pagination.pageCount());
        for (Side side : Side.values()) {
            frames.put(side, geometry.frame(side));
        }
        this.folios = new Folios(book, pagination);
        this.contents = Contents.of(book, pagination, folios);
        this.faces = Map.of(
                Voice.HEADING, book.type().headingFace(),
                Voice.BODY, book.type().bodyFace(),
                Voice.FIGURES, book.type().figuresFace());
    }

    public Book book() {
        return book;
    }

    public Pagination pagination() {
        return pagination;
    }

    public PageGeometry geometry() {
        return geometry;
    }

    public PageFrame frame(Side side) {
        return frames.get(side);
    }

    /** The page numbers as they are printed. */
    public Folios folios() {
        return folios;
    }

    /** What the contents list. */
    public List<Flow.Entry> contents() {
        return contents;
    }

    /**
     * The art of one page.
     *
     * @param number from 1 to the page count
     */
    public PageArt page(int number) {
        Slot slot = pagination.page(number);
        PageFrame frame = frames.get(slot.side());
        if (slot.isBlank()) {
            return new PageArt(frame.trim(), frame.bleed(), List.of());
        }
        Run run = book.runs().get(slot.run());
        List<Mark> furniture = furniture(slot, frame).marks(flow(frame, slot));
        if (furniture.isEmpty() && run.decorations().isEmpty()) {
            return design(slot);
        }
        List<Mark> marks = new ArrayList<>(decorations(run, slot, frame));
        marks.addAll(design(slot).marks());
        marks.addAll(furniture);
        return new PageArt(frame.trim(), frame.bleed(), marks);
    }

    /** The art of the page's design alone. */
    private PageArt design(Slot slot) {
        Recipe recipe = book.recipeOf(slot);
        if (recipe.variesByPage()) {
            return draw(recipe, slot);
        }
        boolean dated = recipe.variesByOccasion();
        Occasion occasion = dated ? slot.occasion() : Occasion.NONE;
        synchronized (made) {
            Key key = new Key(book.variantOf(slot), slot.side(), occasion, -1);
            PageArt known = made.get(key);
            if (known == null) {
                known = dated ? draw(recipe, slot) : repeated(recipe, slot);
                made.put(key, known);
            }
            return known;
        }
    }

    /** A design that is the same on many pages: one stamp, which versos share with rectos where it only stands elsewhere. */
    private PageArt repeated(Recipe recipe, Slot slot) {
        if (slot.side() == Side.RECTO || recipe.variesBySide()) {
            return stamped(draw(recipe, slot));
        }
        PageFrame frame = frames.get(slot.side());
        PageFrame recto = frames.get(Side.RECTO);
        PageArt art = made.computeIfAbsent(
                new Key(book.variantOf(slot), Side.RECTO, Occasion.NONE, -1),
                k -> stamped(new PageArt(recto.trim(), recto.bleed(), recipe.draw(flow(within(recto, slot), slot)))));
        double dx = frame.text().x() - recto.text().x();
        List<Mark> moved = art.marks().stream()
                .<Mark>map(m -> new Mark.Place(((Mark.Place) m).stamp(), dx, 0))
                .toList();
        return new PageArt(frame.trim(), frame.bleed(), moved);
    }

    private List<Mark> decorations(Run run, Slot slot, PageFrame frame) {
        if (run.decorations().isEmpty()) {
            return List.of();
        }
        synchronized (made) {
            return made.computeIfAbsent(
                            new Key("", slot.side(), Occasion.item("", slot.run()), slot.index() % 2), k -> {
                                List<Mark> marks = new ArrayList<>();
                                for (Decoration d : run.decorations()) {
                                    marks.addAll(d.draw(geometry.safe(slot.side()), flow(frame, slot), slot.index()));
                                }
                                return stamped(new PageArt(frame.trim(), frame.bleed(), marks));
                            })
                    .marks();
        }
    }

    /** Page number and running head of one page. */
    private PageFurniture furniture(Slot slot, PageFrame frame) {
        boolean numbered = !folios.of(slot.number()).isEmpty();
        boolean body = book.runs().get(slot.run()).matter() == Run.Matter.BODY;
        return new PageFurniture(book.furniture(), numbered, body, frame.text());
    }

    /** Where the design of a page lies: inside the margins, without the room for number and running head. */
    public Box room(Slot slot) {
        return furniture(slot, frames.get(slot.side())).room();
    }

    /** The same art as one stamp, so that sinks keep it. */
    private static PageArt stamped(PageArt art) {
        return art.marks().isEmpty()
                ? art
                : new PageArt(art.trim(), art.bleed(), List.of(new Mark.Place(new Stamp(art.marks()), 0, 0)));
    }

    /**
     * The height that a page's design wants between the margins, and the height that it is given, in points.
     *
     * @param number of a page that is not blank
     */
    public List<Double> wantedAndGiven(int number) {
        Slot slot = pagination.page(number);
        Box room = room(slot);
        double wanted = book.recipeOf(slot).root().naturalHeight(room.width(), flowOn(slot));
        return List.of(wanted, room.height());
    }

    /**
     * The parts of a page's design and where they lie, the whole first, each before what is inside it.
     *
     * @param number from 1 to the page count; a blank page has none
     */
    public List<Placed> parts(int number) {
        Slot slot = pagination.page(number);
        return slot.isBlank() ? List.of() : Placed.of(book.recipeOf(slot).root(), room(slot), flowOn(slot));
    }

    private PageArt draw(Recipe recipe, Slot slot) {
        PageFrame frame = frames.get(slot.side());
        return new PageArt(frame.trim(), frame.bleed(), recipe.draw(flowOn(slot)));
    }

    /** The flow of a page's design, whose frame is without the room for number and running head. */
    private Flow flowOn(Slot slot) {
        return flow(within(frames.get(slot.side()), slot), slot);
    }

    private PageFrame within(PageFrame f, Slot slot) {
        return new PageFrame(
                f.side(),
                f.gutterAtLeft(),
                f.trim(),
                f.bleed(),
                furniture(slot, f).room());
    }

    private Flow flow(PageFrame frame, Slot slot) {
        Map<String, String> fields = new HashMap<>(DateFields.of(slot.occasion(), book.calendar()));
        fields.put("title", book.title().strip());
        fields.put("subtitle", book.subtitle().strip());
        fields.put("author", book.author().strip());
        fields.put("page", folios.of(slot.number()));
        fields.put("run", DateFields.fill(book.runs().get(slot.run()).name(), fields));
        return new Flow(
                frame, fields, faces, book.palette(), slot.occasion(), book.calendar(), contents, book.pictures());
    }
}
