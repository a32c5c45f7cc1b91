package jorn.desk.model;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.measure.Trouble;
import jorn.say.Language;
import jorn.store.SafeFile;

/**
 * The language in which Jorn speaks: {@code JORN_LANGUAGE} where it is set, else what was chosen by hand, else the system's. The
 * choice has a file of its own, so that a short command need not read all settings before its first word.
 */
public final class LanguageChoice {
    private final Path file;

    /** @param folder of the settings */
    public LanguageChoice(Path folder) {
        file = folder.resolve("language");
    }

    /** The language to speak from now on. */
    public Language now() {
        return Optional.ofNullable(System.getenv("JORN_LANGUAGE"))
                .flatMap(Language::of)
                .or(this::byHand)
                .orElseGet(Language::ofSystem);
    }

    /** What was chosen by hand. */
    public Optional<Language> byHand() {
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        try {
            return Language.of(Files.readString(file, StandardCharsets.UTF_8).strip());
        } catch (IOException e) {
            // Not kept in a field: making a logger takes longer than a short command has.
            Logger.getLogger(LanguageChoice.class.getName())
                    .log(Level.WARNING, "The language that was chosen cannot be read; the system's is spoken.", e);
            return Optional.empty();
        }
    }

    /**
     * Chooses for the next start.
     *
     * @param wanted nothing for the system's
     * @throws Trouble where it cannot be kept
     */
    public void choose(Optional<Language> wanted) {
        try {
            if (wanted.isEmpty()) {
                Files.deleteIfExists(file);
            } else {
                SafeFile.write(file, out -> out.write(wanted.get().code().getBytes(StandardCharsets.UTF_8)));
            }
        } catch (IOException e) {
            throw Trouble.because(e, "desk.language-choice.cannot-be-kept", file);
        }
    }
}
