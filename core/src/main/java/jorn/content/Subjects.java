package jorn.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one page is about: at most one subject of each type, such as a {@link jorn.calendar.Occasion} and an {@link Item}.
 * A block asks for the type that it knows; a source may give types of its own. Subjects are values: a subject that refers to
 * another holds it, and the page of that other one is found by it.
 */
public final class Subjects {
    /** About nothing in particular. */
    public static final Subjects NONE = new Subjects(List.of());

    private final List<Object> all;

    private Subjects(List<Object> all) {
        this.all = List.copyOf(all);
    }

    public static Subjects of(Object... all) {
        Subjects subjects = NONE;
        for (Object each : all) {
            subjects = subjects.with(each);
        }
        return subjects;
    }

    /** The same with another subject, instead of the one of its type where there is one. */
    public Subjects with(Object subject) {
        List<Object> now = new ArrayList<>();
        all.stream().filter(s -> s.getClass() != subject.getClass()).forEach(now::add);
        now.add(subject);
        return new Subjects(now);
    }

    /** The same with other subjects, instead of those of their types. */
    public Subjects with(Subjects others) {
        Subjects now = this;
        for (Object each : others.all) {
            now = now.with(each);
        }
        return now;
    }

    /** The subject of a type, if the page has one. */
    public <T> Optional<T> get(Class<T> type) {
        return all.stream().filter(type::isInstance).map(type::cast).findFirst();
    }

    public List<Object> all() {
        return all;
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Subjects s && all.equals(s.all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }

    @Override
    public String toString() {
        return all.toString();
    }
}
