package jorn.desk.view;

import java.util.Optional;
import jorn.measure.Figure;
import jorn.say.Wording;

/** What a figure is, why it matters and where it comes from, in words. */
public final class FigureHelp {
    private FigureHelp() {}

    /** The explanation, and a word on where its working is found. */
    public static String of(Figure figure) {
        return about(figure)
                .map(a -> a + " " + Wording.of("desk.measure-card.figure-jorn-has-worked"))
                .orElse(Wording.of("desk.measure-card.figure-jorn-has-worked"));
    }

    /** What it is and why it matters, where there are words for it. */
    public static Optional<String> about(Figure figure) {
        return Wording.find("desk.figure." + figure.key().replace('.', '-'));
    }
}
