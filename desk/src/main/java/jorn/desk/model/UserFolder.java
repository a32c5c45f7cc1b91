package jorn.desk.model;

import java.nio.file.Path;

/**
 * Where Jorn keeps what it remembers of its user: {@code JORN_HOME} where it is set, else where programs keep such things (XDG Base
 * Directory Specification 0.8).
 */
public final class UserFolder {
    private static final String NAME = "jorn";

    private UserFolder() {}

    /** Settings, presses and designs. */
    public static Path path() {
        return folder("XDG_CONFIG_HOME", ".config");
    }

    /** Unsaved work and earlier versions. */
    public static Path data() {
        return folder("XDG_DATA_HOME", ".local/share");
    }

    private static Path folder(String variable, String usual) {
        String own = System.getenv("JORN_HOME");
        if (own != null && !own.isBlank()) {
            return Path.of(own);
        }
        String given = System.getenv(variable);
        return given != null && !given.isBlank()
                ? Path.of(given, NAME)
                : Path.of(System.getProperty("user.home"), usual, NAME);
    }
}
