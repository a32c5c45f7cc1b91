package jorn.desk.cli;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.cover.Composition;
import jorn.cover.Compositions;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.print.export.Authorship;
import jorn.print.raster.RasterSink;
import jorn.say.Wording;
import jorn.store.SafeFile;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists the compositions of covers, or shows them all in one picture. */
@Command(name = "covers")
final class CoversCommand implements Callable<Integer> {
    private static final int GAP = 24;
    private static final int HEIGHT = 460;

    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "${bundle:cli.recipes.json-array}")
    private boolean json;

    @Option(names = "--to", paramLabel = "FILE.png", description = "${bundle:cli.covers.to}")
    private Path file;

    @Option(names = "--book", paramLabel = "FILE.jorn", description = "${bundle:cli.covers.book}")
    private Path book;

    @Option(names = "--style", paramLabel = "ID", description = "${bundle:cli.sheet.style}")
    private String style;

    @Option(names = "--title", paramLabel = "T", description = "${bundle:cli.new.book-s-title}")
    private String title;

    @Option(names = "--columns", paramLabel = "N", defaultValue = "9", description = "${bundle:cli.sheet.columns}")
    private int columns;

    @Option(names = "--whole", description = "${bundle:cli.covers.whole}")
    private boolean whole;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (file != null) {
            write();
            out.println(file);
        } else if (json) {
            List<Map<String, Object>> all =
                    Compositions.all().stream().map(CoversCommand::object).toList();
            out.println(new String(Json.write(all), StandardCharsets.UTF_8));
        } else {
            Compositions.all().forEach(c -> out.println(c.id() + "\t" + c.called() + "\t" + c.manner()));
        }
        return JornCommand.DONE;
    }

    private static Map<String, Object> object(Composition composition) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", composition.id());
        object.put("name", composition.called());
        object.put("manner", composition.manner());
        object.put("picture", composition.picture());
        return object;
    }

    private Book shown() {
        Book own = book != null ? BookOnDisk.load(book, spec.commandLine().getErr()) : Starter.DATED_PLANNER.begin();
        if (title != null || own.title().isBlank()) {
            own = own.withTitle(title != null ? title : Wording.of("cli.covers.sample-title"));
        }
        return style == null ? own : own.inStyle(StyleShelf.of(style));
    }

    private void write() {
        if (columns < 1 || columns > 12) {
            throw Trouble.of("cli.sheet.bad-columns", columns);
        }
        if (!replace) {
            Authorship.refuseStrangers(List.of(file));
        }
        Book own = shown();
        List<PageArt> fronts = Compositions.all().stream()
                .map(c -> {
                    Edition edition = Edition.of(own.withCover(own.cover().planned(p -> p.composedAs(c.id()))));
                    return whole ? edition.cover().plane() : edition.cover().frontArt();
                })
                .toList();
        Box trim = fronts.get(0).trim();
        int w = (int) Math.round(HEIGHT * trim.width() / trim.height());
        int rows = (fronts.size() + columns - 1) / columns;
        BufferedImage sheet =
                new BufferedImage(GAP + columns * (w + GAP), GAP + rows * (HEIGHT + GAP), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sheet.createGraphics();
        g.setColor(new Color(0x9A, 0x98, 0x94));
        g.fillRect(0, 0, sheet.getWidth(), sheet.getHeight());
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        for (int i = 0; i < fronts.size(); i++) {
            BufferedImage one = RasterSink.picture(fronts.get(i), trim, HEIGHT / trim.height());
            g.drawImage(one, GAP + i % columns * (w + GAP), GAP + i / columns * (HEIGHT + GAP), w, HEIGHT, null);
        }
        g.dispose();
        SafeFile.write(file, target -> {
            if (!ImageIO.write(sheet, "png", target)) {
                throw new IOException("png");
            }
        });
    }
}
