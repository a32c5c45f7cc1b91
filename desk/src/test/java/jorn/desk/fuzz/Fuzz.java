package jorn.desk.fuzz;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import jorn.art.ForeignPage;
import jorn.art.Picture;
import jorn.art.PictureDecoder;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.calendar.DayFile;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.read.PdfLook;
import jorn.recipe.Catalogue;
import jorn.store.BookFile;
import jorn.store.ItemFile;
import jorn.store.RecipeFile;

/**
 * Spoils every kind of file that Jorn reads and gives it to Jorn: it is taken, or refused in a sentence, within five seconds. Run in
 * a process of its own with little memory.
 */
final class Fuzz {
    private static final int LONGEST_SECONDS = 5;

    /** So many are tried however slow the machine. */
    private static final int LEAST = 60;

    /** What no sentence to a person says. */
    private static final String JAVAS_WORDS =
            "(?s).*(java\\.|jorn\\.|Exception|/ by zero|null\\b|NaN (in|mm|pt|%)|Index \\d+ out of|Trouble|com\\.fasterxml).*";

    private interface Trial {
        void with(byte[] spoiled) throws IOException;
    }

    private final Path folder;
    private final Random random;
    private final Mutator mutator;
    private final ExecutorService hand = Executors.newCachedThreadPool(r -> {
        Thread t = new Thread(null, r, "trial", 2 << 20);
        t.setDaemon(true);
        return t;
    });

    private final Map<String, Runnable> kinds = new LinkedHashMap<>();
    private final List<String> failures = new ArrayList<>();
    private String tried = "";
    private byte[] present = {};

    private Fuzz(Path folder, long seed) throws IOException {
        this.folder = folder;
        this.random = new Random(seed);
        this.mutator = new Mutator(random);
        List<byte[]> books = books();
        List<byte[]> pictures = pictures();
        byte[] pdf = pdf();
        kinds.put("book", () -> book(pick(books), false));
        kinds.put("book.bytes", () -> book(pick(books), true));
        kinds.put("design", this::design);
        kinds.put("profile", this::profile);
        kinds.put(
                "calendar",
                () -> trial("ics", mutator.text(CALENDAR), b -> DayFile.read(file("a.ics", b), Optional.empty())));
        kinds.put("days", () -> trial("csv", mutator.text(DAYS), b -> DayFile.read(file("a.csv", b))));
        kinds.put("list", () -> trial("txt", mutator.text(DAYS), b -> ItemFile.read(file("a.txt", b))));
        kinds.put(
                "picture",
                () -> trial("pic", mutator.bytes(pick(pictures)), b -> PictureDecoder.read(Picture.of("a.pic", b), 1)));
        kinds.put(
                "pdf",
                () -> trial(
                        "pdf",
                        mutator.bytes(pdf),
                        b -> PdfLook.page(new ForeignPage("1", "a.pdf", 1, 400, 600, b), 200)));
    }

    private static final String CALENDAR =
            """
            BEGIN:VCALENDAR
            VERSION:2.0
            BEGIN:VEVENT
            UID:1
            DTSTART;TZID=Europe/Berlin:20260301T090000
            DTEND;TZID=Europe/Berlin:20260303T090000
            RRULE:FREQ=WEEKLY;BYDAY=MO,TU;INTERVAL=2;COUNT=20
            EXDATE;TZID=Europe/Berlin:20260309T090000
            SUMMARY:Inspect the hives
            END:VEVENT
            BEGIN:VEVENT
            DTSTART;VALUE=DATE:20260704
            DURATION:P2D
            RRULE:FREQ=MONTHLY;BYDAY=-1FR
            SUMMARY:Market
            END:VEVENT
            END:VCALENDAR
            """;

    private static final String DAYS =
            """
            2026-10-09, Open day
            2026-12-24;Honey;for all
            "2026-01-01",New year
            What bloomed?
            """;

    private <T> T pick(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private Path file(String name, byte[] bytes) throws IOException {
        return Files.write(folder.resolve(name), bytes);
    }

    private static List<byte[]> books() throws IOException {
        List<byte[]> all = new ArrayList<>();
        for (Starter starter : Starter.values()) {
            Path file = Files.createTempFile("fuzz", ".jorn");
            BookFile.save(starter.begin().withTitle("Hive Notes"), file);
            all.add(Files.readAllBytes(file));
            Files.delete(file);
        }
        return all;
    }

    private static List<byte[]> pictures() throws IOException {
        List<byte[]> all = new ArrayList<>();
        for (int type : new int[] {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_BYTE_GRAY}) {
            BufferedImage image = new BufferedImage(90, 60, type);
            for (int i = 0; i < 5400; i++) {
                image.setRGB(i % 90, i / 90, i * 7919);
            }
            for (String kind : List.of("png", "jpeg")) {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                ImageIO.write(image, kind, out);
                all.add(out.toByteArray());
            }
        }
        return all;
    }

    private byte[] pdf() throws IOException {
        Path to = Files.createDirectories(folder.resolve("pdf"));
        Book book = Starter.NOTEBOOK.begin();
        Path written =
                Exporter.export(Edition.of(book), to, Progress.SILENT).get(0).file();
        return Files.readAllBytes(written);
    }

    private static byte[] entry(byte[] book, Path at) throws IOException {
        Files.write(at, book);
        try (ZipFile zip = new ZipFile(at.toFile());
                InputStream in = zip.getInputStream(zip.getEntry("book.json"))) {
            return in.readAllBytes();
        }
    }

    private void book(byte[] whole, boolean bytes) {
        try {
            byte[] spoiled = bytes ? mutator.bytes(whole) : zipped(json(entry(whole, folder.resolve("whole.jorn"))));
            trial("jorn", spoiled, b -> use(BookFile.load(file("a.jorn", b))));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private byte[] json(byte[] whole) throws IOException {
        JsonNode tree = mutator.tree(Json.mapper().readTree(whole));
        return random.nextInt(20) == 0
                ? tree.toString().getBytes("UTF-32")
                : tree.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] zipped(byte[] json) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("book.json"));
            zip.write(json);
        }
        return out.toByteArray();
    }

    /** Everything that is done with a book: laid out, checked, written; of long ones the first pages. */
    private void use(Book book) throws IOException {
        Edition edition = Edition.of(book);
        edition.measures().all().values().forEach(f -> f.working(Unit.INCH));
        Checker.check(new Proof(edition, Unit.MILLIMETRE))
                .forEach(f -> sane(f.message() + f.measured() + f.required()));
        BookFile.save(book, folder.resolve("again.jorn"));
        if (edition.pagination().pageCount() <= 60) {
            Exporter.export(edition, Files.createDirectories(folder.resolve("out")), Progress.SILENT);
        }
    }

    private void design() {
        try {
            String id = pick(List.copyOf(Catalogue.all())).id();
            Path whole = folder.resolve("whole.json");
            RecipeFile.write(Catalogue.recipe(id), whole);
            byte[] spoiled =
                    random.nextInt(5) == 0 ? mutator.bytes(Files.readAllBytes(whole)) : json(Files.readAllBytes(whole));
            trial("json", spoiled, b -> {
                var recipe = RecipeFile.read(file("a.json", b));
                use(Starter.NOTEBOOK.begin().withRecipe(0, r -> recipe));
            });
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void profile() {
        try {
            byte[] whole = Json.write(pick(PressShelf.shipped().profiles()));
            byte[] spoiled = random.nextInt(5) == 0 ? mutator.bytes(whole) : json(whole);
            trial("json", spoiled, b -> {
                PressProfile press = PressShelf.read(file("press.json", b));
                Brief brief = Starter.NOTEBOOK.usualBrief().at(press);
                use(Starter.NOTEBOOK.begin(brief));
            });
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void trial(String ending, byte[] spoiled, Trial trial) {
        tried = ending;
        present = spoiled;
        Future<?> done = hand.submit(() -> {
            trial.with(spoiled);
            return true;
        });
        try {
            done.get(LONGEST_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            fail("took longer than " + LONGEST_SECONDS + " s: " + stack());
            done.cancel(true);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof Trouble t) {
                sane(t.getMessage());
            } else {
                StringWriter all = new StringWriter();
                e.getCause().printStackTrace(new java.io.PrintWriter(all));
                fail(all.toString().lines().limit(14).reduce("", (a, b) -> a + "\n    " + b));
            }
        }
    }

    private static String stack() {
        for (var each : Thread.getAllStackTraces().entrySet()) {
            if (each.getKey().getName().equals("trial")) {
                StringBuilder b = new StringBuilder();
                for (int i = 0; i < Math.min(18, each.getValue().length); i++) {
                    b.append("\n    ").append(each.getValue()[i]);
                }
                return b.toString();
            }
        }
        return "";
    }

    private void sane(String sentence) {
        if (sentence.replace("“null”", "").matches(JAVAS_WORDS)) {
            fail("says: " + sentence);
        }
    }

    private void fail(String what) {
        failures.add(what);
        try {
            Path kept = folder.resolve("failure-" + failures.size() + "." + tried);
            Files.write(kept, present);
            System.out.println("FAILURE " + kept.getFileName() + " " + what);
        } catch (IOException e) {
            System.out.println("FAILURE " + what);
        }
    }

    /** Arguments: folder for what failed, seconds, seed. */
    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        double seconds = Double.parseDouble(args[1]);
        long seed = Long.parseLong(args[2]);
        Fuzz fuzz = new Fuzz(folder, seed);
        long end = System.nanoTime() + (long) (seconds * 1e9);
        int trials = 0;
        List<Runnable> kinds = List.copyOf(fuzz.kinds.values());
        while ((System.nanoTime() < end || trials < LEAST) && fuzz.failures.size() < 40) {
            // Books, designs and profiles are spoiled most often: they have the most to say.
            int kind = trials % 2 == 0 ? trials / 2 % 4 : trials / 2 % kinds.size();
            kinds.get(kind).run();
            trials++;
        }
        System.out.println(trials + " spoiled files, " + fuzz.failures.size() + " failures, seed " + seed);
        System.exit(fuzz.failures.isEmpty() ? 0 : 1);
    }
}
