package jorn.desk.model;

import java.nio.file.Path;

/** Where Jorn keeps what it remembers of its user: {@code JORN_HOME} where it is set, else where programs keep such things. */
public final class UserFolder {
    private UserFolder() {}

    public static Path path() {
        String own = System.getenv("JORN_HOME");
        if (own != null && !own.isBlank()) {
            return Path.of(own);
        }
        String config = System.getenv("XDG_CONFIG_HOME");
        return config != null && !config.isBlank()
                ? Path.of(config, "jorn")
                : Path.of(System.getProperty("user.home"), ".config", "jorn");
    }
}
