package jorn.desk.view;

import java.util.ArrayList;
import java.util.List;

/** Room for the names of a cover's panels above them: the spine's, which may be wider than the spine, comes first. */
final class PanelNames {
    private PanelNames() {}

    /** From where to where, along the cover. */
    record Stretch(double from, double to) {
        double middle() {
            return (from + to) / 2;
        }

        double width() {
            return to - from;
        }
    }

    /**
     * The room that each panel's name has.
     *
     * @param panels from left to right
     * @param spine which of them is the spine; -1 for none
     * @param spineName how wide the spine's name is
     * @param gap to be left beside it
     */
    static List<Stretch> rooms(List<Stretch> panels, int spine, double spineName, double gap) {
        if (spine < 0) {
            return panels;
        }
        double middle = panels.get(spine).middle();
        Stretch taken = new Stretch(middle - spineName / 2, middle + spineName / 2);
        List<Stretch> rooms = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            Stretch p = panels.get(i);
            rooms.add(
                    i == spine
                            ? taken
                            : i < spine
                                    ? new Stretch(p.from(), Math.max(p.from(), Math.min(p.to(), taken.from() - gap)))
                                    : new Stretch(Math.min(p.to(), Math.max(p.from(), taken.to() + gap)), p.to()));
        }
        return rooms;
    }
}
