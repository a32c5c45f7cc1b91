package jorn.art;

/**
 * A page of a PDF that was made elsewhere.
 *
 * @param id the same for the same file
 * @param name of the file that it came from
 * @param number which of its pages, from 1
 * @param width in points, as it is seen
 * @param height in points, as it is seen
 * @param bytes the whole file
 */
@SuppressWarnings("ArrayRecordComponent") // compared by identity or by what it says; nobody changes it
public record ForeignPage(String id, String name, int number, double width, double height, byte[] bytes) {
    /** The same page of the file is equal, however often the file was read. */
    @Override
    public boolean equals(Object o) {
        return o instanceof ForeignPage p && id.equals(p.id) && number == p.number;
    }

    @Override
    public int hashCode() {
        return 31 * id.hashCode() + number;
    }

    @Override
    public String toString() {
        return "page " + number + " of " + name;
    }
}
