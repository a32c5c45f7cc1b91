package jorn.layout;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Stamp;

/**
 * The art of one design on the pages that have it, drawn once for all pages that are equal in what was read while it was
 * drawn. Art that read neither the page's measures nor its side is the same wherever its room lies across the page, and is
 * moved there. Safe to use from several threads.
 */
public final class ArtCache {
    /** Draws a design. */
    public interface Drawing {
        /** @param room where it is drawn, in points from the trim's corner */
        List<Mark> draw(Box room, Flow flow);
    }

    /** What was drawn, where its room began, and the same moved to where the rooms of other pages begin. */
    private record Drawn(List<Mark> marks, double x, boolean repeated, Map<Double, List<Mark>> elsewhere) {
        List<Mark> at(double wanted) {
            double dx = wanted - x;
            return dx == 0 || marks.isEmpty() ? marks : elsewhere.computeIfAbsent(dx, this::moved);
        }

        private List<Mark> moved(double dx) {
            if (marks.size() == 1 && marks.get(0) instanceof Mark.Stamped place) {
                return List.of(new Mark.Stamped(place.stamp(), place.dx() + dx, place.dy()));
            }
            return List.of(new Mark.Stamped(new Stamp(marks), dx, 0));
        }
    }

    /** What a page must be equal in: the values of what was read, and the room. */
    private record Key(double y, double width, double height, List<Object> values) {}

    /** What was drawn for a few dozen pages: those that are turned to and fro; the rest is drawn again when it is asked for. */
    private static final class Recent extends LinkedHashMap<Key, Drawn> {
        private static final long serialVersionUID = 1L;
        private static final int MOST = 48;

        private Recent() {
            super(16, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Drawn> eldest) {
            return size() > MOST;
        }
    }

    private final Drawing drawing;
    private final Map<List<Aspect>, Map<Key, Drawn>> known = new LinkedHashMap<>();

    public ArtCache(Drawing drawing) {
        this.drawing = drawing;
    }

    /**
     * The marks on a page.
     *
     * @param repeated whether they are the same on many pages: then all these have the very same list
     */
    public record Art(List<Mark> marks, boolean repeated) {}

    /** The art on a page. */
    public Art art(BookLook book, PageFacts page, Frame frame, Box room) {
        Optional<Art> there = find(page, frame, room);
        if (there.isPresent()) {
            return there.get();
        }
        // Drawn without holding anybody up: whoever draws the same meanwhile gets what was kept first.
        Flow flow = new Flow(book, page, frame);
        List<Mark> marks = drawing.draw(room, flow);
        List<Aspect> read = List.copyOf(flow.read());
        if (read.contains(new Aspect(Aspect.Kind.FIELD, PageFacts.PAGE)) || read.contains(Aspect.PASSING)) {
            return new Art(marks, false);
        }
        boolean repeated = isRepeated(flow.read());
        Drawn drawn = new Drawn(repeated ? stamped(marks) : List.copyOf(marks), room.x(), repeated, new HashMap<>());
        return keep(read, key(read, page, frame, room), drawn, room);
    }

    private synchronized Optional<Art> find(PageFacts page, Frame frame, Box room) {
        for (Map.Entry<List<Aspect>, Map<Key, Drawn>> each : known.entrySet()) {
            Drawn drawn = each.getValue().get(key(each.getKey(), page, frame, room));
            if (drawn != null) {
                return Optional.of(new Art(drawn.at(room.x()), drawn.repeated()));
            }
        }
        return Optional.empty();
    }

    private synchronized Art keep(List<Aspect> read, Key key, Drawn drawn, Box room) {
        Drawn before = known.computeIfAbsent(read, r -> new Recent()).putIfAbsent(key, drawn);
        Drawn kept = before == null ? drawn : before;
        return new Art(kept.at(room.x()), kept.repeated());
    }

    /** Whether all that was drawn so far reads nothing but the side and the measures of a page. */
    public synchronized boolean isRepeated() {
        return !known.isEmpty() && known.keySet().stream().allMatch(ArtCache::isRepeated);
    }

    private static Key key(List<Aspect> read, PageFacts page, Frame frame, Box room) {
        List<Object> values = new ArrayList<>(read.size());
        for (Aspect aspect : read) {
            values.add(aspect.on(page, frame));
        }
        return new Key(room.y(), room.width(), room.height(), values);
    }

    /** Whether it is the same on many pages, so that sinks should keep what they made of it. */
    private static boolean isRepeated(Collection<Aspect> read) {
        return read.stream().allMatch(a -> a.kind() == Aspect.Kind.SIDE || a.kind() == Aspect.Kind.FRAME);
    }

    /** The same art as one stamp. */
    private static List<Mark> stamped(List<Mark> marks) {
        return marks.isEmpty() ? List.of() : List.of(new Mark.Stamped(new Stamp(marks), 0, 0));
    }
}
