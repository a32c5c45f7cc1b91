package jorn.desk.covers;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import jorn.book.PartEdit;
import jorn.desk.view.FieldCommit;
import jorn.say.Wording;

/** Types the words of a part over where they stand on the sheet. */
final class CoverTyping {
    private static final double LEAST_WIDTH = 160;
    private static final double LEAST_HEIGHT = 44;

    private final CoverWork work;
    private final Pane over;
    private final Node sheet;

    /**
     * @param over lies over the sheet
     * @param sheet gets the focus back
     */
    CoverTyping(CoverWork work, Pane over, Node sheet) {
        this.work = work;
        this.over = over;
        this.sheet = sheet;
    }

    /** Opens a field over the part that is held. */
    void open(Rectangle2D at) {
        work.part().ifPresent(part -> {
            String id = part.part().id();
            String field = part.part().part().says();
            TextArea area = new TextArea(part.edit().words().orElseGet(() -> written(field)));
            area.setId("cover-typing");
            area.setWrapText(true);
            area.setAccessibleText(PartWords.of(id));
            area.setAccessibleHelp(Wording.of("desk.in-place.enter-takes-shift-enter"));
            area.getStyleClass().add("in-place");
            FieldCommit taking = new FieldCommit(
                    area, text -> take(work, id, field, text), trouble -> trouble.ifPresent(work.desk()::tell));
            area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
                if (e.getCode() == KeyCode.ENTER && !e.isShiftDown()) {
                    e.consume();
                    if (taking.deal()) {
                        close(area);
                    }
                } else if (e.getCode() == KeyCode.ENTER) {
                    area.insertText(area.getCaretPosition(), "\n");
                    e.consume();
                } else if (e.getCode() == KeyCode.ESCAPE) {
                    e.consume();
                    over.getChildren().remove(area);
                    sheet.requestFocus();
                }
            });
            area.focusedProperty().addListener((o, was, now) -> {
                if (was && !now) {
                    Platform.runLater(() -> over.getChildren().remove(area));
                }
            });
            double w = Math.max(LEAST_WIDTH, at.getWidth());
            area.setPrefSize(w, Math.max(LEAST_HEIGHT, at.getHeight()));
            area.setLayoutX(Math.max(0, Math.min(over.getWidth() - w, at.getMinX())));
            area.setLayoutY(Math.max(0, at.getMinY()));
            over.getChildren().setAll(area);
            area.requestFocus();
            area.selectAll();
        });
    }

    private void close(TextArea area) {
        over.getChildren().remove(area);
        sheet.requestFocus();
    }

    private String written(String field) {
        return switch (field) {
            case "{title}" -> work.desk().book().title();
            case "{subtitle}" -> work.desk().book().subtitle();
            case "{author}" -> work.desk().book().author();
            default -> "";
        };
    }

    /** The title is the book's, wherever it is typed; lines that are broken by hand are the cover's own. */
    static void take(CoverWork work, String id, String field, String text) {
        String plain = text.strip().replaceAll("\\s*\\R\\s*", " ");
        boolean broken = text.strip().contains("\n");
        switch (field) {
            case "{title}" -> work.desk().change("title", b -> b.withTitle(plain));
            case "{subtitle}" -> work.desk().change("subtitle", b -> b.withSubtitle(plain));
            case "{author}" -> work.desk().change("author", b -> b.withAuthor(plain));
            default -> {
                work.edit(
                        id, "words", e -> e.withWords(plain.isEmpty() ? Optional.empty() : Optional.of(text.strip())));
                return;
            }
        }
        boolean own = broken || work.plan().edit(id).words().isPresent();
        if (own) {
            work.edit(id, "words", (PartEdit e) -> e.withWords(broken ? Optional.of(text.strip()) : Optional.empty()));
        }
    }
}
