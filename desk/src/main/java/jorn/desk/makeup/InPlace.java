package jorn.desk.makeup;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import jorn.desk.model.Desk;
import jorn.desk.view.FieldCommit;
import jorn.layout.PartSettings;
import jorn.layout.Setting;
import jorn.say.Wording;

/** Types the words of a part over where they stand on the page. */
final class InPlace {
    private final Desk desk;
    private final PageWork work;
    private static final double LEAST_EM = 9;
    private static final double MOST_EM = 30;

    private final Pane over;
    private final Node page;

    /**
     * @param over lies over the page, and lets through what is not on the field
     * @param page gets the focus back
     */
    InPlace(Desk desk, PageWork work, Pane over, Node page) {
        this.page = page;
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
        Setting setting = words.get().in(desk.book().calendar().language());
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
        // It has the size that its words need, not the one that it would like.
        field.setManaged(false);
        over.getChildren().setAll(field);
        field.applyCss();
        fit(field, place);
        field.textProperty().addListener(o -> fit(field, place));
        field.requestFocus();
        field.selectAll();
        return true;
    }

    /** As large as the words need, within the part's width where they are many, and never off the bench. */
    private void fit(TextArea field, Rectangle2D place) {
        Text words = new Text(field.getText().isEmpty() ? " " : field.getText());
        words.setFont(field.getFont());
        double em = field.getFont().getSize();
        double most = Math.max(em * LEAST_EM, Math.min(place.getWidth() + 8, em * MOST_EM));
        double wide =
                Math.min(most, Math.max(em * LEAST_EM, words.getLayoutBounds().getWidth() + em * 3));
        words.setWrappingWidth(wide - em * 2);
        double high = Math.min(over.getHeight() * 0.6, words.getLayoutBounds().getHeight() + em * 1.4);
        double x = Math.max(0, Math.min(place.getMinX() - 4, over.getWidth() - wide));
        double y = Math.max(0, Math.min(place.getMinY() - 4, over.getHeight() - high));
        field.resizeRelocate(x, y, wide, high);
    }

    /** Takes the field away; the focus goes back to the page. */
    private void close(TextArea field) {
        boolean here = field.isFocused()
                || field.getScene() == null
                || field.getScene().getFocusOwner() == null;
        if (here) {
            page.requestFocus();
        }
        over.getChildren().remove(field);
    }
}
