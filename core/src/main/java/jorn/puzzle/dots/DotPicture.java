package jorn.puzzle.dots;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/**
 * Dots to be joined in their order, the last with the first.
 *
 * @param dots in measures of the whole, which is one high
 * @param width of the whole
 * @param grade by how many there are
 */
public record DotPicture(List<Dot> dots, double width, Grade grade) implements Puzzle {
    /** Where one is; its number is its place in the list, from 1. */
    public record Dot(double x, double y) {}

    public DotPicture {
        dots = List.copyOf(dots);
    }

    @Override
    public List<String> techniques() {
        return List.of();
    }

    @Override
    public Object likeness() {
        return dots;
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", List.of(width, 1));
        all.put("dots", dots.stream().map(d -> List.of(d.x(), d.y())).toList());
        all.put("grade", grade.number());
        all.put("techniques", techniques());
        return all;
    }
}
