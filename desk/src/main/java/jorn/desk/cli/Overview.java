package jorn.desk.cli;

import java.io.PrintWriter;
import jorn.say.Wording;

/** What “jorn help” prints: every command and what it is for. It needs no command to be made, so it is there at once. */
final class Overview {
    private static final int WIDTH = 80;
    private static final int INDENT = 11;

    private Overview() {}

    static void print(PrintWriter out) {
        out.println(Wording.of("cli.help.usage") + " jorn [FILE.jorn] [COMMAND]");
        row(out, "", 0, Wording.of("cli.jorn.jorn-measures-draws-checks"));
        out.println(Wording.of("cli.help.commands"));
        for (Verb verb : Verb.ALL) {
            row(out, "  " + verb.name(), INDENT, Wording.of(verb.key()));
        }
        row(out, "  help", INDENT, Wording.of("cli.help.describes-command"));
        out.println();
        out.println(Wording.of("cli.jorn.test-run-tests"));
        out.println(Wording.of("cli.jorn.bench-run-benchmarks-print"));
        out.println(Wording.of("cli.jorn.screenshots-write-picture-each"));
        out.println();
        out.println(Wording.of("cli.jorn.without-command-jorn-opens"));
    }

    /** Words in lines that are not wider than the terminal, indented below the name before them. */
    private static void row(PrintWriter out, String name, int indent, String words) {
        StringBuilder line = new StringBuilder(name).append(" ".repeat(Math.max(0, indent - name.length())));
        boolean begun = false;
        for (String word : words.split(" ")) {
            if (begun && line.length() + 1 + word.length() > WIDTH) {
                out.println(line);
                line.setLength(0);
                line.append(" ".repeat(indent));
                begun = false;
            }
            line.append(begun ? " " : "").append(word);
            begun = true;
        }
        out.println(line);
    }
}
