package jorn.chance;

import java.util.List;
import java.util.concurrent.ThreadLocalRandom;

/**
 * Chance that falls out the same way on every machine and in every year, so that the same seed makes the same book again.
 *
 * <p>The generator is SplitMix64 (Steele, Lea, Flood: Fast splittable pseudorandom number generators, OOPSLA 2014).
 */
public final class Dice {
    private static final long GOLDEN = 0x9E3779B97F4A7C15L;

    private static final long LARGEST_SEED = 1_000_000_000;

    private long state;

    private Dice(long state) {
        this.state = state;
    }

    public static Dice of(long seed) {
        return new Dice(seed);
    }

    /** A seed that nobody has had, short enough to be typed. */
    public static long freshSeed() {
        return ThreadLocalRandom.current().nextLong(1, LARGEST_SEED);
    }

    /** A seed that follows from another one and from what it is for; other numbers give seeds that have nothing to do with it. */
    public static long seed(long from, long... what) {
        long mixed = mix(from + GOLDEN);
        for (long each : what) {
            mixed = mix(mixed * 31 + each + GOLDEN);
        }
        return mixed;
    }

    private static long mix(long z) {
        long a = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        long b = (a ^ (a >>> 27)) * 0x94D049BB133111EBL;
        return b ^ (b >>> 31);
    }

    /** Any number. */
    public long next() {
        state += GOLDEN;
        return mix(state);
    }

    /**
     * A number from 0.
     *
     * @param bound above all that come, from 1
     */
    public int below(int bound) {
        return (int) Long.remainderUnsigned(next(), bound);
    }

    /** From 0, below 1. */
    public double share() {
        return (next() >>> 11) * 0x1.0p-53;
    }

    /** Whether it happens that happens so often. */
    public boolean falls(double share) {
        return share() < share;
    }

    /** Puts numbers into another order. */
    public void shuffle(int[] all) {
        for (int i = all.length - 1; i > 0; i--) {
            int j = below(i + 1);
            int kept = all[i];
            all[i] = all[j];
            all[j] = kept;
        }
    }

    /** Puts things into another order. */
    public <T> void shuffle(List<T> all) {
        for (int i = all.size() - 1; i > 0; i--) {
            int j = below(i + 1);
            T kept = all.get(i);
            all.set(i, all.get(j));
            all.set(j, kept);
        }
    }

    /** The numbers from 0 in an order of chance. */
    public int[] order(int count) {
        int[] all = new int[count];
        for (int i = 0; i < count; i++) {
            all[i] = i;
        }
        shuffle(all);
        return all;
    }

    /** One of several. */
    public <T> T one(List<T> of) {
        return of.get(below(of.size()));
    }
}
