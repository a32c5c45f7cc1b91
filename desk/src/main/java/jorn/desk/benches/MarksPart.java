package jorn.desk.benches;

import java.util.EnumSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import jorn.deliver.Handover.Asked;
import jorn.desk.view.Labels;
import jorn.edition.Edition;
import jorn.press.PdfRule;
import jorn.press.PrinterMark;
import jorn.say.Wording;

/** What is asked for beside the pages: marks outside the trim, and cover and inside in one file. What the press asks for itself is asked for anyway. */
final class MarksPart {
    private final FlowPane node = new FlowPane(14, 4);
    private final Set<PrinterMark> marks = EnumSet.noneOf(PrinterMark.class);
    private final Runnable changed;
    private boolean oneFile;

    /** @param changed hears of a choice */
    MarksPart(Runnable changed) {
        this.changed = changed;
        node.setId("marks");
    }

    Node node() {
        return node;
    }

    /** What is asked for of this book's press. */
    Asked asked(Edition edition) {
        Asked press = press(edition);
        Set<PrinterMark> all = EnumSet.noneOf(PrinterMark.class);
        all.addAll(press.marks());
        all.addAll(marks);
        return new Asked(oneFile || press.oneFile(), all);
    }

    private static Asked press(Edition edition) {
        return Asked.of(edition.book().brief().press().pdf());
    }

    void show(Edition edition) {
        Asked now = asked(edition);
        Set<PrinterMark> fixed = Set.copyOf(
                edition.book().brief().press().pdf().map(PdfRule::marks).orElse(java.util.List.of()));
        node.getChildren().setAll(Labels.label(Wording.of("desk.marks.beside"), "soft"));
        for (PrinterMark mark : PrinterMark.values()) {
            Button choice = Labels.oneOf(
                    Wording.of("desk.marks." + mark.id()),
                    Wording.of("desk.marks.help"),
                    now.marks().contains(mark),
                    () -> toggle(mark));
            choice.setId("mark-" + mark.id());
            choice.setDisable(fixed.contains(mark));
            node.getChildren().add(choice);
        }
        Button one = Labels.oneOf(
                Wording.of("desk.marks.one-file"), Wording.of("desk.marks.one-file-help"), now.oneFile(), () -> {
                    oneFile = !oneFile;
                    changed.run();
                });
        one.setId("one-file");
        one.setDisable(press(edition).oneFile());
        node.getChildren().add(one);
    }

    private void toggle(PrinterMark mark) {
        if (!marks.remove(mark)) {
            marks.add(mark);
        }
        changed.run();
    }
}
