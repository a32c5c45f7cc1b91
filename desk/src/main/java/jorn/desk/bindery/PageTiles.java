package jorn.desk.bindery;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.content.Memo;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.Tiles;
import jorn.impose.PageRanges;
import jorn.measure.Trouble;
import jorn.print.bindery.JoinPart;
import jorn.print.bindery.PagePictures;
import jorn.print.bindery.PdfSource;
import jorn.say.Wording;

/** The pages of a file that is joined, small: dragged to another place, turned, taken out. The file itself is only read. */
final class PageTiles extends VBox {
    private static final int SIDE = 92;
    private static final int KEPT = 400;
    private static final double QUARTER = 90;

    private final BinderyWork work;
    private final PdfSource source;
    private final Consumer<JoinPart> changed;
    private final Memo<Integer, Image> pictures = new Memo<>(KEPT);
    private JoinPart part;
    private int chosen = -1;
    private boolean closed;

    /**
     * @param source is closed with {@link #close()}
     * @param changed hears of other pages, and of other turns
     */
    PageTiles(BinderyWork work, JoinPart part, PdfSource source, Consumer<JoinPart> changed) {
        super(6);
        this.work = work;
        this.part = part;
        this.source = source;
        this.changed = changed;
        setId("join-pages-shown");
        show();
    }

    /**
     * Shows what another hand changed, such as pages that were typed.
     *
     * @throws Trouble where there are no such pages; what was shown stays
     */
    void show(JoinPart now) {
        pages(now);
        part = now;
        show();
    }

    void close() {
        closed = true;
        work.fetch(
                () -> {
                    source.close();
                    return "";
                },
                done -> {});
    }

    private List<Integer> pages() {
        return pages(part);
    }

    private List<Integer> pages(JoinPart of) {
        return new ArrayList<>(PageRanges.of(of.pages().isBlank() ? "all" : of.pages(), source.count()));
    }

    /** Who holds a tile goes on holding it. */
    private void show() {
        FocusKeep.around(this, this, this::fill);
    }

    private void fill() {
        List<Integer> pages = pages();
        chosen = Math.min(chosen, pages.size() - 1);
        Button turn = deed("page-turn", "join-page-turn", () -> take(part.turned(pages.get(chosen), (int) QUARTER)));
        Button out = deed("page-out", "join-page-out", () -> remove(chosen));
        turn.setDisable(chosen < 0);
        out.setDisable(chosen < 0);
        Tiles tiles = new Tiles(
                "join-tile", new Faces(pages), new Tiles.Deeds(this::choose, this::move, this::remove), SIDE, chosen);
        getChildren().setAll(Labels.wrapped(Wording.of("desk.join.pages-so"), "soft"), tiles, new HBox(12, turn, out));
    }

    private Button deed(String what, String id, Runnable deed) {
        Button button =
                Labels.act(Wording.of("desk.join." + what), Wording.of("desk.join." + what + "-help"), () -> work.desk()
                        .attempt(deed));
        button.setId(id);
        return button;
    }

    private void choose(int index) {
        chosen = index;
        show();
    }

    private void move(int from, int to) {
        order(pages -> {
            pages.add(to, pages.remove(from));
            chosen = to;
            return pages;
        });
    }

    private void remove(int index) {
        work.desk()
                .attempt(() -> order(pages -> {
                    if (pages.size() == 1) {
                        throw Trouble.of("desk.join.no-page-left");
                    }
                    pages.remove(index);
                    return pages;
                }));
    }

    private void order(Function<List<Integer>, List<Integer>> how) {
        take(part.withPages(PageRanges.said(how.apply(pages()))));
    }

    private void take(JoinPart now) {
        part = now;
        changed.accept(now);
        show();
    }

    /** Pages as they come out: in their new order, turned. */
    private final class Faces implements Tiles.Faces {
        private final List<Integer> pages;

        Faces(List<Integer> pages) {
            this.pages = pages;
        }

        @Override
        public int count() {
            return pages.size();
        }

        @Override
        public String name(int index) {
            int page = pages.get(index);
            int turn = part.turnOf(page);
            return turn == 0 ? Integer.toString(page) : Wording.of("desk.join.page-turned", page, turn);
        }

        @Override
        public void paint(int index, Consumer<Image> show) {
            int page = pages.get(index);
            int turn = part.turnOf(page);
            int key = page * 4 + (int) (turn / QUARTER);
            pictures.find(key)
                    .ifPresentOrElse(
                            show,
                            () -> work.fetch(
                                    () -> closed
                                            ? java.util.Optional.<Image>empty()
                                            : java.util.Optional.of(pictures.of(key, () -> picture(page, turn))),
                                    image -> image.ifPresent(show)));
        }

        private Image picture(int page, int turn) {
            return Painter.toImage(PagePictures.of(source, page, SIDE, turn));
        }
    }
}
