package jorn.pattern.motif;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Path;
import org.junit.jupiter.api.Test;

class MorphTest {
    private static Map.Entry<String, List<MotifLine>> named(String name, List<MotifLine> lines) {
        return Map.entry(name, lines);
    }

    private static double extent(List<MotifLine> lines) {
        Box all = lines.stream().map(l -> l.path().bounds()).reduce(Box::with).orElse(new Box(0, 0, 0, 0));
        return Math.hypot(all.width(), all.height());
    }

    /** Wherever a page changes from one motif into another, there is something to colour. */
    @Test
    void onTheWayFromAnyMotifToAnyOtherThereIsAlwaysAMotif() {
        List<Map.Entry<String, List<MotifLine>>> all = new ArrayList<>();
        MotifShelf.names().forEach(n -> all.add(named(n, MotifShelf.lines(n))));
        all.add(named("cross", List.of(stroke(-1, 0, 1, 0), stroke(0, -1, 0, 1))));
        all.add(named("scattered", new ScatteredMotif(3L).lines()));
        List<String> empty = new ArrayList<>();
        for (var a : all) {
            for (var b : all) {
                Morph morph = new Morph(a.getValue(), b.getValue());
                double least = 0.6 * Math.min(extent(a.getValue()), extent(b.getValue()));
                for (int i = 0; i <= 20; i++) {
                    if (extent(morph.at(i / 20.0)) < least) {
                        empty.add(a.getKey() + " > " + b.getKey() + " " + i);
                    }
                }
            }
        }
        assertEquals(List.of(), empty);
    }

    private static MotifLine stroke(double x, double y, double toX, double toY) {
        return new MotifLine(Path.builder().move(x, y).line(toX, toY).build(), 1);
    }

    @Test
    void itBeginsAsTheOneAndEndsAsTheOther() {
        List<MotifLine> cross = List.of(stroke(-1, 0, 1, 0), stroke(0, -1, 0, 1));
        List<MotifLine> slanted = List.of(stroke(-1, -1, 1, 1), stroke(-1, 1, 1, -1));
        Morph morph = new Morph(cross, slanted);
        assertEquals(2, morph.at(0).size());
        assertEquals(0, morph.at(0).get(0).path().bounds().height(), 1e-6);
        assertEquals(2, morph.at(1).get(0).path().bounds().height(), 1e-6);
        assertEquals(1, morph.at(0.5).get(0).path().bounds().height(), 1e-6);
        assertTrue(morph.at(0.5).stream().noneMatch(l -> l.path().isClosed()));
    }
}
