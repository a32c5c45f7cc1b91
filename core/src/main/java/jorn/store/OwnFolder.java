package jorn.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/**
 * Folders that nobody but their owner enters, and files that nobody else reads: unsaved work, earlier versions, the log. Where a system knows no such
 * rights (POSIX, IEEE 1003.1), they are as that system makes them.
 */
public final class OwnFolder {
    private static final Set<PosixFilePermission> OWN = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OTHERS = PosixFilePermissions.fromString("---rwxrwx");

    private OwnFolder() {}

    /** Makes a folder, and those above it that are missing; one that is there is closed to others. */
    public static void made(Path folder) throws IOException {
        Path named = folder.toAbsolutePath();
        if (Files.isDirectory(named)) {
            close(named);
        } else if (knowsRights(named)) {
            Files.createDirectories(named, PosixFilePermissions.asFileAttribute(OWN));
        } else {
            Files.createDirectories(named);
        }
    }

    /** Takes from others what they may do with a file or a folder. */
    public static void close(Path path) throws IOException {
        if (knowsRights(path)) {
            Set<PosixFilePermission> rights = Files.getPosixFilePermissions(path);
            if (rights.removeAll(OTHERS)) {
                Files.setPosixFilePermissions(path, rights);
            }
        }
    }

    private static boolean knowsRights(Path path) {
        return path.getFileSystem().supportedFileAttributeViews().contains("posix");
    }
}
