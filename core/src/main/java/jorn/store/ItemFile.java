package jorn.store;

import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jorn.measure.TextFile;
import jorn.measure.Trouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Lists of prompts and other items: one a line in a text file, or the first column of a CSV file. */
public final class ItemFile {
    private static final int LONGEST = 2000;

    private ItemFile() {}

    /**
     * Reads a list; empty lines are passed over.
     *
     * @throws Trouble where it cannot be read, is empty, or has a line of more than 2,000 letters
     */
    public static List<String> read(Path file) {
        String text = TextFile.read(file);
        String name = String.valueOf(file.getFileName());
        List<String> items =
                name.toLowerCase(java.util.Locale.ROOT).endsWith(".csv") ? csv(text, name, 1) : lines(text);
        if (items.isEmpty()) {
            throw Trouble.of("store.item-file.holds-no-lines", name);
        }
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i).length() > LONGEST) {
                throw Trouble.of(
                        "store.item-file.item-has-letters",
                        i + 1,
                        name,
                        items.get(i).length(),
                        LONGEST);
            }
        }
        return items;
    }

    /**
     * Reads a list of words with something behind each, such as a clue: as they stand in a text file, or the first two columns of a CSV file
     * with a tab between them.
     *
     * @throws Trouble as {@link #read}
     */
    public static List<String> readPairs(Path file) {
        String name = String.valueOf(file.getFileName());
        if (!name.toLowerCase(java.util.Locale.ROOT).endsWith(".csv")) {
            return read(file);
        }
        List<String> items = csv(TextFile.read(file), name, 2);
        if (items.isEmpty()) {
            throw Trouble.of("store.item-file.holds-no-lines", name);
        }
        return items;
    }

    /** One item on each line; for a text that was typed. */
    public static List<String> lines(String text) {
        return text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
    }

    private static List<String> csv(String text, String name, int columns) {
        String head = text.lines().findFirst().orElse("");
        char between = head.contains(";") ? ';' : head.contains("\t") ? '\t' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(between)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .build();
        try {
            List<String> items = new ArrayList<>();
            for (CSVRecord record : format.parse(new StringReader(text))) {
                if (!record.get(0).isBlank()) {
                    boolean second =
                            columns > 1 && record.size() > 1 && !record.get(1).isBlank();
                    items.add(record.get(0).strip()
                            + (second ? "\t" + record.get(1).strip() : ""));
                }
            }
            return items;
        } catch (IOException | RuntimeException e) {
            throw Trouble.because(e, "store.item-file.not-order-csv", name, e.getMessage());
        }
    }
}
