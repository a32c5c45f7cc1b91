package jorn.pattern.plane;

/** Pairs of numbers without order, each once. */
final class PairSet {
    private long[] slots;
    private int size;

    PairSet(int expected) {
        slots = new long[Integer.highestOneBit(Math.max(16, expected)) * 4];
        java.util.Arrays.fill(slots, -1);
    }

    /** Whether the pair is new. Two of the same make no pair. */
    boolean add(int a, int b) {
        if (a == b) {
            return false;
        }
        if (2 * size > slots.length) {
            long[] old = slots;
            slots = new long[2 * old.length];
            java.util.Arrays.fill(slots, -1);
            for (long each : old) {
                if (each >= 0) {
                    slots[slot(each)] = each;
                }
            }
        }
        long key = (long) Math.min(a, b) << 32 | Math.max(a, b);
        int at = slot(key);
        if (slots[at] == key) {
            return false;
        }
        slots[at] = key;
        size++;
        return true;
    }

    private int slot(long key) {
        long h = key * 0x9E3779B97F4A7C15L;
        int at = (int) (h >>> 40) & slots.length - 1;
        while (slots[at] >= 0 && slots[at] != key) {
            at = at + 1 & slots.length - 1;
        }
        return at;
    }
}
