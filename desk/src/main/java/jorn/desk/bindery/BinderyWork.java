package jorn.desk.bindery;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.scene.image.Image;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.content.Memo;
import jorn.desk.model.Desk;
import jorn.desk.model.Hands;
import jorn.desk.model.Mishap;
import jorn.desk.view.Painter;
import jorn.edition.Edition;
import jorn.impose.BlankPlace;
import jorn.impose.FoldKind;
import jorn.impose.HandMark;
import jorn.impose.HandMarks;
import jorn.impose.LayoutWords;
import jorn.impose.PressSheet;
import jorn.impose.PrinterTraits;
import jorn.impose.Punch;
import jorn.impose.Scheme;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.impose.Unprinted;
import jorn.measure.Length;
import jorn.measure.PaperSize;
import jorn.measure.Unit;
import jorn.print.bindery.BookPages;
import jorn.print.bindery.InkFinder;
import jorn.print.bindery.LostInk;
import jorn.print.bindery.PageBoxes;
import jorn.print.bindery.PagePictures;
import jorn.print.bindery.PdfImposer;
import jorn.print.bindery.PdfSource;
import org.jspecify.annotations.Nullable;

/** What is bound, how, and what follows from it; read and laid beside the interface thread, all else used on it. */
public final class BinderyWork {
    private static final int PICTURE = 150;
    private static final int PICTURES_KEPT = 300;
    private static final int LOOKED_AT = 8;
    private static final Length MOST_CALIPER = Length.mm(1);

    private final Desk desk;
    private final Hands hands = new Hands("bindery", Platform::runLater);
    private final EnumSet<HandMark> marks = EnumSet.noneOf(HandMark.class);
    private final Set<Integer> asked = new HashSet<>();
    private Memo<Integer, Image> pictures = new Memo<>(PICTURES_KEPT);
    private Runnable changed = () -> {};
    private Runnable painted = () -> {};
    private Optional<Path> file = Optional.empty();
    /** What waits for the word that opens it. */
    private Optional<Path> locked = Optional.empty();

    private Optional<Punch> punch = Optional.empty();
    private @Nullable Edition shownOf;
    private @Nullable Loaded loaded;
    private Decisions how;
    /** Pages that lose ink in the printer's rim, as far as they have been looked at. */
    private final Set<Integer> losing = new TreeSet<>();
    /** Likewise to holes. */
    private final Set<Integer> punched = new TreeSet<>();

    private int looks;

    private boolean measured;
    private int reads;
    private boolean reading;

    /**
     * What is decided before pages can be laid.
     *
     * @param cropWhite whether white margins are left out
     */
    record Decisions(Scheme scheme, SheetSpec spec, BlankPlace blanks, boolean cropWhite) {}

    /** What was read, and how it is laid. */
    record Loaded(PdfSource source, InkFinder ink, Decisions how, PageBoxes boxes, SheetLayout layout) {
        static Loaded of(PdfSource source, InkFinder ink, Decisions how) {
            PageBoxes boxes = how.cropWhite() ? PageBoxes.inked(source, ink) : PageBoxes.whole(source);
            SheetLayout layout =
                    SheetLayout.of(how.scheme(), source.count(), how.blanks(), how.spec(), boxes.largest());
            return new Loaded(source, ink, how, boxes, layout);
        }
    }

    BinderyWork(Desk desk) {
        this.desk = desk;
        PaperSize customary = desk.unit().get() == Unit.INCH ? PaperSize.LETTER : PaperSize.A4;
        how = new Decisions(
                Scheme.of(FoldKind.NEST),
                SheetSpec.of(customary.size()).withRim(traits().rim()).withCaliper(leaf(desk.book())),
                BlankPlace.AT_END,
                false);
    }

    /** How thick a leaf of the book's paper is: the best guess as long as nobody has measured. */
    private static Length leaf(Book book) {
        Brief brief = book.brief();
        Length thick = brief.paperStock().page(brief.press().name()).length().times(2);
        return thick.points() > MOST_CALIPER.points() ? Length.ZERO : thick;
    }

    Desk desk() {
        return desk;
    }

    /** Who hears of other decisions and pages. */
    void setOnChange(Runnable listener) {
        changed = listener;
    }

    /** Who hears that one more page is painted. */
    void setOnPainted(Runnable listener) {
        painted = listener;
    }

    Decisions how() {
        return how;
    }

    Set<HandMark> marks() {
        return marks;
    }

    Optional<Punch> punch() {
        return punch;
    }

    PrinterTraits traits() {
        return desk.settings().printer();
    }

    /** What is being bound, if it is read. */
    Optional<Loaded> loaded() {
        return Optional.ofNullable(loaded);
    }

    /** What hands should know before they print, in words; pages are looked at one after the other, so that there may come more. */
    List<String> cautions() {
        List<String> all = new ArrayList<>();
        loaded().ifPresent(l -> all.addAll(LayoutWords.cautions(l.layout())));
        if (!losing.isEmpty()) {
            all.add(LostInk.toldOfRim(losing));
        }
        if (!punched.isEmpty()) {
            all.add(LostInk.toldOfHoles(punched));
        }
        return all;
    }

    /** The file that is bound instead of the book. */
    Optional<Path> file() {
        return file;
    }

    /** A file that is to be bound, but is locked. */
    Optional<Path> locked() {
        return locked;
    }

    void change(UnaryOperator<SheetSpec> change) {
        decide(new Decisions(how.scheme(), change.apply(how.spec()), how.blanks(), how.cropWhite()));
    }

    /** How thick a sheet was measured to be; the paper of the book no longer counts. */
    void caliper(Length thick) {
        change(s -> s.withCaliper(thick));
        measured = true;
    }

    void fold(Scheme scheme) {
        decide(new Decisions(scheme, how.spec(), how.blanks(), how.cropWhite()));
    }

    void blanks(BlankPlace place) {
        decide(new Decisions(how.scheme(), how.spec(), place, how.cropWhite()));
    }

    void toggleCrop() {
        decide(new Decisions(how.scheme(), how.spec(), how.blanks(), !how.cropWhite()));
    }

    void punch(Optional<Punch> holes) {
        punch = holes;
        loaded().ifPresent(this::lookForLosses);
        changed.run();
    }

    void toggle(HandMark mark) {
        if (!marks.remove(mark)) {
            marks.add(mark);
        }
        changed.run();
    }

    void traits(PrinterTraits now) {
        desk.settings().setPrinter(now);
        change(s -> s.withRim(now.rim()));
    }

    /** Reads the book where it has changed. */
    void show() {
        Edition now = desk.state().get().edition();
        if (file.isEmpty() && !reading && now != shownOf) {
            take(Optional.empty());
        }
    }

    /** Binds another file, or the book again; where it cannot be read, what was bound stays. */
    void take(Optional<Path> from) {
        take(from, Optional.empty());
    }

    /** @param word that opens it, where it is locked */
    void take(Optional<Path> from, Optional<String> word) {
        locked = Optional.empty();
        Edition edition = desk.state().get().edition();
        if (from.isEmpty()) {
            shownOf = edition;
            if (!measured) {
                how = new Decisions(
                        how.scheme(), how.spec().withCaliper(leaf(edition.book())), how.blanks(), how.cropWhite());
            }
        }
        Decisions wanted = how;
        int own = ++reads;
        reading = true;
        hands.fetch(
                () -> {
                    PdfSource source = from.map(f -> PdfSource.open(f, word)).orElseGet(() -> BookPages.open(edition));
                    try {
                        return Loaded.of(source, new InkFinder(source), wanted);
                    } catch (RuntimeException e) {
                        source.close();
                        throw e;
                    }
                },
                now -> {
                    if (own == reads) {
                        reading = false;
                        file = from;
                        lay(now);
                    } else {
                        close(now);
                    }
                },
                e -> {
                    if (own == reads) {
                        reading = false;
                        locked = PdfSource.wantsWord(e) ? from : Optional.empty();
                        desk.tell(Mishap.told(e));
                        changed.run();
                    }
                });
    }

    private void lay(Loaded now) {
        loaded().ifPresent(this::close);
        pictures = new Memo<>(PICTURES_KEPT);
        asked.clear();
        loaded = now;
        lookForLosses(now);
        now.source().missing().forEach(m -> desk.say("desk.bindery.missing", m.text()));
        changed.run();
        if (!how.equals(now.how())) {
            decide(how);
        }
    }

    /** Looks for ink that is lost in the printer's rim or to holes. */
    private void lookForLosses(Loaded of) {
        losing.clear();
        punched.clear();
        looks++;
        SheetSpec spec = of.how().spec();
        boolean rim = !spec.inside() && !spec.rim().equals(Unprinted.NONE);
        Optional<Punch> holes = punch.filter(p -> of.how().scheme().kind().isPunched());
        if (rim || holes.isPresent()) {
            lookForLosses(of, new LostInk(of.layout(), of.boxes(), of.ink()), rim, holes, 0, looks);
        }
    }

    private record Losses(Set<Integer> rim, Set<Integer> holes) {}

    /** A few sheets at once, so that pictures of pages come in between. */
    private void lookForLosses(Loaded of, LostInk lost, boolean rim, Optional<Punch> holes, int from, int look) {
        List<PressSheet> sheets = of.layout().imposition().sheets();
        int to = Math.min(sheets.size(), from + LOOKED_AT);
        List<PressSheet> some = sheets.subList(from, to);
        hands.fetch(
                () -> new Losses(
                        rim ? lost.inRim(some) : Set.of(),
                        holes.map(p -> lost.inHoles(some, p)).orElse(Set.of())),
                found -> {
                    if (look != looks) {
                        return;
                    }
                    boolean more = losing.addAll(found.rim());
                    more |= punched.addAll(found.holes());
                    if (more) {
                        changed.run();
                    }
                    if (to < sheets.size()) {
                        lookForLosses(of, lost, rim, holes, to, look);
                    }
                },
                Mishap::log);
    }

    /** Lays the same pages so; what is being read is laid so when it has come. */
    private void decide(Decisions now) {
        how = now;
        changed.run();
        Loaded before = loaded;
        if (before == null || reading) {
            return;
        }
        hands.fetch(
                () -> Loaded.of(before.source(), before.ink(), now),
                laid -> {
                    if (isBound(before.source()) && now.equals(how)) {
                        loaded = laid;
                        lookForLosses(laid);
                        changed.run();
                    }
                },
                e -> {
                    // What cannot be laid so is said; what was decided before stays, unless something else was decided
                    // since.
                    if (now.equals(how)) {
                        how = loaded == null ? before.how() : loaded.how();
                        desk.tell(Mishap.told(e));
                        changed.run();
                    }
                });
    }

    @SuppressWarnings("ReferenceEquality") // the very same file, opened once, is meant
    private boolean isBound(PdfSource source) {
        return loaded != null && loaded.source() == source;
    }

    /** A page, small; nothing until it is painted. */
    Optional<Image> picture(int page) {
        Optional<Image> known = pictures.find(page);
        Loaded of = loaded;
        if (known.isEmpty() && of != null && asked.add(page)) {
            hands.fetch(
                    () -> Painter.toImage(
                            PagePictures.of(of.source(), page, of.boxes().of(page), PICTURE)),
                    image -> {
                        if (isBound(of.source())) {
                            asked.remove(page);
                            pictures.of(page, () -> image);
                            painted.run();
                        }
                    },
                    Mishap::log);
        }
        return known;
    }

    /** What writes the sheets. */
    PdfImposer imposer(Loaded of) {
        return new PdfImposer(of.source(), of.layout(), new HandMarks(of.layout(), marks, punch), of.boxes());
    }

    /** Does something with what is read, beside the interface thread, after what else is being done with it. */
    <T> void fetch(Callable<T> work, Consumer<T> then) {
        hands.fetch(work, then, e -> desk.tell(Mishap.told(e)));
    }

    private void close(Loaded of) {
        hands.fetch(
                () -> {
                    of.source().close();
                    return "";
                },
                done -> {},
                Mishap::log);
    }
}
