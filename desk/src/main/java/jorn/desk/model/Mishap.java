package jorn.desk.model;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.store.OwnFolder;

/**
 * What was not foreseen, in whichever thread: it is written down in a file that can be sent to whoever mends it, and told in a
 * sentence without a program's words.
 */
public final class Mishap {
    private static final long LONGEST = 1_000_000;

    private Mishap() {}

    /** Where it is written down. */
    public static Path file() {
        return UserFolder.path().resolve("jorn.log");
    }

    /** Writes down what happened; where that cannot be, the error stream has it. */
    public static synchronized void log(Throwable e) {
        StringWriter all = new StringWriter();
        PrintWriter out = new PrintWriter(all);
        out.println(Instant.now() + " " + Thread.currentThread().getName() + ", Java "
                + System.getProperty("java.version") + ", " + System.getProperty("os.name"));
        e.printStackTrace(out);
        out.println();
        out.flush();
        try {
            Path file = file();
            Files.createDirectories(file.getParent());
            if (Files.exists(file) && Files.size(file) > LONGEST) {
                Files.move(file, file.resolveSibling("jorn.log.old"), StandardCopyOption.REPLACE_EXISTING);
            }
            Files.writeString(
                    file, all.toString(), StandardCharsets.UTF_8, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            OwnFolder.close(file);
        } catch (IOException unwritable) {
            System.err.print(all);
        }
    }

    /**
     * What to say of it. What was not foreseen is written down first.
     *
     * @return the same, where it is a refusal in words already
     */
    public static Trouble told(Throwable e) {
        if (e instanceof Trouble t) {
            return t;
        }
        log(e);
        if (isOf(e, OutOfMemoryError.class)) {
            return Trouble.because(e, "desk.mishap.memory");
        }
        return isOf(e, StackOverflowError.class)
                ? Trouble.because(e, "desk.mishap.too-deep")
                : Trouble.because(e, Message.of("desk.mishap.unforeseen"), Message.of("desk.mishap.report", file()));
    }

    private static boolean isOf(Throwable e, Class<? extends Throwable> type) {
        for (Throwable each = e; each != null; each = each.getCause()) {
            if (type.isInstance(each)) {
                return true;
            }
        }
        return false;
    }
}
