package jorn.scan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A drawing made clean: as pixels, or as outlines.
 *
 * @param scan its pixels
 * @param outlines rings of ink and of holes in it, in pixels; nothing where it stays pixels
 */
public record Cleaned(Scan scan, Optional<List<double[]>> outlines) {
    /** Paper is what is at least so bright, where ink and paper are hard to part. */
    private static final int FAINTEST = 205;

    private static final int DARKEST = 70;
    private static final double TOWARDS_PAPER = 0.45;
    private static final int WHITE = 240;
    private static final double SMOOTH = 0.7;
    private static final double WITHIN = 0.35;

    /** Makes a scan clean; several drawings where there are several and they are to be parted. */
    public static List<Cleaned> of(Scan from, Cleaning how) {
        Scan now = from;
        if (how.straighten()) {
            Optional<double[]> corners = Paper.corners(now);
            if (corners.isPresent()) {
                now = trimmed(Paper.straightened(now, corners.get()));
            }
        }
        if (how.screens()) {
            var period = Screen.period(now.grey());
            now = period.isPresent() ? Screen.without(now, period.getAsDouble()) : now;
        }
        if (how.whiten()) {
            now = Whitening.of(now);
        }
        List<Cleaned> all = new ArrayList<>();
        for (Scan each : how.part() ? parted(now) : List.of(now)) {
            all.add(one(each, how));
        }
        return all;
    }

    /** The rim of a sheet is half shadow. */
    private static Scan trimmed(Scan sheet) {
        int rim = Math.max(1, Math.min(sheet.width(), sheet.height()) / 150);
        return sheet.width() > 4 * rim && sheet.height() > 4 * rim
                ? sheet.part(rim, rim, sheet.width() - 2 * rim, sheet.height() - 2 * rim)
                : sheet;
    }

    private static List<Scan> parted(Scan scan) {
        Grey grey = scan.grey();
        List<Parts.Place> places = Parts.of(grey, level(grey, 0));
        if (places.size() < 2) {
            return List.of(scan);
        }
        return places.stream()
                .map(p -> scan.part(p.x(), p.y(), p.width(), p.height()))
                .toList();
    }

    /** The level below which is ink. */
    public static int level(Grey grey, int threshold) {
        if (threshold > 0) {
            return (int) Math.round(2.55 * threshold);
        }
        // Thin lines are grey where pixels are coarse: what parts ink from paper lies nearer to the paper.
        int parting = grey.parting();
        return Math.max(DARKEST, Math.min(FAINTEST, parting + (int) (TOWARDS_PAPER * (WHITE - parting))));
    }

    private static Cleaned one(Scan scan, Cleaning how) {
        return switch (how.into()) {
            case COLOUR -> new Cleaned(scan, Optional.empty());
            case GREY -> new Cleaned(grey(scan), Optional.empty());
            case BLACK -> new Cleaned(black(scan, how).scan(), Optional.empty());
            case VECTORS -> traced(scan, how);
        };
    }

    private static Scan grey(Scan scan) {
        float[] v = scan.grey().values();
        int[] rgb = new int[v.length];
        for (int i = 0; i < v.length; i++) {
            int g = Math.max(0, Math.min(255, Math.round(v[i])));
            rgb[i] = g << 16 | g << 8 | g;
        }
        return new Scan(scan.width(), scan.height(), rgb);
    }

    /** A patch of so many pixels is a speck. */
    private static int speck(Scan scan, Cleaning how) {
        double side = how.specks() / 1000.0 * Math.max(scan.width(), scan.height());
        return (int) Math.round(side * side);
    }

    private static Bits black(Scan scan, Cleaning how) {
        Grey grey = scan.grey();
        return Bits.of(grey, level(grey, how.threshold())).withoutSpecks(speck(scan, how));
    }

    private static Cleaned traced(Scan scan, Cleaning how) {
        Grey grey = scan.grey();
        int level = level(grey, how.threshold());
        List<double[]> rings = Contours.of(grey.blurred(SMOOTH), level, WITHIN, Math.max(2, speck(scan, how)));
        return new Cleaned(black(scan, how).scan(), Optional.of(rings));
    }
}
