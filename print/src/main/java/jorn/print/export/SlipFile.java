package jorn.print.export;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import jorn.art.PageArt;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.order.OrderSlip;
import jorn.order.OrderSlip.Line;
import jorn.order.SlipSheet;
import jorn.print.pdf.PdfSink;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** Writes a book's order slip as a PDF or as plain text, by the file's ending. */
public final class SlipFile {
    private static final String PDF = ".pdf";
    private static final String TEXT = ".txt";

    private SlipFile() {}

    /** The file's name beside the book's others: {@code hive-notes-order.pdf}. */
    public static String name(Edition edition, boolean pdf) {
        return FileNames.of(edition.book()) + "-order" + (pdf ? PDF : TEXT);
    }

    /**
     * Writes it; an old file stays whole until the new one is.
     *
     * @throws Trouble where the ending is neither, or it cannot be written
     */
    public static void write(Edition edition, Unit unit, Path file) {
        write(
                Wording.of("print.slip-file.title", edition.book().shownTitle()),
                Wording.of("order.sheet.about"),
                OrderSlip.of(edition, unit),
                edition.book().author(),
                file);
    }

    /**
     * Writes an order for a copy shop, likewise.
     *
     * @param order as {@link jorn.order.ShopOrder} has it
     * @throws Trouble where the ending is neither, or it cannot be written
     */
    public static void writeShopOrder(Edition edition, List<Line> order, Path file) {
        write(
                Wording.of("print.slip-file.shop-title", edition.book().shownTitle()),
                Wording.of("order.sheet.shop-about"),
                order,
                edition.book().author(),
                file);
    }

    private static void write(String title, String about, List<Line> lines, String author, Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        if (name.endsWith(PDF)) {
            SafeFile.write(file, out -> {
                try (PdfSink sink = new PdfSink(title, author)) {
                    for (PageArt sheet : SlipSheet.of(title, about, lines)) {
                        sink.add(sheet);
                    }
                    sink.writeTo(out);
                }
            });
        } else if (name.endsWith(TEXT)) {
            SafeFile.write(file, out -> out.write(OrderSlip.text(lines).getBytes(StandardCharsets.UTF_8)));
        } else {
            throw Trouble.of("print.slip-file.ending", file.getFileName());
        }
    }
}
