package jorn.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.EnumSet;
import java.util.Set;

/**
 * Folders that nobody but their owner enters, and files that nobody else reads: unsaved work, earlier versions, the log. Where a system knows no such
 * rights (POSIX, IEEE 1003.1), they are as that system makes them.
 */
public final class OwnFolder {
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> OTHERS = PosixFilePermissions.fromString("---rwxrwx");

    private OwnFolder() {}

    /** Makes a folder, and those above it that are missing; one that is there is closed to others. */
    public static Path made(Path folder) throws IOException {
        Path named = folder.toAbsolutePath();
        if (!Files.isDirectory(named)) {
            if (knowsRights(named)) {
                Files.createDirectories(named, PosixFilePermissions.asFileAttribute(FOLDER));
            } else {
                Files.createDirectories(named);
            }
        } else if (!isOwn(named)) {
            close(named, FOLDER);
        }
        return folder;
    }

    /** Closes a file to others. */
    public static void close(Path file) throws IOException {
        close(file, FILE);
    }

    private static void close(Path path, Set<PosixFilePermission> rights) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view != null) {
            view.setPermissions(rights);
        }
    }

    /** Whether nobody but its owner enters a folder. */
    static boolean isOwn(Path folder) throws IOException {
        if (!knowsRights(folder)) {
            return false;
        }
        Set<PosixFilePermission> others = EnumSet.copyOf(OTHERS);
        others.retainAll(Files.getPosixFilePermissions(folder));
        return others.isEmpty();
    }

    private static boolean knowsRights(Path path) {
        return path.getFileSystem().supportedFileAttributeViews().contains("posix");
    }
}
