package jorn.desk.benches;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jorn.book.Brief;
import jorn.deliver.Handover;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Errand;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.export.Exporter;
import jorn.print.export.HandoverSet;
import jorn.print.export.WrittenFile;
import jorn.print.reception.Mending;
import jorn.print.reception.Order;
import jorn.print.reception.Reception;
import jorn.print.reception.Verdict;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/**
 * The press's reception as a place to go to before anything is sent: the book's files are written where nobody sees them and taken as the press would
 * take them. Files that were made elsewhere can be brought here too.
 */
final class ReceptionView {
    private static final Logger LOG = Logger.getLogger(ReceptionView.class.getName());

    private final Desk desk;
    private final BookFiles files;
    private final VBox answer = new VBox(8);
    private final Label doing = Labels.wrapped("", "soft");
    private final Button elsewhere;
    private final ScrollPane node;
    private final Errand errand;
    private final FlowPane deeds = new FlowPane(18, 6);
    private @Nullable Edition asked;
    /** The folder of files that were made elsewhere, while these are looked at. */
    private Optional<Path> brought = Optional.empty();

    private final Runnable shown;

    /** @param shown asked for when a page is to be seen */
    ReceptionView(Desk desk, BookFiles files, Runnable shown) {
        this.desk = desk;
        this.errand = new Errand(desk, "reception", Platform::runLater);
        this.files = files;
        this.shown = shown;
        doing.managedProperty().bind(doing.textProperty().isNotEmpty());
        elsewhere = Labels.act(
                Wording.of("desk.reception.elsewhere"),
                Wording.of("desk.reception.elsewhere-help"),
                this::askElsewhere);
        elsewhere.setId("receive-elsewhere");
        Button own = Labels.act(Wording.of("desk.reception.own"), Wording.of("desk.reception.own-help"), () -> {
            asked = null;
            show();
        });
        own.setId("receive-own");
        deeds.getChildren().setAll(own, elsewhere);
        VBox all = new VBox(
                12,
                Labels.label(Wording.of("desk.reception.title"), "heading"),
                Labels.wrapped(Wording.of("desk.reception.about"), "soft"),
                deeds,
                doing,
                answer);
        all.setStyle("-fx-padding: 0 1.5em 1em 0;");
        all.setMinWidth(0);
        node = new ScrollPane(all);
        node.setId("reception");
        node.setFitToWidth(true);
        node.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        node.setFocusTraversable(false);
        FocusScroll.follow(node);
    }

    Node node() {
        return node;
    }

    /** Takes the book's own files, where it has changed since. */
    void show() {
        Edition edition = desk.state().get().edition();
        if (edition != asked) {
            asked = edition;
            brought = Optional.empty();
            Unit unit = desk.unit().get();
            begin(edition, stopped -> own(edition, unit, stopped), "");
        }
    }

    private void askElsewhere() {
        files.asker().folder(Optional.empty()).ifPresent(this::receive);
    }

    /** Takes files that were made elsewhere, as the press of the book on the desk would. */
    void receive(Path folder) {
        Edition edition = desk.state().get().edition();
        asked = edition;
        brought = Optional.of(folder);
        Brief brief = edition.book().brief();
        Unit unit = desk.unit().get();
        Order order = Order.of(brief).withAnyPaper();
        begin(edition, stopped -> Reception.of(folder, brief.press(), order, unit), "");
    }

    /** Writes files that were made elsewhere anew as the press wants them, beside them, and takes these. */
    private void mend(Path folder) {
        Edition edition = desk.state().get().edition();
        Brief brief = edition.book().brief();
        Unit unit = desk.unit().get();
        Order order = Order.of(brief).withAnyPaper();
        Path target = folder.resolve(Wording.of("desk.reception.mended-folder"));
        asked = edition;
        begin(
                edition,
                stopped -> {
                    Mending.mend(folder, brief.press(), order, target);
                    return Reception.of(target, brief.press(), order, unit);
                },
                Wording.of("desk.reception.mended", target.toAbsolutePath()) + " "
                        + Wording.of("desk.reception.mended.do"));
    }

    /** @param then what is said once it is done */
    private void begin(Edition edition, Errand.Task<Verdict> work, String then) {
        deeds.getChildren().removeIf(n -> "mend-elsewhere".equals(n.getId()));
        answer.getChildren().clear();
        doing.setText(Wording.of("desk.reception.reading"));
        errand.begin(work, new Errand.Heard<Verdict>() {
            @Override
            public void done(Verdict verdict) {
                answered(edition, verdict);
                doing.setText(then);
            }

            @Override
            public void failed(Trouble why) {
                doing.setText(why.getMessage());
            }
        });
    }

    private void answered(Edition edition, Verdict verdict) {
        if (edition != asked) {
            return;
        }
        brought.filter(b -> !verdict.accepted()).ifPresent(b -> {
            Button mend = Labels.deed(
                    Wording.of("desk.reception.mend"), Wording.of("desk.reception.mend-help"), () -> mend(b));
            mend.setId("mend-elsewhere");
            deeds.getChildren().add(mend);
        });
        answer.getChildren().setAll(ReceptionSlip.of(verdict, f -> {
            if (f.place().page() > 0) {
                int pages = desk.state().get().pagination().pageCount();
                desk.page().set(Math.min(f.place().page(), pages));
            }
            shown.run();
        }));
    }

    private static Verdict own(Edition edition, Unit unit, BooleanSupplier stopped) {
        Path folder = temporary();
        try {
            List<WrittenFile> written = Exporter.export(
                    edition, Handover.toPress(edition), folder, (done, of, what) -> !stopped.getAsBoolean());
            return HandoverSet.received(edition, written, unit);
        } finally {
            remove(folder);
        }
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("jorn-reception");
        } catch (IOException e) {
            throw Trouble.because(e, "desk.settings.no-temporary-folder-can");
        }
    }

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        } catch (IOException e) {
            LOG.log(Level.WARNING, "Files that nobody needs are left in " + folder, e);
        }
    }
}
