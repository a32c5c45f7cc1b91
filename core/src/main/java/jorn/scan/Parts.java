package jorn.scan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/** Several drawings on one scan, parted: ink that lies near other ink belongs to it. */
final class Parts {
    private static final int COARSE = 200;
    /** So far apart drawings have to lie, as a share of the scan's longer side. */
    private static final double APART = 0.028;

    private static final double LEAST = 0.012;
    private static final double MARGIN = 0.015;

    /** In pixels of the scan. */
    record Place(int x, int y, int width, int height) {}

    private Parts() {}

    /** Where drawings lie, row by row; none where there is nothing, one where all hangs together. */
    static List<Place> of(Grey grey, int threshold) {
        double scale = Math.max(1, Math.max(grey.width(), grey.height()) / (double) COARSE);
        int w = (int) Math.ceil(grey.width() / scale);
        int h = (int) Math.ceil(grey.height() / scale);
        boolean[] ink = new boolean[w * h];
        for (int y = 0; y < grey.height(); y++) {
            for (int x = 0; x < grey.width(); x++) {
                if (grey.at(x, y) < threshold) {
                    ink[Math.min(h - 1, (int) (y / scale)) * w + Math.min(w - 1, (int) (x / scale))] = true;
                }
            }
        }
        boolean[] wide = widened(ink, w, h, Math.max(1, (int) Math.round(APART * COARSE / 2)));
        List<int[]> boxes = boxes(wide, ink, w, h);
        boxes.removeIf(b -> (b[2] - b[0] + 1) * (b[3] - b[1] + 1) < LEAST * w * h);
        merge(boxes);
        boxes.sort(Comparator.comparingInt((int[] b) -> b[1] * 3 / h).thenComparingInt(b -> b[0]));
        List<Place> places = new ArrayList<>();
        int margin = (int) (MARGIN * Math.max(grey.width(), grey.height()));
        for (int[] b : boxes) {
            int x = Math.max(0, (int) (b[0] * scale) - margin);
            int y = Math.max(0, (int) (b[1] * scale) - margin);
            int right = Math.min(grey.width(), (int) ((b[2] + 1) * scale) + margin);
            int bottom = Math.min(grey.height(), (int) ((b[3] + 1) * scale) + margin);
            places.add(new Place(x, y, right - x, bottom - y));
        }
        return places;
    }

    private static boolean[] widened(boolean[] ink, int w, int h, int r) {
        boolean[] out = new boolean[ink.length];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                if (ink[y * w + x]) {
                    for (int j = Math.max(0, y - r); j <= Math.min(h - 1, y + r); j++) {
                        for (int i = Math.max(0, x - r); i <= Math.min(w - 1, x + r); i++) {
                            out[j * w + i] = true;
                        }
                    }
                }
            }
        }
        return out;
    }

    /** Round the ink of each patch that hangs together when it is widened. */
    private static List<int[]> boxes(boolean[] wide, boolean[] ink, int w, int h) {
        boolean[] seen = new boolean[wide.length];
        List<int[]> boxes = new ArrayList<>();
        for (int start = 0; start < wide.length; start++) {
            if (seen[start] || !wide[start]) {
                continue;
            }
            int[] box = {w, h, -1, -1};
            Deque<Integer> open = new ArrayDeque<>(List.of(start));
            seen[start] = true;
            while (!open.isEmpty()) {
                int p = open.pop();
                int x = p % w;
                int y = p / w;
                if (ink[p]) {
                    box[0] = Math.min(box[0], x);
                    box[1] = Math.min(box[1], y);
                    box[2] = Math.max(box[2], x);
                    box[3] = Math.max(box[3], y);
                }
                int[] near = {x > 0 ? p - 1 : -1, x < w - 1 ? p + 1 : -1, y > 0 ? p - w : -1, y < h - 1 ? p + w : -1};
                for (int q : near) {
                    if (q >= 0 && wide[q] && !seen[q]) {
                        seen[q] = true;
                        open.push(q);
                    }
                }
            }
            if (box[2] >= 0) {
                boxes.add(box);
            }
        }
        return boxes;
    }

    /** What lies within the box of another belongs to it. */
    private static void merge(List<int[]> boxes) {
        for (int i = 0; i < boxes.size(); i++) {
            for (int j = boxes.size() - 1; j > i; j--) {
                int[] a = boxes.get(i);
                int[] b = boxes.get(j);
                if (a[0] <= b[2] && b[0] <= a[2] && a[1] <= b[3] && b[1] <= a[3]) {
                    boxes.set(i, new int[] {
                        Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[2], b[2]), Math.max(a[3], b[3])
                    });
                    boxes.remove(j);
                    j = boxes.size();
                }
            }
        }
    }
}
