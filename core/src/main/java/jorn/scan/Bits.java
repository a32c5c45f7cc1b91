package jorn.scan;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;

/** Black on white: which pixels are ink. */
public final class Bits {
    private final int width;
    private final int height;
    private final BitSet ink;

    private Bits(int width, int height, BitSet ink) {
        this.width = width;
        this.height = height;
        this.ink = ink;
    }

    /** What is darker than a level. */
    public static Bits of(Grey grey, int level) {
        BitSet ink = new BitSet(grey.width() * grey.height());
        float[] v = grey.values();
        for (int i = 0; i < v.length; i++) {
            if (v[i] < level) {
                ink.set(i);
            }
        }
        return new Bits(grey.width(), grey.height(), ink);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public boolean at(int x, int y) {
        return ink.get(y * width + x);
    }

    /** How many pixels are ink. */
    public int count() {
        return ink.cardinality();
    }

    /**
     * Without specks of ink, and without pinholes in ink.
     *
     * @param least so many pixels a patch of either has, or it goes over to the other
     */
    public Bits withoutSpecks(int least) {
        BitSet now = (BitSet) ink.clone();
        boolean[] seen = new boolean[width * height];
        for (int start = 0; start < seen.length; start++) {
            if (!seen[start]) {
                patch(start, least, now, seen);
            }
        }
        return new Bits(width, height, now);
    }

    private void patch(int start, int least, BitSet now, boolean[] seen) {
        boolean black = ink.get(start);
        Deque<Integer> open = new ArrayDeque<>(List.of(start));
        Deque<Integer> all = new ArrayDeque<>();
        seen[start] = true;
        while (!open.isEmpty()) {
            int p = open.pop();
            if (all.size() < least) {
                all.add(p);
            }
            int x = p % width;
            int[] near = {x > 0 ? p - 1 : -1, x < width - 1 ? p + 1 : -1, p - width, p + width};
            for (int q : near) {
                if (q >= 0 && q < seen.length && !seen[q] && ink.get(q) == black) {
                    seen[q] = true;
                    open.push(q);
                }
            }
        }
        if (all.size() < least) {
            all.forEach(p -> now.set(p, !black));
        }
    }

    /** As pixels, black and white. */
    public Scan scan() {
        int[] rgb = new int[width * height];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = ink.get(i) ? 0 : 0xFFFFFF;
        }
        return new Scan(width, height, rgb);
    }
}
