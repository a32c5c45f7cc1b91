package jorn.desk.view;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import jorn.desk.model.Desk;
import jorn.measure.Unit;

/** Which figures the last change of the book has changed. */
public final class ChangedFigures {
    private final Desk desk;
    private final Map<String, String> before = new HashMap<>();
    private final Set<String> changed = new HashSet<>();

    /** Must be made before those who show figures, so that it has heard of a change when they ask. */
    public ChangedFigures(Desk desk) {
        this.desk = desk;
        note();
        changed.clear();
        desk.state().addListener((o, was, now) -> note());
    }

    private void note() {
        Unit unit = desk.unit().get();
        changed.clear();
        desk.state().get().measures().all().forEach((key, figure) -> {
            String text = unit + figure.text(unit);
            String was = before.put(key, text);
            // Another unit changes no figure.
            if (was != null && !was.equals(text) && was.startsWith(unit.toString())) {
                changed.add(key);
            }
        });
    }

    public boolean has(String key) {
        return changed.contains(key);
    }
}
