package jorn.desk.covers;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.book.CoverPlan;
import jorn.book.PartEdit;
import jorn.book.Share;
import jorn.cover.Cover;
import jorn.cover.Cover.PlacedPart;
import jorn.cover.Judgement;
import jorn.desk.model.Desk;
import jorn.print.raster.CoverLook;
import org.jspecify.annotations.Nullable;

/** The cover of the book on the desk: which of its parts is held, and what is changed of it. */
public final class CoverWork {
    private final Desk desk;
    private final ObjectProperty<Optional<String>> held = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Consumer<Ink>>> picking = new SimpleObjectProperty<>(Optional.empty());
    private @Nullable Cover judged;
    private @Nullable Judgement judgement;

    public CoverWork(Desk desk) {
        this.desk = desk;
    }

    /** Who waits for a colour to be taken up from the sheet. */
    ObjectProperty<Optional<Consumer<Ink>>> picking() {
        return picking;
    }

    Desk desk() {
        return desk;
    }

    /** Id of the part that is held. */
    public ObjectProperty<Optional<String>> held() {
        return held;
    }

    public Cover cover() {
        return desk.state().get().edition().cover();
    }

    public boolean isComposed() {
        return desk.book().cover().plan().isPresent();
    }

    public CoverPlan plan() {
        return desk.book().cover().plan().orElseGet(() -> CoverPlan.of("label"));
    }

    /** The part that is held, where it stands. */
    public Optional<PlacedPart> part() {
        return held.get().flatMap(this::part);
    }

    Optional<PlacedPart> part(String id) {
        return cover().parts().stream().filter(p -> p.part().id().equals(id)).findFirst();
    }

    public void design(String thing, UnaryOperator<CoverDesign> change) {
        desk.change(thing, b -> b.withCover(change.apply(b.cover())));
    }

    public void plan(String thing, UnaryOperator<CoverPlan> change) {
        design(thing, d -> d.planned(change));
    }

    /** Composes the cover otherwise; see {@link Book#wearing}. */
    void wear(String thing, UnaryOperator<CoverPlan> change) {
        desk.change(thing, b -> b.wearing(change));
    }

    /** Changes a part. */
    void edit(String part, String what, UnaryOperator<PartEdit> change) {
        plan("cover-" + part + "-" + what, p -> p.edited(part, change));
    }

    /** Puts a part elsewhere. */
    void place(PlacedPart part, Box to, String what) {
        Share share = Share.of(to, part.panel());
        edit(part.part().id(), what, e -> e.withAt(Optional.of(share)));
    }

    /** The book as it would be with another place of a part, to be looked at while it is dragged. */
    Book with(PlacedPart part, Box to) {
        Share share = Share.of(to, part.panel());
        return desk.book()
                .withCover(desk.book()
                        .cover()
                        .planned(p -> p.edited(part.part().id(), e -> e.withAt(Optional.of(share)))));
    }

    /** What a buyer would say of the front; reckoned once for each cover. */
    Judgement judgement() {
        Cover now = cover();
        if (judgement == null || judged != now) {
            judged = now;
            judgement = Judgement.of(desk.book(), now, CoverLook.ground(now));
        }
        return judgement;
    }
}
