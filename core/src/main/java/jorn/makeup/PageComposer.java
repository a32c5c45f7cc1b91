package jorn.makeup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Mirror;
import jorn.art.PageArt;
import jorn.art.Side;
import jorn.block.picture.Decoration;
import jorn.book.Book;
import jorn.book.Furniture;
import jorn.book.Pagination;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.book.Variant;
import jorn.content.Pending;
import jorn.layout.ArtCache;
import jorn.layout.BookLook;
import jorn.layout.ContentsEntry;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.PageFacts;
import jorn.layout.Placed;
import jorn.layout.Surface;
import jorn.recipe.Recipe;
import jorn.text.Voice;

/**
 * Makes the art of a book's pages. Pages are made when asked for; what is equal in everything that a design reads is drawn
 * once. Safe to use from several threads.
 */
public final class PageComposer {
    private final Book book;
    private final Pagination pagination;
    private final PageGeometry geometry;
    private final Folios folios;
    private final BookPages facts;
    private final BookLook look;
    private final Map<Variant, BookLook> looks = new ConcurrentHashMap<>();
    private final Map<Side, Frame> frames = new HashMap<>();
    private final Map<Variant, ArtCache> designs = new HashMap<>();
    private final Map<Behind, ArtCache> behind = new HashMap<>();
    private final Map<Variant, Boolean> showing = new HashMap<>();
    private final Map<Side, Map<List<Mark>, PageArt>> wholes =
            Map.of(Side.RECTO, new IdentityHashMap<>(), Side.VERSO, new IdentityHashMap<>());

    /** The decorations of a run on every other page. */
    private record Behind(int run, boolean turned) {}

    public PageComposer(Book book, Pagination pagination, PageGeometry geometry) {
        this.book = book;
        this.pagination = pagination;
        this.geometry = geometry;
        for (Side side : Side.values()) {
            frames.put(side, geometry.frame(side));
        }
        this.folios = new Folios(book, pagination);
        this.facts = new BookPages(book, pagination, folios);
        this.look = new BookLook(
                BookPages.words(book),
                Map.of(
                        Voice.HEADING, book.type().headingFace(),
                        Voice.BODY, book.type().bodyFace(),
                        Voice.FIGURES, book.type().figuresFace()),
                book.palette(),
                book.calendar(),
                ContentsLines.of(book, pagination, folios, facts),
                book.pictures(),
                book.style(),
                book.grid());
    }

    public Frame frame(Side side) {
        return Objects.requireNonNull(frames.get(side));
    }

    /** The page numbers as they are printed. */
    public Folios folios() {
        return folios;
    }

    /** What the contents list. */
    public List<ContentsEntry> contents() {
        return look.contents();
    }

    /** The look of a page: on a ruled page the lines' own spacing is the pitch. */
    private BookLook lookOf(Slot slot) {
        return looks.computeIfAbsent(book.variantOf(slot), v -> book.recipeOf(slot)
                .ruling()
                .filter(ruling -> look.grid().snaps() && Grid.canBe(ruling.spacing()))
                .map(ruling -> look.on(look.grid().at(ruling.spacing())))
                .orElse(look));
    }

    /** What is the same on all pages, and on the cover. */
    public BookLook look() {
        return look;
    }

    /**
     * A page as a surface: its measures, and the tree that stands on it.
     *
     * @param number of a page that is not blank
     */
    public Surface surface(int number) {
        Slot slot = pagination.page(number);
        Frame frame = frame(slot.side());
        return new Surface(
                Surface.SurfaceKind.PAGE, frame, room(slot), book.recipeOf(slot).root());
    }

    /**
     * The art of one page.
     *
     * @param number from 1 to the page count
     */
    public PageArt page(int number) {
        Slot slot = pagination.page(number);
        Frame frame = frame(slot.side());
        if (slot.isBlank()) {
            return new PageArt(frame.trim(), frame.bleed(), List.of());
        }
        Run run = book.runOf(slot);
        // Before anything is drawn, for a drawing keeps others waiting.
        slot.subjects().all().forEach(s -> {
            if (s instanceof Pending later) {
                later.await();
            }
        });
        PageFacts page = facts.of(slot);
        ArtCache.Art design = design(slot, page);
        Flow flow = new Flow(lookOf(slot), page, frame);
        List<Mark> furniture = new ArrayList<>(furniture(slot).marks(flow));
        if (book.grid().snaps()) {
            StyledFurniture styled = new StyledFurniture(flow, frame.text());
            furniture.addAll(styled.pageFrame(geometry.safe(slot.side())));
            if (book.furniture().monthMarks() && run.matter() == Run.Matter.BODY) {
                furniture.addAll(styled.monthMark(geometry.safe(slot.side())));
            }
        }
        if (furniture.isEmpty() && run.decorations().isEmpty()) {
            return design.repeated()
                    ? whole(slot, frame, design.marks())
                    : new PageArt(frame.trim(), frame.bleed(), design.marks());
        }
        List<Mark> marks = new ArrayList<>(decorations(run, slot, page));
        marks.addAll(design.marks());
        marks.addAll(furniture);
        return new PageArt(frame.trim(), frame.bleed(), marks);
    }

    /** A page as it looks when somebody has filled it in; for pictures, never for print. */
    public PageArt filledIn(int number) {
        PageArt bare = page(number);
        Slot slot = pagination.page(number);
        if (slot.isBlank()) {
            return bare;
        }
        List<Mark> marks = new ArrayList<>(bare.marks());
        Flow flow = flowOn(slot);
        Recipe recipe = book.recipeOf(slot);
        List<Mark> written = new ArrayList<>();
        Placed.fillIn(recipe.root(), room(slot), flow, new Hand(recipe.id(), flow, written));
        marks.addAll(isMirrored() ? Mirror.in(room(slot)).of(written) : written);
        return new PageArt(bare.trim(), bare.bleed(), marks);
    }

    /** A page with nothing but its design: the very same art for equal pages, so that painters need not compare it. */
    private PageArt whole(Slot slot, Frame frame, List<Mark> design) {
        synchronized (wholes) {
            return Objects.requireNonNull(wholes.get(slot.side()))
                    .computeIfAbsent(design, d -> new PageArt(frame.trim(), frame.bleed(), d));
        }
    }

    /**
     * Whether all pages of this page's design and side have the same art as it has. Asked of a page that has been made.
     *
     * <p>Not told of runs in which single pages differ, nor of books with page numbers or running heads.
     */
    public boolean isLikeAllOfItsRun(Slot slot) {
        Run run = book.runOf(slot);
        if (!book.furniture().equals(Furniture.NONE)
                || !run.decorations().isEmpty()
                || !run.exceptions().isEmpty()) {
            return false;
        }
        synchronized (designs) {
            ArtCache cache = designs.get(book.variantOf(slot));
            return cache != null && cache.isRepeated();
        }
    }

    private ArtCache.Art design(Slot slot, PageFacts page) {
        Recipe recipe = book.recipeOf(slot);
        ArtCache cache;
        synchronized (designs) {
            cache = designs.computeIfAbsent(
                    book.variantOf(slot),
                    v -> new ArtCache((room, flow) -> {
                        List<Mark> marks = new ArrayList<>();
                        recipe.root().draw(room, flow, marks);
                        return isMirrored() ? Mirror.in(room).of(marks) : marks;
                    }));
        }
        return cache.art(lookOf(slot), page, within(slot), room(slot));
    }

    private List<Mark> decorations(Run run, Slot slot, PageFacts page) {
        if (run.decorations().isEmpty()) {
            return List.of();
        }
        ArtCache cache;
        synchronized (behind) {
            cache = behind.computeIfAbsent(
                    new Behind(slot.run(), slot.index() % 2 == 1),
                    b -> new ArtCache((safe, flow) -> {
                        List<Mark> marks = new ArrayList<>();
                        for (Decoration d : run.decorations()) {
                            marks.addAll(d.draw(safe, flow, b.turned()));
                        }
                        return marks;
                    }));
        }
        return cache.art(look, page, frame(slot.side()), geometry.safe(slot.side()))
                .marks();
    }

    /** Whether the design of a page shows what the page is about, such as its date. */
    public synchronized boolean showsSubject(Slot slot) {
        return !slot.isBlank()
                && showing.computeIfAbsent(book.variantOf(slot), v -> {
                    Flow flow = flowOn(slot);
                    book.recipeOf(slot).root().draw(room(slot), flow, new ArrayList<>());
                    return flow.hasReadSubject();
                });
    }

    /** Page number and running head of one page. */
    private PageFurniture furniture(Slot slot) {
        boolean numbered = !folios.of(slot.number()).isEmpty();
        boolean body = book.runOf(slot).matter() == Run.Matter.BODY;
        return new PageFurniture(
                book.furniture(),
                numbered,
                body,
                frame(slot.side()).text(),
                lookOf(slot).grid());
    }

    /** Where the design of a page lies: inside the margins, without the room for number and running head. */
    public Box room(Slot slot) {
        return furniture(slot).room();
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
        if (slot.isBlank()) {
            return List.of();
        }
        List<Placed> laidOut = Placed.of(book.recipeOf(slot).root(), room(slot), flowOn(slot));
        return isMirrored() ? laidOut.stream().map(p -> seen(p, slot)).toList() : laidOut;
    }

    /** A part as it lies on a page that is laid out from the right. */
    private Placed seen(Placed part, Slot slot) {
        return new Placed(part.path(), part.node(), Mirror.in(room(slot)).of(part.box()));
    }

    /** Whether designs are laid out from the right. */
    private boolean isMirrored() {
        return book.calendar().isRightToLeft();
    }

    /**
     * A part of a page that has too little room.
     *
     * @param placed the part and where it lies
     * @param lack what it has no room for
     */
    public record LackOfPart(Placed placed, Lack lack) {}

    /** The parts of a page that have too little room; none on a blank page. */
    public List<LackOfPart> lacks(int number) {
        Slot slot = pagination.page(number);
        if (slot.isBlank()) {
            return List.of();
        }
        Flow flow = flowOn(slot);
        List<LackOfPart> all = new ArrayList<>();
        for (Placed placed : Placed.of(book.recipeOf(slot).root(), room(slot), flow)) {
            placed.node()
                    .lack(placed.box(), flow)
                    .ifPresent(l -> all.add(new LackOfPart(isMirrored() ? seen(placed, slot) : placed, l)));
        }
        return all;
    }

    /** The flow of a page's design, whose frame is without the room for number and running head. */
    private Flow flowOn(Slot slot) {
        return new Flow(lookOf(slot), facts.of(slot), within(slot));
    }

    private Frame within(Slot slot) {
        Frame frame = frame(slot.side()).withText(room(slot));
        return isMirrored() ? Mirror.in(room(slot)).of(frame) : frame;
    }
}
