package jorn.desk.bindery;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jorn.art.PageArt;
import jorn.desk.bindery.BinderyWork.Loaded;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.desk.view.Theme;
import jorn.impose.PrinterTraits;
import jorn.impose.SheetLayout;
import jorn.impose.TestLeaf;
import jorn.impose.Unprinted;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.print.bindery.PdfImposer;
import jorn.print.bindery.PdfImposer.Pass;
import jorn.print.bindery.PdfImposer.SheetSides;
import jorn.print.bindery.SheetPrinter;
import jorn.print.export.Authorship;
import jorn.print.export.Progress;
import jorn.print.pdf.PdfSink;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** Through the printer: in one go, or fronts and backs one after the other; how the stack is turned between; and what the printer was measured to do. */
final class PassPart {
    private static final String PDF = ".pdf";
    private static final double TRAITS_WIDE = 420;

    private final BinderyWork work;
    private final Supplier<Path> folder;
    private final VBox node = new VBox(6);
    private boolean measuring;

    /** @param folder where files are written; may refuse */
    PassPart(BinderyWork work, Supplier<Path> folder) {
        this.work = work;
        this.folder = folder;
        node.setId("bindery-passes");
    }

    VBox node() {
        return node;
    }

    /** Shows what can be done with what is bound; who types a measure goes on typing. */
    void show() {
        FocusKeep.around(node, node, this::make);
    }

    private void make() {
        node.getChildren().clear();
        Optional<Loaded> now = work.loaded();
        if (now.isEmpty()) {
            return;
        }
        boolean backs = now.get().layout().imposition().sheets().stream()
                .anyMatch(s -> !s.back().isEmpty());
        FlowPane deeds = new FlowPane(12, 6);
        deeds.getChildren()
                .add(deed(
                        "write",
                        "bindery-write",
                        () -> write(
                                now.get(),
                                "-sheets",
                                pass(SheetSides.BOTH, now.get().layout()))));
        deeds.getChildren()
                .add(deed(
                        backs ? "print" : "print-sheets",
                        "bindery-print",
                        () -> print(now.get(), pass(SheetSides.BOTH, now.get().layout()))));
        node.getChildren().addAll(Labels.label(Wording.of("desk.bindery.printing"), "heading"), deeds);
        if (backs) {
            passes(now.get());
        }
        Button open = Labels.act(
                Wording.of(measuring ? "desk.bindery.measured" : "desk.bindery.measure"),
                Wording.of("desk.bindery.measure-help"),
                () -> {
                    measuring = !measuring;
                    show();
                });
        open.setId("bindery-measure");
        node.getChildren().add(open);
        if (measuring) {
            node.getChildren().add(traits(now.get()));
        }
    }

    private Button deed(String what, String id, Runnable deed) {
        Button button = Labels.act(
                Wording.of("desk.bindery." + what), Wording.of("desk.bindery." + what + "-help"), () -> work.desk()
                        .attempt(deed));
        button.setId(id);
        return button;
    }

    private Pass pass(SheetSides sides, SheetLayout layout) {
        PrinterTraits t = work.traits();
        return new Pass(
                sides,
                sides == SheetSides.BACKS && t.halfTurned(),
                sides == SheetSides.BACKS && t.isBackwards(),
                t.front(layout.sheet()),
                t.back(layout.sheet()));
    }

    private void passes(Loaded now) {
        PrinterTraits t = work.traits();
        node.getChildren().add(Labels.wrapped(Wording.of("desk.bindery.one-side"), "soft"));
        FlowPane first = new FlowPane(12, 6);
        first.getChildren()
                .addAll(
                        Labels.label(Wording.of("desk.bindery.first"), "strong"),
                        deed(
                                "print-fronts",
                                "bindery-print-fronts",
                                () -> print(now, pass(SheetSides.FRONTS, now.layout()))),
                        deed(
                                "write-fronts",
                                "bindery-write-fronts",
                                () -> write(now, "-front", pass(SheetSides.FRONTS, now.layout()))));
        Label turn = Labels.wrapped(
                Wording.of(t.isTurnedOver() ? "desk.bindery.turn-over" : "desk.bindery.leave-so"), "ink");
        turn.setId("bindery-turn");
        HBox how = new HBox(12, drawing(t), turn);
        how.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        FlowPane second = new FlowPane(12, 6);
        second.getChildren()
                .addAll(
                        Labels.label(Wording.of("desk.bindery.second"), "strong"),
                        deed(
                                "print-backs",
                                "bindery-print-backs",
                                () -> print(now, pass(SheetSides.BACKS, now.layout()))),
                        deed(
                                "write-backs",
                                "bindery-write-backs",
                                () -> write(now, "-back", pass(SheetSides.BACKS, now.layout()))));
        node.getChildren().addAll(first, how, second);
    }

    /** The stack, its printed side hatched, and the edge over which it is turned. */
    private static Canvas drawing(PrinterTraits t) {
        Canvas canvas = new Canvas(190, 74);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setLineWidth(1);
        stack(g, 10, t.faceUp());
        stack(g, 118, t.isTurnedOver() != t.faceUp());
        g.setStroke(Theme.THREAD);
        g.setLineWidth(2);
        g.strokeLine(78, 40, 104, 40);
        g.strokeLine(98, 35, 104, 40);
        g.strokeLine(98, 45, 104, 40);
        if (t.isTurnedOver()) {
            g.strokeArc(78, 22, 26, 26, 0, 180, javafx.scene.shape.ArcType.OPEN);
        }
        return canvas;
    }

    private static void stack(GraphicsContext g, double x, boolean printedUp) {
        for (int i = 4; i >= 0; i--) {
            g.setFill(Color.WHITE);
            g.setStroke(Theme.INK);
            g.setLineWidth(0.8);
            double[] xs = {x, x + 44, x + 60, x + 16};
            double[] ys = {52 + 3.0 * i, 52 + 3.0 * i, 28 + 3.0 * i, 28 + 3.0 * i};
            g.fillPolygon(xs, ys, 4);
            g.strokePolygon(xs, ys, 4);
        }
        if (printedUp) {
            for (int i = 1; i < 5; i++) {
                double y = 28 + 24 * i / 5.0;
                double off = 16 * (1 - i / 5.0);
                g.strokeLine(x + off + 6, y, x + off + 38, y);
            }
        }
    }

    private void write(Loaded now, String what, Pass pass) {
        Path file = folder.get().resolve(now.source().title() + what + PDF);
        Authorship.refuseStrangers(List.of(file));
        PdfImposer imposer = work.imposer(now);
        work.fetch(
                () -> {
                    SafeFile.write(file, out -> imposer.write(pass, out, Progress.SILENT));
                    return file;
                },
                done -> work.desk().say("desk.bindery.written", imposer.count(pass), done));
    }

    private void print(Loaded now, Pass pass) {
        PdfImposer imposer = work.imposer(now);
        Path file = folder.get().resolve(now.source().title() + ".ps");
        SheetLayout layout = now.layout();
        work.fetch(() -> SheetPrinter.print(imposer.bytes(pass).readAllBytes(), layout.sheet(), file), printed -> {
            if (printed.printer().isPresent()) {
                work.desk()
                        .say(
                                "desk.bindery.printed",
                                imposer.count(pass),
                                printed.printer().get());
            } else {
                work.desk().say("desk.bindery.no-printer", file);
            }
        });
    }

    private Slip traits(Loaded now) {
        PrinterTraits t = work.traits();
        Slip slip = new Slip(Wording.of("desk.bindery.printer"));
        slip.setMaxWidth(TRAITS_WIDE);
        slip.say(Wording.of("desk.bindery.printer-so"));
        slip.add(deed("leaf", "bindery-leaf", () -> leaf(now)));
        Unprinted rim = t.rim();
        mm(slip, "rim-top", rim.top(), l -> t.withRim(new Unprinted(l, rim.right(), rim.bottom(), rim.left())));
        mm(slip, "rim-right", rim.right(), l -> t.withRim(new Unprinted(rim.top(), l, rim.bottom(), rim.left())));
        mm(slip, "rim-bottom", rim.bottom(), l -> t.withRim(new Unprinted(rim.top(), rim.right(), l, rim.left())));
        mm(slip, "rim-left", rim.left(), l -> t.withRim(new Unprinted(rim.top(), rim.right(), rim.bottom(), l)));
        mm(slip, "across", t.across(), t::withAcross);
        mm(slip, "along", t.along(), t::withAlong);
        off(slip, "shift-right", t.right(), t::withRight);
        off(slip, "shift-down", t.down(), t::withDown);
        slip.toggle(
                Wording.of("desk.bindery.face-up"),
                "bindery-face-up",
                t.faceUp(),
                () -> take(t.withFaceUp(!t.faceUp())));
        slip.toggle(
                Wording.of("desk.bindery.prints-upper"),
                "bindery-prints-upper",
                t.printsUpper(),
                () -> take(t.withPrintsUpper(!t.printsUpper())));
        slip.toggle(
                Wording.of("desk.bindery.half-turned"),
                "bindery-half-turned",
                t.halfTurned(),
                () -> take(t.withHalfTurned(!t.halfTurned())));
        return slip;
    }

    private void mm(Slip slip, String what, Length now, java.util.function.Function<Length, PrinterTraits> with) {
        slip.field(
                Wording.of("desk.bindery." + what),
                "bindery-" + what,
                now.format(Unit.MILLIMETRE),
                Wording.of("desk.bindery.mm-help"),
                text -> take(with.apply(Length.parse(text, Unit.MILLIMETRE))));
    }

    /** Beside its place, to one side or the other. */
    private void off(Slip slip, String what, double now, java.util.function.DoubleFunction<PrinterTraits> with) {
        slip.field(
                Wording.of("desk.bindery." + what),
                "bindery-" + what,
                Numeral.fixed(now, 1) + " mm",
                Wording.of("desk.bindery.off-help"),
                text -> take(with.apply(
                        Numeral.number(text.replace("mm", "").strip(), Wording.of("desk.bindery." + what)))));
    }

    private void take(PrinterTraits now) {
        work.traits(now);
        show();
    }

    private void leaf(Loaded now) {
        Size size = now.layout().spec().sheet();
        Path file = folder.get().resolve("test-leaf" + PDF);
        work.fetch(
                () -> {
                    List<PageArt> sides = TestLeaf.of(size);
                    SafeFile.write(file, out -> {
                        try (PdfSink sink = new PdfSink(Wording.of("desk.bindery.leaf"), "")) {
                            for (PageArt each : sides) {
                                sink.add(each);
                            }
                            sink.writeTo(out);
                        }
                    });
                    return file;
                },
                done -> work.desk().say("desk.bindery.leaf-written", done));
    }
}
