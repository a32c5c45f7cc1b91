package jorn.desk.covers;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import jorn.book.ApprovedCover;
import jorn.cover.CoverFigures;
import jorn.desk.view.Labels;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Says whether the cover was called right for the measures that it has now; where these have changed, by how much. */
public final class StaleLine {
    private final CoverWork work;
    private final HBox row = new HBox(8);

    public StaleLine(CoverWork work) {
        this.work = work;
        row.setAlignment(Pos.CENTER_LEFT);
        row.setId("cover-stale");
        row.setMinHeight(HBox.USE_PREF_SIZE);
    }

    public Node node() {
        return row;
    }

    /** Shows it for the cover as it is now. */
    public void show() {
        row.getChildren().clear();
        if (!work.isComposed() || !work.cover().geometry().isDelivered()) {
            return;
        }
        ApprovedCover now = measures();
        Optional<ApprovedCover> then = work.plan().approved();
        Button approve =
                Labels.act(Wording.of("desk.covers.approve"), Wording.of("desk.covers.approve-help"), () -> work.desk()
                        .attempt(() -> work.plan("cover-approve", p -> p.withApproved(Optional.of(now)))));
        approve.setId("cover-approve");
        if (then.isEmpty()) {
            row.getChildren().addAll(Labels.label(Wording.of("desk.covers.not-approved"), "soft"), approve);
        } else if (now.differsFrom(then.get())) {
            row.getChildren()
                    .addAll(
                            Labels.label(
                                    Wording.of(
                                            "desk.covers.stale",
                                            change(then.get().spine(), now.spine()),
                                            change(then.get().width(), now.width()),
                                            change(then.get().height(), now.height())),
                                    "warning"),
                            approve);
        } else {
            row.getChildren().add(Labels.label(Wording.of("desk.covers.approved"), "soft"));
        }
    }

    private ApprovedCover measures() {
        CoverFigures figures = work.cover().geometry().figures();
        return new ApprovedCover(
                figures.width().length(),
                figures.height().length(),
                figures.spine().length());
    }

    /** "+0.52 mm". */
    private static String change(Length then, Length now) {
        double mm = now.in(Unit.MILLIMETRE) - then.in(Unit.MILLIMETRE);
        String sign = mm < 0 ? "−" : "+";
        return sign + jorn.measure.Numeral.trimmed(Math.abs(mm), 2) + " mm";
    }
}
