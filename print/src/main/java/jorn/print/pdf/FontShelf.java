package jorn.print.pdf;

import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import jorn.art.GlyphRun;
import jorn.text.TypeShelf;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces embedded in one PDF, each as a subset of the glyphs that are used. */
final class FontShelf {
    private final PDDocument document;
    private final Map<String, Entry> entries = new HashMap<>();

    /** A face in this PDF: its font, the widths of its glyphs, and which are used. */
    static final class Entry {
        final PDType0Font font;
        final int[] widths;
        final Set<Integer> used = new HashSet<>();

        Entry(PDType0Font font, TrueTypeFont file) throws IOException {
            this.font = font;
            double scale = 1000.0 / file.getUnitsPerEm();
            widths = new int[file.getNumberOfGlyphs()];
            for (int i = 0; i < widths.length; i++) {
                widths[i] = (int) Math.round(file.getAdvanceWidth(i) * scale);
            }
        }
    }

    FontShelf(PDDocument document) {
        this.document = document;
    }

    /** The face of a run, its glyphs now counted as used. */
    Entry entryFor(GlyphRun run) throws IOException {
        Entry entry = entries.get(run.face());
        if (entry == null) {
            byte[] bytes = TypeShelf.face(run.face()).bytes();
            TrueTypeFont file = new TTFParser().parse(new RandomAccessReadBuffer(bytes));
            entry = new Entry(PDType0Font.load(document, file, true), file);
            entries.put(run.face(), entry);
        }
        for (int glyph : run.glyphs()) {
            entry.used.add(glyph);
        }
        return entry;
    }

    /** Embeds each face with the glyphs that are used; must run once, before the document is saved. */
    void embed() throws IOException {
        for (Entry entry : entries.values()) {
            entry.font.addGlyphsToSubset(entry.used);
            entry.font.subset();
        }
    }
}
