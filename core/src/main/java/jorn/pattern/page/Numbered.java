package jorn.pattern.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.chance.Dice;

/**
 * The number in a field that is coloured by number.
 *
 * @param x of the field's largest circle
 * @param y of it
 * @param radius of it, in points
 * @param colour from 1
 */
public record Numbered(double x, double y, double radius, int colour) {
    /** Fields of areas this near to each other are of a kind, and have one colour. */
    private static final double ALIKE = 1.015;

    /** Numbers for fields: those of a kind have the same one, so that the colours repeat as the pattern does. */
    static List<Numbered> all(List<ColourField> fields, int colours, long seed) {
        List<Numbered> all = new ArrayList<>();
        kinds(fields, colours, seed)
                .forEach((f, colour) -> all.add(new Numbered(
                        f.roundel().x(), f.roundel().y(), f.roundel().radius(), colour)));
        return all;
    }

    /** A colour from 1 for each field, the smallest first. */
    static Map<ColourField, Integer> kinds(List<ColourField> fields, int colours, long seed) {
        List<ColourField> sorted = new ArrayList<>(fields);
        sorted.sort(Comparator.comparingDouble(f -> f.field().area()));
        int[] order = Dice.of(Dice.seed(seed, 31)).order(colours);
        Map<ColourField, Integer> all = new LinkedHashMap<>();
        int kind = -1;
        double before = 0;
        for (ColourField f : sorted) {
            double area = f.field().area();
            if (kind < 0 || area > before * ALIKE) {
                kind++;
            }
            before = area;
            all.put(f, 1 + order[kind % colours]);
        }
        return all;
    }
}
