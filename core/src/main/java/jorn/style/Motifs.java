package jorn.style;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jorn.measure.Trouble;

/** All drawings that there are. */
public final class Motifs {
    private static final Map<String, Motif> ALL = new LinkedHashMap<>();

    static {
        Stream.of(
                        PlantMotifs.all(),
                        BeeMotifs.all(),
                        SkyMotifs.all(),
                        SeasonMotifs.all(),
                        SeaMotifs.all(),
                        KitchenMotifs.all(),
                        GardenMotifs.all(),
                        SchoolMotifs.all(),
                        HomeMotifs.all(),
                        BandMotifs.all())
                .flatMap(List::stream)
                .forEach(m -> ALL.put(m.id(), m));
    }

    private Motifs() {}

    /** All, theme by theme. */
    public static List<Motif> all() {
        return List.copyOf(ALL.values());
    }

    /** @throws Trouble where there is no such drawing */
    public static Motif of(String id) {
        Motif motif = ALL.get(id);
        if (motif == null) {
            throw Trouble.of("style.motifs.no-such-motif", id);
        }
        return motif;
    }
}
