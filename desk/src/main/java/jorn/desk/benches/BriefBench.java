package jorn.desk.benches;

import java.util.EnumMap;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.desk.briefs.BookPage;
import jorn.desk.briefs.BriefView;
import jorn.desk.briefs.MoneyView;
import jorn.desk.briefs.PagesView;
import jorn.desk.briefs.PressView;
import jorn.desk.briefs.WhatIfView;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.SlipLayer;
import jorn.say.Wording;

/** The brief: the book that is decided in the sentence, and pictures of what follows from it. */
public final class BriefBench implements Bench {
    /** What the bench shows. */
    private enum View {
        BOOK,
        PARTS,
        MONEY,
        WHAT_IF,
        PRESS;

        private String id() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    private final Desk desk;
    private final BookFiles files;
    private final Painter painter;
    private final SlipLayer slips;
    private final BookPage book;
    private final Map<View, BriefView> pages = new EnumMap<>(View.class);
    private final Map<View, Button> words = new EnumMap<>(View.class);
    private final StackPane place = new StackPane();
    private final FlowPane tabs = new FlowPane(8, 2);
    private final VBox node;
    private double em;
    private double cornerWidth;
    private View view = View.BOOK;

    public BriefBench(Desk desk, BookFiles files, Painter painter, SlipLayer slips, BriefSlips briefSlips) {
        this.desk = desk;
        this.files = files;
        this.painter = painter;
        this.slips = slips;
        book = new BookPage(desk, painter, slips, briefSlips);
        for (View each : View.values()) {
            Button word = Labels.oneOf(
                    Wording.of("desk.brief.view-" + each.id()),
                    Wording.of("desk.brief.view-" + each.id() + "-help"),
                    each == view,
                    () -> turnTo(each));
            word.setId("view-" + each.id());
            words.put(each, word);
            tabs.getChildren().add(word);
        }
        VBox.setVgrow(place, Priority.ALWAYS);
        place.setMinSize(0, 0);
        node = new VBox(6, tabs, place);
        node.setMinSize(0, 0);
    }

    /** The reckoning page that is looked at; made when it is first turned to. */
    private BriefView page() {
        return pages.computeIfAbsent(view, v -> {
            BriefView made =
                    switch (v) {
                        case PARTS -> new PagesView(desk);
                        case MONEY -> new MoneyView(desk);
                        case WHAT_IF -> new WhatIfView(desk, painter, slips);
                        case PRESS -> new PressView(desk, files);
                        case BOOK -> throw new IllegalStateException("the book is drawn, not reckoned");
                    };
            made.textSize(em);
            made.corner(cornerWidth);
            return made;
        });
    }

    private void turnTo(View wanted) {
        view = wanted;
        show();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        em = pixels;
        book.textSize(pixels);
        pages.values().forEach(p -> p.textSize(pixels));
    }

    @Override
    public void corner(double width, double height, boolean small) {
        // What is left of the figures in a small window hangs beside the words.
        cornerWidth = small ? 0 : width;
        tabs.setPadding(new Insets(0, width, 0, 0));
        book.corner(width, height, small);
        pages.values().forEach(p -> p.corner(cornerWidth));
    }

    @Override
    public void show() {
        words.forEach((v, word) -> Labels.mark(word, v == view));
        Node wanted = view == View.BOOK ? book.node() : page().node();
        if (place.getChildren().isEmpty() || place.getChildren().get(0) != wanted) {
            place.getChildren().setAll(wanted);
        }
        if (view == View.BOOK) {
            book.show();
        } else {
            page().show();
        }
    }
}
