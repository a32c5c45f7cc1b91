package jorn.desk.model;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.book.Book;
import jorn.impose.PrinterTraits;
import jorn.json.Json;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Wording;
import jorn.store.SafeFile;
import org.jspecify.annotations.Nullable;

/** What Jorn remembers from one day to the next: unit, text size, recent books, the window's place. */
public final class Settings {
    private static final Logger LOG = Logger.getLogger(Settings.class.getName());
    private static final int RECENT = 8;
    /** Pixels to an inch that window systems assume; common practice. */
    private static final double CUSTOMARY_PIXELS = 96;

    private static final int LARGEST_MB = 5;

    private final Path folder;
    private final Path data;
    private Unit unit = Unit.INCH;
    private int textSize = 100;
    private final List<Path> recent = new ArrayList<>();
    private final List<String> recentDesigns = new ArrayList<>();
    private double[] window = {};
    private @Nullable BookNumbers numbers;
    private boolean maximised;
    private String exportFolder = "";
    private PrinterTraits printer = PrinterTraits.TRUE;
    /** Pixels to a point of print on this screen; 0 where nobody has measured. */
    private double pixelsPerPoint;

    private Optional<Trouble> trouble = Optional.empty();

    private Settings(Path folder, Path data) {
        this.folder = folder;
        this.data = data;
    }

    /** The settings in the user's own folder; as new where there are none or they cannot be read. */
    public static Settings load() {
        return load(UserFolder.path(), UserFolder.data());
    }

    /** The settings in this folder, in which all else is kept as well. */
    public static Settings load(Path folder) {
        return load(folder, folder);
    }

    private static Settings load(Path folder, Path data) {
        Settings settings = new Settings(folder, data);
        Path file = settings.file();
        if (Files.isRegularFile(file)) {
            try {
                settings.read(Json.read(
                        SmallFile.read(file, LARGEST_MB), JsonNode.class, Wording.of("desk.settings.settings")));
            } catch (RuntimeException e) {
                // Whatever is wrong with it, Jorn starts.
                settings = new Settings(folder, data);
                settings.setAside(file, e);
            }
        }
        return settings;
    }

    /** Keeps a file that cannot be read for whoever wants to mend it, and remembers to say so. */
    private void setAside(Path file, Exception why) {
        Path aside = file.resolveSibling(file.getFileName() + ".unread");
        try {
            Files.move(file, aside, StandardCopyOption.REPLACE_EXISTING);
            trouble = Optional.of(Trouble.because(why, "desk.settings.cannot-be-read", aside));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "The settings that cannot be read could not be set aside.", e);
            trouble = Optional.of(Trouble.because(why, "desk.settings.cannot-be-read", file));
        }
    }

    /** What went wrong when the settings were read, to be told once there is a window. */
    public Optional<Trouble> trouble() {
        return trouble;
    }

    /** Settings that are gone with the machine's other temporary files. */
    public static Settings passing() {
        try {
            return load(Files.createTempDirectory("jorn-"));
        } catch (IOException e) {
            throw Trouble.because(e, "desk.settings.no-temporary-folder-can");
        }
    }

    private void read(JsonNode n) {
        unit = n.path("unit").asText().equals("mm") ? Unit.MILLIMETRE : Unit.INCH;
        textSize = Math.min(200, Math.max(80, n.path("textSize").asInt(100)));
        n.path("recentDesigns").forEach(d -> recentDesigns.add(d.asText()));
        n.path("recent").forEach(r -> recent.add(Path.of(r.asText())));
        exportFolder = n.path("exportFolder").asText("");
        maximised = n.path("maximised").asBoolean();
        double measured = n.path("pixelsPerPoint").asDouble();
        pixelsPerPoint = isScreens(measured) ? measured : 0;
        if (n.path("printer").isObject()) {
            printer = Json.read(n.path("printer"), PrinterTraits.class, Wording.of("desk.settings.printer"));
        }
        double[] place = new double[n.path("window").size()];
        for (int i = 0; i < place.length; i++) {
            place[i] = n.path("window").get(i).asDouble();
        }
        boolean usable = place.length == 4 && Arrays.stream(place).allMatch(d -> Math.abs(d) < 100_000);
        if (usable && place[2] > 0 && place[3] > 0) {
            window = place;
        }
    }

    private void save() {
        ObjectNode n = Json.mapper().createObjectNode();
        n.put("unit", unit.sign());
        n.put("textSize", textSize);
        n.put("exportFolder", exportFolder);
        n.put("maximised", maximised);
        n.put("pixelsPerPoint", pixelsPerPoint);
        n.set("printer", Json.tree(printer));
        ArrayNode books = n.putArray("recent");
        recent.forEach(r -> books.add(r.toString()));
        ArrayNode designs = n.putArray("recentDesigns");
        recentDesigns.forEach(designs::add);
        ArrayNode place = n.putArray("window");
        for (double d : window) {
            place.add(d);
        }
        try {
            SafeFile.write(file(), out -> out.write(Json.write(n)));
        } catch (Trouble e) {
            LOG.log(Level.WARNING, "Settings could not be kept.", e);
        }
    }

    private Path file() {
        return folder.resolve("settings.json");
    }

    /** The language that Jorn speaks. */
    public LanguageChoice language() {
        return new LanguageChoice(folder);
    }

    /** Where a Jorn before this one kept unsaved work. */
    Path formerRecovery() {
        return folder.resolve("recovery.jorn");
    }

    /** Remembers the ISBN of a book that has been saved. */
    public void rememberNumber(Book book) {
        numbers().remember(book);
    }

    /** Titles of other books that were saved here, by their ISBN. */
    public Map<String, String> otherNumbers(Book book) {
        return numbers().besides(book);
    }

    private synchronized BookNumbers numbers() {
        if (numbers == null) {
            numbers = new BookNumbers(data.resolve("numbers.json"));
        }
        return numbers;
    }

    /** Where unsaved work and earlier versions are kept. */
    public Path keptFolder() {
        return data.resolve("kept");
    }

    /** The folder of the settings, in which the user's own data files lie. */
    public Path folder() {
        return folder;
    }

    /** Where the user's own press profiles are. */
    public Path pressFolder() {
        return folder.resolve("presses");
    }

    /** Where the user's own page designs are. */
    public Path recipeFolder() {
        return folder.resolve("designs");
    }

    /** Where the typefaces lie that the user brought in. */
    public Path typefaceFolder() {
        return folder.resolve("typefaces");
    }

    /** Where the user's own styles lie. */
    public Path styleFolder() {
        return folder.resolve("styles");
    }

    public Unit unit() {
        return unit;
    }

    public void setUnit(Unit wanted) {
        unit = wanted;
        save();
    }

    /** In per cent. */
    public int textSize() {
        return textSize;
    }

    public void setTextSize(int percent) {
        textSize = percent;
        save();
    }

    /** Books opened or saved lately, the last first; only those that are still there. */
    public List<Path> recent() {
        return recent.stream().filter(Files::isRegularFile).toList();
    }

    public void addRecent(Path file) {
        first(recent, file.toAbsolutePath().normalize());
    }

    /** Ids of page designs taken lately, the last first. */
    public List<String> recentDesigns() {
        return List.copyOf(recentDesigns);
    }

    public void addRecentDesign(String id) {
        first(recentDesigns, id);
    }

    private <T> void first(List<T> list, T thing) {
        list.remove(thing);
        list.add(0, thing);
        while (list.size() > RECENT) {
            list.remove(list.size() - 1);
        }
        save();
    }

    /** Left, top, width and height of the window, if it was ever closed. */
    public Optional<double[]> window() {
        return window.length == 4 ? Optional.of(window.clone()) : Optional.empty();
    }

    public void setWindow(double x, double y, double width, double height) {
        window = new double[] {x, y, width, height};
        save();
    }

    /** Whether the window filled the screen when it was closed; the place is then the one that it goes back to. */
    public boolean isMaximised() {
        return maximised;
    }

    public void setMaximised(boolean now) {
        maximised = now;
        save();
    }

    /** How many pixels a point of print is on this screen: as measured with a ruler, otherwise as screens commonly are. */
    public double pixelsPerPoint() {
        return pixelsPerPoint > 0 ? pixelsPerPoint : CUSTOMARY_PIXELS / Unit.INCH.points();
    }

    /** @param pixels to a point; what no screen has is not taken */
    public void setPixelsPerPoint(double pixels) {
        if (isScreens(pixels)) {
            pixelsPerPoint = pixels;
            save();
        }
    }

    private static boolean isScreens(double pixels) {
        return pixels > 0.3 && pixels < 12;
    }

    /** What the user's own printer does, as measured. */
    public PrinterTraits printer() {
        return printer;
    }

    public void setPrinter(PrinterTraits measured) {
        printer = measured;
        save();
    }

    /** The folder last written to, or empty. */
    public String exportFolder() {
        return exportFolder;
    }

    public void setExportFolder(String wanted) {
        exportFolder = wanted;
        save();
    }
}
