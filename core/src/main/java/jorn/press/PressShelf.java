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
import java.util.function.Consumer;
import jorn.json.Json;
import jorn.measure.Trouble;

/** The press profiles at hand: those that ship with Jorn, and the user's own in a folder. */
public final class PressShelf {
    private static final List<String> SHIPPED =
            List.of("online", "trade", "magazine", "copyshop", "home", "casebound", "screen");

    private final List<PressProfile> profiles;

    private PressShelf(List<PressProfile> profiles) {
        this.profiles = List.copyOf(profiles);
    }

    /** The profiles that ship with Jorn. */
    public static PressShelf shipped() {
        return Holder.SHELF;
    }

    /**
     * The shipped profiles and the user's own, one file each; an own profile takes the place of a shipped one of the same id.
     *
     * @param refused hears of each file that cannot be used
     */
    public static PressShelf with(Path folder, Consumer<Trouble> refused) {
        Map<String, PressProfile> all = new LinkedHashMap<>();
        shipped().profiles().forEach(p -> all.put(p.id(), p));
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
                refused.accept(Trouble.because(
                        "Your own press profiles in " + folder + " cannot be listed.",
                        "See whether you may open it.",
                        e));
            }
        }
        return new PressShelf(List.copyOf(all.values()));
    }

    public List<PressProfile> profiles() {
        return profiles;
    }

    /**
     * The profile of this id, or the one in the file of this name.
     *
     * @throws Trouble naming the profiles that there are, or what is wrong with the file
     */
    public PressProfile find(String idOrFile) {
        for (PressProfile profile : profiles) {
            if (profile.id().equals(idOrFile)) {
                return profile;
            }
        }
        if (idOrFile.endsWith(".json")) {
            return read(Path.of(idOrFile));
        }
        throw Trouble.of(
                "There is no press profile “" + idOrFile + "”.",
                "Choose one of "
                        + String.join(
                                ", ", profiles.stream().map(PressProfile::id).toList())
                        + ", or name a .json file.");
    }

    /**
     * Reads a profile that the user has written or been given.
     *
     * @throws Trouble that names the field and the reason
     */
    public static PressProfile read(Path file) {
        try {
            return Json.read(Files.readAllBytes(file), PressProfile.class, "The press profile " + file.getFileName());
        } catch (IOException e) {
            throw Trouble.because(
                    "The press profile " + file.getFileName() + " cannot be read.",
                    "Look whether the file is there and may be opened.",
                    e);
        }
    }

    private static final class Holder {
        private static final PressShelf SHELF = load();

        private static PressShelf load() {
            List<PressProfile> all = new ArrayList<>();
            for (String id : SHIPPED) {
                try (InputStream in = PressShelf.class.getResourceAsStream(id + ".json")) {
                    all.add(Json.read(in.readAllBytes(), PressProfile.class, "The shipped profile " + id));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
            return new PressShelf(all);
        }
    }
}
