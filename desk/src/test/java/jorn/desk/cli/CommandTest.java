package jorn.desk.cli;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import jorn.json.Json;
import org.junit.jupiter.api.io.TempDir;

/** Commands as they are typed, and what they say. */
abstract class CommandTest {
    @TempDir
    Path folder;

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    /** @return how the command ends */
    final int jorn(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return JornCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), args);
    }

    /** What the last command printed. */
    final JsonNode json() {
        return Json.read(out.toString().getBytes(StandardCharsets.UTF_8), JsonNode.class, "the output");
    }
}
