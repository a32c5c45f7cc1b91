package jorn.desk.cli;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.cover.Cover;
import jorn.cover.Judgement;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.print.export.Authorship;
import jorn.print.raster.CoverLook;
import jorn.print.raster.RasterSink;
import jorn.store.SafeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Tells what a book's cover is made of, or writes it as a picture. */
@Command(name = "cover")
final class CoverCommand implements Callable<Integer> {
    private static final int WIDEST = 12_000;
    private static final double POINTS_PER_INCH = 72;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.measure.book}")
    private Path file;

    @Option(names = "--json", description = "${bundle:cli.cover.json}")
    private boolean json;

    @Option(names = "--to", paramLabel = "FILE.png", description = "${bundle:cli.cover.to}")
    private Path target;

    @Option(names = "--width", paramLabel = "N", defaultValue = "1600", description = "${bundle:cli.cover.width}")
    private int width;

    @Option(names = "--front", description = "${bundle:cli.cover.front}")
    private boolean front;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Book book = BookOnDisk.load(file, spec.commandLine().getErr());
        Cover cover = Edition.of(book).cover();
        if (target != null) {
            picture(cover);
            out.println(target);
        }
        if (json || target == null) {
            out.println(new String(Json.write(object(book, cover)), StandardCharsets.UTF_8));
        }
        return JornCommand.DONE;
    }

    private void picture(Cover cover) {
        if (width < 16 || width > WIDEST) {
            throw Trouble.of("cli.cover.bad-width", width, WIDEST);
        }
        if (!replace) {
            Authorship.refuseStrangers(List.of(target));
        }
        PageArt art = front ? cover.frontArt() : cover.plane();
        Box part = front ? art.trim() : art.bleed();
        BufferedImage image = RasterSink.picture(art, part, width / part.width());
        SafeFile.write(target, to -> {
            if (!ImageIO.write(image, "png", to)) {
                throw new IOException("png");
            }
        });
    }

    private static Map<String, Object> object(Book book, Cover cover) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("composition", book.cover().plan().map(p -> p.composition()).orElse("none"));
        List<Map<String, Object>> parts = new ArrayList<>();
        for (Cover.PlacedPart placed : cover.parts()) {
            Map<String, Object> part = new LinkedHashMap<>();
            part.put("id", placed.part().id());
            part.put("on", placed.part().on().id());
            part.put("is", Json.tree(placed.part()).path("part").path("is").asText());
            Box b = placed.box();
            part.put("box", List.of(round(b.x()), round(b.y()), round(b.width()), round(b.height())));
            String text = text(cover, placed);
            if (!text.isEmpty()) {
                part.put("text", text);
            }
            parts.add(part);
        }
        cover.geometry().ownBarcode().ifPresent(b -> {
            Map<String, Object> part = new LinkedHashMap<>();
            part.put("id", "barcode");
            part.put("on", "back");
            part.put("is", "barcode");
            part.put("box", List.of(round(b.x()), round(b.y()), round(b.width()), round(b.height())));
            parts.add(part);
        });
        object.put("parts", parts);
        object.put("pictures", pictures(cover));
        if (!cover.parts().isEmpty()) {
            object.put("judgement", judgement(Judgement.of(book, cover, CoverLook.ground(cover))));
        }
        return object;
    }

    private static String text(Cover cover, Cover.PlacedPart placed) {
        if (!placed.part().part().isLettered()) {
            return "";
        }
        StringBuilder all = new StringBuilder();
        for (Mark mark : Marks.single(cover.marksOf(placed)).toList()) {
            if (mark instanceof Mark.Words words) {
                boolean letter = words.run().text().length() == 1;
                all.append(all.isEmpty() || letter ? "" : " ")
                        .append(words.run().text());
            }
        }
        return all.toString();
    }

    private static List<Map<String, Object>> pictures(Cover cover) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Marks.Standing standing : Marks.standing(cover.atSize().marks())) {
            if (standing.mark() instanceof Mark.Image image) {
                double across = image.from().width()
                        / (image.to().width() * standing.at().enlarges());
                Map<String, Object> picture = new LinkedHashMap<>();
                picture.put("file", image.picture().name());
                picture.put("dpi", Math.round(across * POINTS_PER_INCH));
                all.add(picture);
            }
        }
        return all;
    }

    private static Map<String, Object> judgement(Judgement j) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("xHeightAt160", round(j.xHeightAt160()));
        object.put("xHeightAt90", round(j.xHeightAt90()));
        object.put("contrast", round(j.contrast()));
        object.put("unrest", round(j.unrest()));
        object.put("offCentre", round(j.offCentre()));
        object.put("outsideSafeArea", j.outside());
        object.put("wordsTwice", j.repeated());
        object.put("families", j.families());
        return object;
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
