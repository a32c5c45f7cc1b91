package jorn.desk.timing;

import java.io.PrintWriter;

/** placeholder, replaced below */
public final class Bench {
    private final PrintWriter out;

    public Bench(PrintWriter out) {
        this.out = out;
    }

    public void run() {
        out.println("");
    }
}
