package jorn.desk.cli;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;
import jorn.say.PlainWords;

/** Lets nothing through to a terminal that would move its cursor, change its colours or turn words round: titles and names come from anywhere. */
final class TerminalWriter extends FilterWriter {
    TerminalWriter(Writer out) {
        super(out);
    }

    @Override
    public void write(int c) throws IOException {
        write(String.valueOf((char) c), 0, 1);
    }

    @Override
    public void write(char[] text, int from, int length) throws IOException {
        write(new String(text, from, length), 0, length);
    }

    @Override
    public void write(String text, int from, int length) throws IOException {
        out.write(PlainWords.lines(text.substring(from, from + length)));
    }
}
