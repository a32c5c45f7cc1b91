package jorn.check;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.Picture;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Numeral;
import jorn.say.Message;

/**
 * A press takes files up to a size. Before the inside is written its size is estimated: of each picture as much of its file as is seen, for each mark a
 * few bytes, for each face what a subset of it takes (found by trial; within a third of what is written). The reception measures the file itself.
 */
final class FileSizeRule implements PageRule {
    private static final double MEGABYTE = 1e6;
    /** What every file has: information, fonts' tables, references. */
    private static final double BASE = 6_000;

    private static final double FACE = 9_000;
    private static final double MARK = 14;

    private final Map<String, Box> seen = new HashMap<>();
    private final Map<String, Picture> pictures = new HashMap<>();
    private final Set<String> faces = new HashSet<>();
    private long marks;

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        marks += sighting.standing().size();
        for (Standing s : sighting.standing()) {
            if (s.mark() instanceof Mark.Image image) {
                seen.merge(image.picture().id(), image.from(), Box::with);
                pictures.put(image.picture().id(), image.picture());
            } else if (s.mark() instanceof Mark.Words w) {
                faces.add(w.run().face());
            }
        }
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        Optional<Double> most = proof.book().brief().press().limits().largestFile();
        double megabytes = bytes() / MEGABYTE;
        most.filter(m -> megabytes > m)
                .ifPresent(m -> found.accept(new Finding(
                                "file.size",
                                Severity.ERROR,
                                Place.book(),
                                Message.of("check.file-size.found", proof.press()),
                                Message.of("check.file-size.about", inWords(megabytes)),
                                Message.of("check.file-size.most", Numeral.trimmed(m, 1)),
                                Message.of("check.file-size.do"))
                        .by(Clause.LIMITS.of(proof))));
    }

    private static String inWords(double megabytes) {
        return megabytes < 0.1 ? "0.1" : Numeral.fixed(megabytes, 1);
    }

    private double bytes() {
        double all = BASE + faces.size() * FACE + marks * MARK;
        for (Map.Entry<String, Picture> each : pictures.entrySet()) {
            Picture picture = each.getValue();
            Box part = seen.get(each.getKey());
            double whole = Math.max(1, (double) picture.width() * picture.height());
            double share = part == null ? 1 : Math.min(1, part.width() * part.height() / whole);
            all += picture.file().length() * share;
        }
        return all;
    }
}
