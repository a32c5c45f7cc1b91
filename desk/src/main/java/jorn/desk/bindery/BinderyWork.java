package jorn.desk.bindery;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.scene.image.Image;
import jorn.desk.model.Desk;
import jorn.desk.model.Hands;
import jorn.desk.model.Mishap;
import jorn.desk.view.Painter;
import jorn.edition.Edition;
import jorn.impose.BlankPlace;
import jorn.impose.FoldKind;
import jorn.impose.HandMark;
import jorn.impose.HandMarks;
import jorn.impose.PrinterTraits;
import jorn.impose.Punch;
import jorn.impose.Scheme;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.measure.PaperSize;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.bindery.BookPages;
import jorn.print.bindery.InkFinder;
import jorn.print.bindery.PageBoxes;
import jorn.print.bindery.PagePictures;
import jorn.print.bindery.PdfImposer;
import jorn.print.bindery.PdfSource;
import org.jspecify.annotations.Nullable;

/** What is bound, how, and what follows from it; read and laid beside the interface thread, all else used on it. */
public final class BinderyWork {
    private static final int PICTURE = 150;

    private final Desk desk;
    private final Hands hands = new Hands("bindery", Platform::runLater);
    private final Map<Integer, Image> pictures = new HashMap<>();
    private final Set<Integer> asked = new HashSet<>();
    private Runnable changed = () -> {};
    private Optional<Path> file = Optional.empty();
    private @Nullable Edition shownOf;
    private @Nullable Loaded loaded;
    private Scheme scheme = Scheme.of(FoldKind.NEST);
    private SheetSpec spec;
    private BlankPlace blanks = BlankPlace.AT_END;
    private boolean cropWhite;
    private final EnumSet<HandMark> marks = EnumSet.noneOf(HandMark.class);
    private Optional<Punch> punch = Optional.empty();
    private int wish;

    /**
     * What was read, and how it is laid.
     *
     * @param temporary whether the file was written to be bound, and goes when it is let go
     */
    record Loaded(PdfSource source, Path path, boolean temporary, PageBoxes boxes, SheetLayout layout) {}

    BinderyWork(Desk desk) {
        this.desk = desk;
        boolean inches = desk.unit().get() == Unit.INCH;
        spec = SheetSpec.of((inches ? PaperSize.LETTER : PaperSize.A4).size());
    }

    Desk desk() {
        return desk;
    }

    void setOnChange(Runnable listener) {
        changed = listener;
    }

    Scheme scheme() {
        return scheme;
    }

    SheetSpec spec() {
        return spec;
    }

    boolean cropWhite() {
        return cropWhite;
    }

    Set<HandMark> marks() {
        return marks;
    }

    BlankPlace blanks() {
        return blanks;
    }

    Optional<Punch> punch() {
        return punch;
    }

    void punch(Optional<Punch> holes) {
        punch = holes;
        changed.run();
    }

    PrinterTraits traits() {
        return desk.settings().printer();
    }

    /** What is being bound, if it is read. */
    Optional<Loaded> loaded() {
        return Optional.ofNullable(loaded);
    }

    /** The file that is bound instead of the book. */
    Optional<Path> file() {
        return file;
    }

    void change(UnaryOperator<SheetSpec> how) {
        spec = how.apply(spec);
        relay();
    }

    void fold(Scheme other) {
        scheme = other;
        relay();
    }

    void blanks(BlankPlace place) {
        blanks = place;
        relay();
    }

    void toggleCrop() {
        cropWhite = !cropWhite;
        relay();
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

    /** Binds another file, or the book again. */
    void take(Optional<Path> other) {
        file = other;
        read();
    }

    /** Reads the book where it has changed. */
    void show() {
        Edition now = desk.state().get().edition();
        if (file.isEmpty() && now != shownOf) {
            read();
        }
    }

    private void read() {
        Edition edition = desk.state().get().edition();
        shownOf = edition;
        Optional<Path> from = file;
        int own = ++wish;
        hands.fetch(
                () -> {
                    Path path = from.orElseGet(() -> BookPages.write(edition));
                    PdfSource source;
                    try {
                        source = PdfSource.open(path);
                    } catch (Trouble t) {
                        dropTemporary(path, from.isEmpty());
                        throw t;
                    }
                    return laid(source, path, from.isEmpty());
                },
                now -> {
                    if (own == wish) {
                        letGo();
                        pictures.clear();
                        asked.clear();
                        loaded = now;
                        now.source().missing().forEach(m -> desk.say("desk.bindery.missing", m.text()));
                        changed.run();
                    } else {
                        close(now);
                    }
                },
                e -> {
                    file = Optional.empty();
                    desk.tell(Mishap.told(e));
                    changed.run();
                });
    }

    private Loaded laid(PdfSource source, Path path, boolean temporary) {
        PageBoxes boxes = cropWhite ? PageBoxes.inked(source, new InkFinder(source)) : PageBoxes.whole(source);
        return new Loaded(
                source, path, temporary, boxes, SheetLayout.of(scheme, source.count(), blanks, spec, boxes.largest()));
    }

    /** Lays the same pages otherwise. */
    private void relay() {
        Loaded before = loaded;
        if (before == null) {
            return;
        }
        int own = ++wish;
        hands.fetch(
                () -> laid(before.source(), before.path(), before.temporary()),
                now -> {
                    if (own == wish) {
                        loaded = now;
                        changed.run();
                    }
                },
                e -> {
                    // What cannot be laid so is said; what was decided before stays.
                    scheme = before.layout().imposition().scheme();
                    spec = before.layout().spec();
                    blanks = BlankPlace.AT_END;
                    desk.tell(Mishap.told(e));
                    changed.run();
                });
    }

    /** A page, small; nothing until it is painted. */
    Optional<Image> picture(int page) {
        Loaded of = loaded;
        if (of != null && page > 0 && asked.add(page)) {
            hands.fetch(
                    () -> {
                        BufferedImage painted = PagePictures.of(of.source(), page, PICTURE);
                        return Painter.toImage(painted);
                    },
                    image -> {
                        if (loaded != null && loaded.source() == of.source()) {
                            pictures.put(page, image);
                            changed.run();
                        }
                    },
                    Mishap::log);
        }
        return Optional.ofNullable(pictures.get(page));
    }

    /** What writes the sheets. */
    PdfImposer imposer(Loaded of) {
        return new PdfImposer(of.source(), of.layout(), new HandMarks(of.layout(), marks, punch), of.boxes());
    }

    /** Does something with what is read, beside the interface thread, after what else is being done with it. */
    <T> void fetch(java.util.concurrent.Callable<T> work, java.util.function.Consumer<T> then) {
        hands.fetch(work, then, e -> desk.tell(Mishap.told(e)));
    }

    private void letGo() {
        Loaded before = loaded;
        loaded = null;
        if (before != null) {
            close(before);
        }
    }

    private void close(Loaded of) {
        hands.fetch(
                () -> {
                    of.source().close();
                    dropTemporary(of.path(), of.temporary());
                    return "";
                },
                done -> {},
                Mishap::log);
    }

    private static void dropTemporary(Path path, boolean temporary) {
        if (temporary) {
            try {
                Files.deleteIfExists(path);
            } catch (java.io.IOException e) {
                Mishap.log(e);
            }
        }
    }
}
