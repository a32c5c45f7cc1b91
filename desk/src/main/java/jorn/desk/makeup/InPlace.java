package jorn.desk.makeup;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import jorn.desk.model.Desk;
import jorn.desk.view.FieldCommit;
import jorn.layout.PartSettings;
import jorn.layout.Setting;
import jorn.say.Wording;

/** Types the words of a part over where they stand on the page. */
final class InPlace {
    private final Desk desk;
    private final PageWork work;
    private final Pane over;

    /** @param over lies over the page, and lets through what is not on the field */
    InPlace(Desk desk, PageWork work, Pane over) {
        this.desk = desk;
        this.work = work;
        this.over = over;
    }

    /**
     * Opens a field over the chosen part, if it has words.
     *
     * @param place of the part, in the coordinates of {@code over}
     * @return whether it has
     */
    boolean open(Rectangle2D place) {
        Optional<Setting> words = work.node().flatMap(PartSettings::words);
        if (words.isEmpty()) {
            return false;
        }
        Setting setting = words.get();
        var path = work.part();
        TextArea field = new TextArea(setting.written(desk.unit().get()));
        field.setId("in-place");
        field.setWrapText(true);
        field.setAccessibleText(work.partName());
        field.setAccessibleHelp(Wording.of("desk.in-place.enter-takes-shift-enter"));
        field.getStyleClass().add("in-place");
        FieldCommit taking = new FieldCommit(
                field,
                text -> {
                    if (work.part().equals(path)) {
                        work.change(PartSettings.with(
                                work.node().orElseThrow(),
                                setting.id(),
                                setting.read(
                                        setting.id().equals("text") ? text : text.replace('\n', ' '),
                                        desk.unit().get())));
                    }
                },
                trouble -> trouble.ifPresent(desk::tell));
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !e.isShiftDown()) {
                e.consume();
                if (taking.deal()) {
                    close(field);
                }
            } else if (e.getCode() == KeyCode.ENTER) {
                e.consume();
                field.replaceSelection("\n");
            } else if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                taking.giveUp();
                close(field);
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                close(field);
            }
        });
        over.getChildren().setAll(field);
        field.resizeRelocate(
                place.getMinX() - 4,
                place.getMinY() - 4,
                Math.max(120, place.getWidth() + 8),
                Math.max(44, Math.min(place.getHeight() + 8, 140)));
        field.requestFocus();
        field.selectAll();
        return true;
    }

    private void close(TextArea field) {
        over.getChildren().remove(field);
        if (over.getScene() != null && over.getScene().getFocusOwner() == null) {
            over.getParent().requestFocus();
        }
    }
}
