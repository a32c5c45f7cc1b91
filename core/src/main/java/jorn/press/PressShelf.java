package jorn.press;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import jorn.json.Json;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** The press profiles at hand: those that ship with Jorn, and the user's own in a folder. */
public final class PressShelf {
    /** A profile of this size lists more trims than any press makes. */
    private static final int LARGEST_MB = 5;

    private static final List<String> SHIPPED =
            List.of("online", "trade", "magazine", "copyshop", "home", "casebound", "screen");

    private static final Map<String, PressProfile> READ = new ConcurrentHashMap<>();
    private static final PressShelf SHIPPED_SHELF = new PressShelf(Map.of());

    private final Map<String, PressProfile> own;

    private PressShelf(Map<String, PressProfile> own) {
        this.own = own;
    }

    /** The profiles that ship with Jorn. */
    public static PressShelf shipped() {
        return SHIPPED_SHELF;
    }

    /**
     * The shipped profiles and the user's own, one file each; an own profile takes the place of a shipped one of the same id.
     *
     * @param refused hears of each file that cannot be used
     */
    public static PressShelf with(Path folder, Consumer<Trouble> refused) {
        Map<String, PressProfile> all = new LinkedHashMap<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "*.json")) {
                for (Path file : files) {
                    try {
                        PressProfile own = read(file);
                        all.put(own.id(), own);
                    } catch (Trouble t) {
                        refused.accept(t);
                    }
                }
            } catch (IOException e) {
                refused.accept(Trouble.because(e, "press.press-shelf.your-own-press-profiles", folder));
            }
        }
        return new PressShelf(all);
    }

    /** All profiles, the shipped ones first. */
    public List<PressProfile> profiles() {
        List<PressProfile> all = new ArrayList<>();
        SHIPPED.forEach(id -> all.add(own.containsKey(id) ? own.get(id) : shippedProfile(id)));
        own.values().stream().filter(p -> !SHIPPED.contains(p.id())).forEach(all::add);
        return List.copyOf(all);
    }

    /** Whether a profile of this id ships with Jorn. */
    public static boolean isShipped(String id) {
        return SHIPPED.contains(id);
    }

    /**
     * The profile of this id, or the one in the file of this name.
     *
     * @throws Trouble naming the profiles that there are, or what is wrong with the file
     */
    public PressProfile find(String idOrFile) {
        if (own.containsKey(idOrFile)) {
            return own.get(idOrFile);
        }
        if (SHIPPED.contains(idOrFile)) {
            return shippedProfile(idOrFile);
        }
        if (idOrFile.endsWith(".json")) {
            return read(Path.of(idOrFile));
        }
        throw Trouble.of(
                "press.press-shelf.there-no-press-profile",
                idOrFile,
                String.join(", ", profiles().stream().map(PressProfile::id).toList()));
    }

    /**
     * Reads a profile that the user has written or been given.
     *
     * @throws Trouble that names the field and the reason
     */
    public static PressProfile read(Path file) {
        return Json.read(
                SmallFile.read(file, LARGEST_MB),
                PressProfile.class,
                Wording.of("press.press-shelf.press-profile", file.getFileName()));
    }

    /** Shipped profiles are read when first asked for, each by itself, so that a book opens without reading them all. */
    private static PressProfile shippedProfile(String id) {
        return READ.computeIfAbsent(id, wanted -> {
            try (InputStream in = PressShelf.class.getResourceAsStream(wanted + ".json")) {
                return Json.read(
                        in.readAllBytes(), PressProfile.class, Wording.of("press.press-shelf.shipped-profile", wanted));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
