package jorn.desk.bindery;

import java.nio.file.Path;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.say.Wording;

/** The parcels at Despatch: for the press, for one's own printer, for the copy shop, and files to join and split. */
public final class Parcels extends VBox {
    private final FlowPane words = new FlowPane(14, 4);
    private final VBox place = new VBox();
    private final Region press;
    private final BinderyPane printer;
    private final ShopPane shop;
    private final JoinPane join;
    private Parcel now = Parcel.PRESS;

    /** Whom it is for. */
    public enum Parcel {
        PRESS,
        PRINTER,
        SHOP,
        FILES;

        private String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * @param press all that belongs to the press's parcel
     * @param folder where files are written; may refuse
     */
    public Parcels(Desk desk, BookFiles files, Region press, Supplier<Path> folder) {
        super(12);
        this.press = press;
        BinderyWork work = new BinderyWork(desk);
        printer = new BinderyPane(desk, files, work, folder);
        shop = new ShopPane(desk, folder);
        join = new JoinPane(desk, files, work, folder);
        words.setId("parcels");
        getChildren().addAll(words, place);
        choose(Parcel.PRESS);
    }

    /** Words keep clear of what hangs in the corner at the right. */
    public void keepClear(double width) {
        words.setPadding(new Insets(0, width, 0, 0));
    }

    /** Shows another parcel. */
    public void choose(Parcel other) {
        now = other;
        words.getChildren().clear();
        for (Parcel each : Parcel.values()) {
            Button word = Labels.oneOf(
                    Wording.of("desk.parcel." + each.id()),
                    Wording.of("desk.parcel." + each.id() + "-help"),
                    each == now,
                    () -> choose(each));
            word.setId("parcel-" + each.id());
            words.getChildren().add(word);
        }
        place.getChildren()
                .setAll(
                        switch (now) {
                            case PRESS -> press;
                            case PRINTER -> printer;
                            case SHOP -> shop;
                            case FILES -> join;
                        });
        show();
    }

    /** Shows what belongs to the book as it is. */
    public void show() {
        switch (now) {
            case PRESS -> {
                // Shown by its own bench.
            }
            case PRINTER -> printer.show();
            case SHOP -> shop.show();
            case FILES -> join.show();
        }
    }
}
