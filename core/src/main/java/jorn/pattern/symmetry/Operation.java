package jorn.pattern.symmetry;

import jorn.art.Turn;

/**
 * A move of the plane in shares of a lattice's steps: (x, y) becomes (a·x + b·y + e, c·x + d·y + f), as the International Tables write it.
 */
public record Operation(int a, int b, int c, int d, double e, double f) {
    private static final double NEAR = 1e-6;

    /** Everything stays where it is. */
    public static final Operation IDENTITY = new Operation(1, 0, 0, 1, 0, 0);

    /** This one, made after another one. */
    public Operation after(Operation o) {
        return new Operation(
                a * o.a + b * o.c,
                a * o.b + b * o.d,
                c * o.a + d * o.c,
                c * o.b + d * o.d,
                a * o.e + b * o.f + e,
                c * o.e + d * o.f + f);
    }

    /** The same moved by whole steps, so that it moves by less than one. */
    public Operation reduced() {
        return new Operation(a, b, c, d, part(e), part(f));
    }

    private static double part(double v) {
        double p = v - Math.floor(v);
        return p > 1 - NEAR || p < NEAR ? 0 : p;
    }

    /** Whether it is another one but for whole steps. */
    public boolean isLike(Operation o) {
        return isParallel(o) && whole(e - o.e) && whole(f - o.f);
    }

    /** Whether it turns and mirrors as another one does. */
    public boolean isParallel(Operation o) {
        return a == o.a && b == o.b && c == o.c && d == o.d;
    }

    private static boolean whole(double v) {
        return Math.abs(v - Math.rint(v)) < NEAR;
    }

    /** Whether left becomes right. */
    public boolean mirrors() {
        return a * d - b * c < 0;
    }

    /** After how many times it no longer turns: 1, 2, 3, 4 or 6; 2 for one that mirrors. */
    public int order() {
        int n = 1;
        Operation power = this;
        while (!power.isParallel(IDENTITY)) {
            power = after(power);
            n++;
        }
        return n;
    }

    /** The same on the page. */
    public Turn on(Lattice lattice) {
        Turn to = lattice.turn();
        return to.after(new Turn(a, c, b, d, e, f)).after(to.back());
    }
}
