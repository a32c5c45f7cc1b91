package jorn.art;

import java.util.List;

/**
 * Art drawn once and placed on many pages. A sink may keep what it made of a stamp and use it again; two stamps with equal
 * marks are the same stamp.
 */
public final class Stamp {
    private final List<Mark> marks;
    private final Box bounds;
    private final int hash;

    public Stamp(List<Mark> marks) {
        this.marks = List.copyOf(marks);
        this.bounds = Marks.bounds(this.marks);
        this.hash = this.marks.hashCode();
    }

    public List<Mark> marks() {
        return marks;
    }

    public Box bounds() {
        return bounds;
    }

    @Override
    public boolean equals(Object o) {
        return this == o || (o instanceof Stamp s && hash == s.hash && marks.equals(s.marks));
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
