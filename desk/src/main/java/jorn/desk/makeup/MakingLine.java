package jorn.desk.makeup;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import jorn.content.Worklist;
import jorn.desk.model.ContentMaking.HowFar;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.say.Wording;

/** On a slip: how far what the book's runs have is made, and a word that stops it or goes on. */
final class MakingLine {
    private MakingLine() {}

    /**
     * Puts it on a slip.
     *
     * @param words the beginning of the keys of its words, {@code desk.patterns.}; its second part begins the ids
     */
    static void on(Slip slip, Desk desk, Worklist own, String words) {
        String of = words.split("\\.")[1];
        Label told = Labels.wrapped("", "soft");
        told.setId(of + "-progress");
        Button stop = slip.deed(
                Wording.of(words + "stop"),
                of + "-stop",
                Wording.of(words + "stop-help"),
                () -> desk.keepMaking(desk.making().get().stopped()));
        stop.managedProperty().bind(stop.visibleProperty());
        Runnable show = () -> {
            HowFar far = desk.making().get();
            told.setText(inWords(own, words));
            stop.setVisible(own.count() < own.size());
            stop.setText(Wording.of(far.stopped() ? "desk.puzzles.go-on" : "desk.puzzles.stop"));
        };
        show.run();
        // Only as long as the slip is seen.
        desk.making().addListener(new javafx.beans.InvalidationListener() {
            private boolean seen;

            @Override
            public void invalidated(javafx.beans.Observable o) {
                seen |= slip.getScene() != null;
                if (seen && slip.getScene() == null) {
                    desk.making().removeListener(this);
                } else {
                    show.run();
                }
            }
        });
        slip.add(told, stop);
    }

    /** How far this run is, whatever else the book has made; that all are there is said only where they are. */
    private static String inWords(Worklist own, String words) {
        int made = own.count() - own.failed();
        if (made == own.size()) {
            return Wording.of(words + "all-made", made);
        }
        return own.count() < own.size() || own.failed() == 0
                ? Wording.of(words + "made", made, own.size())
                : Wording.of(words + "lacking", made, own.size(), own.failed());
    }
}
