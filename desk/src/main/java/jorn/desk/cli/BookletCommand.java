package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import jorn.art.Turn;
import jorn.impose.BlankPlace;
import jorn.impose.Fitting;
import jorn.impose.FoldKind;
import jorn.impose.HandMark;
import jorn.impose.HandMarks;
import jorn.impose.LayoutWords;
import jorn.impose.PressSheet;
import jorn.impose.Punch;
import jorn.impose.Scheme;
import jorn.impose.Seat;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.impose.Unprinted;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import jorn.print.bindery.InkFinder;
import jorn.print.bindery.LostInk;
import jorn.print.bindery.PageBoxes;
import jorn.print.bindery.PdfImposer;
import jorn.print.bindery.PdfImposer.Pass;
import jorn.print.bindery.PdfImposer.SheetSides;
import jorn.print.bindery.PdfSource;
import jorn.print.export.Authorship;
import jorn.print.export.Progress;
import jorn.store.SafeFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lays the pages of a book or of any PDF on sheets, to be printed, folded, cut and bound by hand. */
@Command(name = "booklet")
final class BookletCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "${bundle:cli.booklet.file}")
    private Path file;

    @Option(names = "--to", paramLabel = "OUT.pdf", description = "${bundle:cli.booklet.to}")
    private @Nullable Path to;

    @Option(names = "--sheet", paramLabel = "S", description = "${bundle:cli.booklet.sheet}")
    private String sheet = "A4";

    @Option(names = "--signatures", paramLabel = "N", description = "${bundle:cli.booklet.signatures}")
    private @Nullable Integer signatures;

    @Option(names = "--single", description = "${bundle:cli.booklet.single}")
    private boolean single;

    @Option(names = "--two-up", description = "${bundle:cli.booklet.two-up}")
    private boolean twoUp;

    @Option(names = "--up", paramLabel = "N", description = "${bundle:cli.booklet.up}")
    private @Nullable Integer up;

    @Option(names = "--repeat", paramLabel = "N", description = "${bundle:cli.booklet.repeat}")
    private @Nullable Integer repeat;

    @Option(names = "--one-cut", description = "${bundle:cli.booklet.one-cut}")
    private boolean oneCut;

    @Option(names = "--loose", description = "${bundle:cli.booklet.loose}")
    private boolean loose;

    @Option(names = "--calendar", description = "${bundle:cli.booklet.calendar}")
    private boolean calendar;

    @Option(names = "--fit", description = "${bundle:cli.booklet.fit}")
    private boolean fit;

    @Option(names = "--fill", description = "${bundle:cli.booklet.fill}")
    private boolean fill;

    @Option(names = "--stretch", description = "${bundle:cli.booklet.stretch}")
    private boolean stretch;

    @Option(names = "--true", description = "${bundle:cli.booklet.true}")
    private boolean trueSize;

    @Option(names = "--at-fold", description = "${bundle:cli.booklet.at-fold}")
    private boolean atFold;

    @Option(names = "--crop-white", description = "${bundle:cli.booklet.crop-white}")
    private boolean cropWhite;

    @Option(names = "--caliper", paramLabel = "L", description = "${bundle:cli.booklet.caliper}")
    private @Nullable String caliper;

    @Option(names = "--gap", paramLabel = "L", description = "${bundle:cli.booklet.gap}")
    private @Nullable String gap;

    @Option(names = "--rim", paramLabel = "L", description = "${bundle:cli.booklet.rim}")
    private @Nullable String rim;

    @Option(names = "--white-rim", paramLabel = "L", description = "${bundle:cli.booklet.white-rim}")
    private @Nullable String whiteRim;

    @Option(names = "--blanks", paramLabel = "WHERE", description = "${bundle:cli.booklet.blanks}")
    private @Nullable String blanks;

    @Option(names = "--rtl", description = "${bundle:cli.booklet.rtl}")
    private boolean rtl;

    @Option(names = "--marks", paramLabel = "M", split = ",", description = "${bundle:cli.booklet.marks}")
    private List<String> marks = List.of();

    @Option(names = "--holes", paramLabel = "ID", description = "${bundle:cli.booklet.holes}")
    private @Nullable String holes;

    @Option(names = "--edge", paramLabel = "left|right|head", description = "${bundle:cli.booklet.edge}")
    private String edge = "left";

    @Option(names = "--passes", paramLabel = "long|short", description = "${bundle:cli.booklet.passes}")
    private @Nullable String passes;

    @Option(names = "--word", paramLabel = "W", description = "${bundle:cli.join.word}")
    private @Nullable String word;

    @Option(names = "--plan", description = "${bundle:cli.booklet.plan}")
    private boolean plan;

    @Option(names = "--json", description = "${bundle:cli.booklet.json}")
    private boolean json;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        if (to == null && !plan) {
            throw Trouble.of("cli.booklet.nowhere");
        }
        return PdfInput.with(file, Optional.ofNullable(word), err, this::bind);
    }

    private Integer bind(PdfSource source) {
        PrintWriter out = spec.commandLine().getOut();
        PageBoxes boxes = cropWhite ? PageBoxes.inked(source, new InkFinder(source)) : PageBoxes.whole(source);
        SheetLayout layout = SheetLayout.of(scheme(), source.count(), blankPlace(), paper(), boxes.largest());
        PrintWriter err = spec.commandLine().getErr();
        LayoutWords.cautions(layout).forEach(err::println);
        tellLosses(source, layout, boxes, err);
        if (plan) {
            tellPlan(layout, out);
        }
        if (to != null) {
            for (Path each : write(source, layout, boxes, to)) {
                if (!json || !plan) {
                    out.println(each);
                }
            }
        }
        return JornCommand.DONE;
    }

    /** Ink that is lost in the printer's rim or to holes, and into which binder leaves go. */
    private void tellLosses(PdfSource source, SheetLayout layout, PageBoxes boxes, PrintWriter err) {
        LostInk lost = new LostInk(layout, boxes, new InkFinder(source));
        List<PressSheet> sheets = layout.imposition().sheets();
        if (whiteRim != null) {
            Set<Integer> losing = lost.inRim(sheets);
            if (!losing.isEmpty()) {
                err.println(LostInk.toldOfRim(losing));
            }
        }
        punch().filter(p -> layout.imposition().scheme().kind().isPunched()).ifPresent(p -> {
            Set<Integer> losing = lost.inHoles(sheets, p);
            if (!losing.isEmpty()) {
                err.println(LostInk.toldOfHoles(losing));
            }
            err.println(p.told(layout, Unit.MILLIMETRE));
        });
    }

    private Scheme scheme() {
        List<Scheme> asked = new ArrayList<>();
        if (signatures != null) {
            asked.add(Scheme.of(FoldKind.SIGNATURES, signatures));
        }
        if (up != null) {
            asked.add(Scheme.of(FoldKind.UP, up));
        }
        if (repeat != null) {
            asked.add(Scheme.of(FoldKind.REPEAT, repeat));
        }
        Map<FoldKind, Boolean> others = Map.of(
                FoldKind.SINGLES, single,
                FoldKind.TWO_COPIES, twoUp,
                FoldKind.ONE_CUT, oneCut,
                FoldKind.LOOSE, loose,
                FoldKind.CALENDAR, calendar);
        others.forEach((kind, wanted) -> {
            if (wanted) {
                asked.add(Scheme.of(kind));
            }
        });
        if (asked.size() > 1) {
            throw Trouble.of("cli.booklet.one-scheme");
        }
        return (asked.isEmpty() ? Scheme.of(FoldKind.NEST) : asked.get(0)).fromRight(rtl);
    }

    private Fitting fitting() {
        List<Fitting> asked = new ArrayList<>();
        if (fit) {
            asked.add(Fitting.FIT);
        }
        if (fill) {
            asked.add(Fitting.FILL);
        }
        if (stretch) {
            asked.add(Fitting.STRETCH);
        }
        if (trueSize) {
            asked.add(Fitting.TRUE_SIZE);
        }
        if (asked.size() > 1) {
            throw Trouble.of("cli.booklet.one-fitting");
        }
        return asked.isEmpty() ? Fitting.FIT : asked.get(0);
    }

    private SheetSpec paper() {
        SheetSpec paper = SheetSpec.of(Size.parse(sheet, Unit.INCH))
                .withFitting(fitting())
                .withAtFold(atFold);
        if (caliper != null) {
            paper = paper.withCaliper(Length.parse(caliper, Unit.MILLIMETRE));
        }
        if (gap != null) {
            if (!scheme().kind().isCut()) {
                throw Trouble.of("cli.booklet.no-gap");
            }
            paper = paper.withGap(Length.parse(gap, Unit.MILLIMETRE));
        }
        if (rim != null && whiteRim != null) {
            throw Trouble.of("cli.booklet.one-rim");
        }
        if (whiteRim != null) {
            paper = paper.withRim(Unprinted.all(Length.parse(whiteRim, Unit.MILLIMETRE)));
        }
        if (rim != null) {
            paper = paper.withRim(Unprinted.all(Length.parse(rim, Unit.MILLIMETRE)))
                    .withInside(true);
        }
        return paper;
    }

    private BlankPlace blankPlace() {
        if (blanks == null || blanks.equals("end")) {
            return BlankPlace.AT_END;
        }
        if (blanks.equals("before-last")) {
            return BlankPlace.BEFORE_LAST;
        }
        try {
            return BlankPlace.behind(Integer.parseInt(blanks));
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "cli.booklet.no-place", blanks);
        }
    }

    private Set<HandMark> wantedMarks() {
        Set<HandMark> all = EnumSet.noneOf(HandMark.class);
        for (String each : marks) {
            try {
                all.add(HandMark.valueOf(each.strip().toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException e) {
                throw Trouble.because(e, "cli.booklet.no-mark", each);
            }
        }
        return all;
    }

    private Optional<Punch> punch() {
        return Optional.ofNullable(holes).map(id -> new Punch(HolePattern.of(id), BindingEdge.of(edge)));
    }

    private void tellPlan(SheetLayout layout, PrintWriter out) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (PressSheet each : layout.imposition().sheets()) {
            Map<String, Object> told = new LinkedHashMap<>();
            told.put("sheet", each.number());
            told.put("front", each.front().stream().map(Seat::page).toList());
            told.put("back", each.back().stream().map(Seat::page).toList());
            if (layout.imposition().signatures() > 1) {
                told.put("signature", each.signature());
            }
            all.add(told);
        }
        if (json) {
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
            return;
        }
        out.println(LayoutWords.figures(layout));
        for (Map<String, Object> each : all) {
            out.println(each.get("sheet") + "\t" + each.get("front") + "\t" + each.get("back"));
        }
    }

    private List<Path> write(PdfSource source, SheetLayout layout, PageBoxes boxes, Path target) {
        PdfImposer imposer = new PdfImposer(source, layout, new HandMarks(layout, wantedMarks(), punch()), boxes);
        Map<Path, Pass> files = new LinkedHashMap<>();
        if (passes == null) {
            files.put(target, Pass.DUPLEX);
        } else if (passes.equals("long") || passes.equals("short")) {
            // Backs are laid as they are seen when the sheet is turned about its upright edge.
            boolean half = passes.equals("long") == layout.isLandscape();
            files.put(beside(target, "-front"), new Pass(SheetSides.FRONTS, false, false, Turn.NONE, Turn.NONE));
            Pass backs = new Pass(SheetSides.BACKS, half, false, Turn.NONE, Turn.NONE);
            if (imposer.count(backs) > 0) {
                files.put(beside(target, "-back"), backs);
            }
        } else {
            throw Trouble.of("cli.booklet.no-passes", passes);
        }
        if (!replace) {
            Authorship.refuseStrangers(List.copyOf(files.keySet()));
        }
        files.forEach((path, pass) -> SafeFile.write(path, o -> imposer.write(pass, o, Progress.SILENT)));
        return List.copyOf(files.keySet());
    }

    private static Path beside(Path target, String what) {
        String name = String.valueOf(target.getFileName()).replaceFirst("(?i)\\.pdf$", "");
        return target.resolveSibling(name + what + ".pdf");
    }
}
