package jorn.cover.drawing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jorn.measure.Trouble;

/** All that is drawn by rule on covers, by id. */
public final class CoverDrawings {
    private static final Map<String, CoverDrawing> ALL = new LinkedHashMap<>();

    static {
        Stream.of(
                        TileDrawings.all(),
                        ScatterDrawings.all(),
                        PlantDrawings.all(),
                        SceneDrawings.all(),
                        ShapeDrawings.all())
                .flatMap(List::stream)
                .forEach(d -> ALL.put(d.id(), d));
    }

    private CoverDrawings() {}

    public static List<CoverDrawing> all() {
        return List.copyOf(ALL.values());
    }

    /** @throws Trouble naming the drawings that there are */
    public static CoverDrawing of(String id) {
        CoverDrawing drawing = ALL.get(id);
        if (drawing == null) {
            throw Trouble.of("cover.drawings.no-such", id, String.join(", ", ALL.keySet()));
        }
        return drawing;
    }
}
