package jorn.layout;

import java.util.List;
import java.util.Optional;

/**
 * Divides a length among parts: what is wanted is given first, what is left goes to the shares. Where there is too little
 * room for what is wanted, all of it shrinks in proportion, so nothing overlaps and nothing leaves the whole.
 */
final class Shares {
    private Shares() {}

    /** The gap between parts, less where the gaps would take more than half of the whole. */
    static double gap(double whole, double wanted, int parts) {
        return parts < 2 ? 0 : Math.min(wanted, Math.max(0, whole) / 2 / (parts - 1));
    }

    /**
     * @param gap as {@link #gap} gives it
     * @param wanted what each part wants; ignored where it has a share
     * @param shares the share of each, if it has one
     */
    static double[] divide(double whole, double gap, double[] wanted, List<Optional<Double>> shares) {
        int n = wanted.length;
        double room = Math.max(0, whole - gap * Math.max(0, n - 1));
        double asked = 0;
        double parts = 0;
        for (int i = 0; i < n; i++) {
            if (shares.get(i).isPresent()) {
                parts += shares.get(i).get();
            } else {
                asked += wanted[i];
            }
        }
        double shrink = asked > room ? room / asked : 1;
        double left = Math.max(0, room - asked);
        double[] given = new double[n];
        for (int i = 0; i < n; i++) {
            given[i] = shares.get(i).isPresent()
                    ? (parts > 0 ? left * shares.get(i).get() / parts : 0)
                    : wanted[i] * shrink;
        }
        return given;
    }
}
