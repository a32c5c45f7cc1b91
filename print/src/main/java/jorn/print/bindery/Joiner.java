package jorn.print.bindery;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import jorn.impose.PageRanges;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.export.Progress;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** Joins any number of files, or pages of them, in a stated order. Sources are opened one after the other, so that their number has no limit. */
public final class Joiner {
    private static final int MOST_SIZES = 4;
    private static final String PDF = "(?i)\\.pdf$";

    /** So many files stay open from the first look to the last; more are opened twice. */
    private static final int KEPT_OPEN = 400;

    private static final int MOST_BLANKS = 1000;

    /** Whether all are closed; said under the lock of what is open. */
    private boolean tidied;

    private final List<JoinPart> parts;
    private final Manner how;
    private final Progress progress;
    private final List<Message> notes = new ArrayList<>();
    private final IdentityHashMap<JoinPart, PdfSource> open = new IdentityHashMap<>();
    private final Set<String> sizes = new LinkedHashSet<>();
    private float version = 1;
    private int steps;
    private double[] last = {612, 792};

    private Joiner(List<JoinPart> parts, Manner how, Progress progress) {
        this.parts = parts;
        this.how = how;
        this.progress = progress;
    }

    /**
     * How files are joined.
     *
     * @param named whether each file has a bookmark with its name, under which its own stand
     * @param equal the size to which all pages are made, in proportion; each as it is where nothing is said
     */
    public record Manner(boolean named, Optional<Size> equal) {
        /** With names, each page as it is. */
        public static final Manner CUSTOMARY = new Manner(true, Optional.empty());
    }

    /** A part with its pages counted. */
    private record Counted(JoinPart part, List<Integer> pages) {}

    /**
     * Joins them into a file.
     *
     * @throws Trouble where one of them cannot be read; the target is untouched then
     * @throws CancellationException where it was stopped; likewise
     */
    public static Joined join(List<JoinPart> parts, Manner how, Path to, Progress progress) {
        if (parts.isEmpty()) {
            throw Trouble.of("print.bindery.nothing-to-join");
        }
        parts.forEach(p -> p.file().ifPresent(f -> keepSource(f, to)));
        Joiner joiner = new Joiner(parts, how, progress);
        int[] pages = new int[1];
        SafeFile.write(to, out -> pages[0] = joiner.write(out));
        return new Joined(pages[0], joiner.notes);
    }

    /**
     * Sees that a source is not written over.
     *
     * @throws Trouble where it is the target
     */
    public static void keepSource(Path source, Path target) {
        if (source.toAbsolutePath().normalize().equals(target.toAbsolutePath().normalize())) {
            throw Trouble.of("print.bindery.target-is-source", source.getFileName());
        }
    }

    private int write(OutputStream out) throws IOException {
        try {
            openSome();
            List<Counted> counted = new ArrayList<>();
            for (JoinPart part : parts) {
                counted.add(counted(part));
            }
            int sum = counted.stream().mapToInt(c -> c.pages().size()).sum();
            if (sum == 0) {
                throw Trouble.of("print.bindery.nothing-to-join");
            }
            assemble(counted, new Assembler(out, sum, version));
            if (sizes.size() > 1 && how.equal().isEmpty()) {
                notes.add(Message.of("print.bindery.mixed-sizes", sizes.size(), Wording.some(sizes, MOST_SIZES)));
            }
            return sum;
        } finally {
            // Where one of several cannot be opened, those beside it may still be coming.
            synchronized (open) {
                tidied = true;
                open.values().forEach(PdfSource::close);
            }
        }
    }

    /** Those that stay open, several at once. */
    private void openSome() {
        parts.stream()
                .filter(p -> p.file().isPresent())
                .limit(KEPT_OPEN)
                .parallel()
                .forEach(part -> {
                    step(part);
                    PdfSource source = PdfSource.open(part.file().orElseThrow(), part.word());
                    synchronized (open) {
                        if (tidied) {
                            source.close();
                        } else {
                            open.put(part, source);
                        }
                    }
                });
    }

    private synchronized void step(JoinPart part) {
        if (!progress.at(steps++, 2 * parts.size(), name(part))) {
            throw new CancellationException();
        }
    }

    private Counted counted(JoinPart part) {
        if (part.file().isEmpty()) {
            return new Counted(part, Collections.nCopies(blanks(part), 0));
        }
        PdfSource kept = open.get(part);
        PdfSource source = kept == null ? PdfSource.open(part.file().get(), part.word()) : kept;
        try {
            version = Math.max(version, source.version());
            notes.addAll(source.missing());
            return new Counted(part, PageRanges.of(part.pages().isBlank() ? "all" : part.pages(), source.count()));
        } finally {
            if (kept == null) {
                source.close();
            }
        }
    }

    private void assemble(List<Counted> counted, Assembler to) throws IOException {
        boolean named =
                how.named() && parts.stream().filter(p -> p.file().isPresent()).count() > 1;
        how.equal().ifPresent(size -> last = points(size));
        int at = 0;
        for (Counted each : counted) {
            step(each.part());
            int[] places = IntStream.range(at, at + each.pages().size()).toArray();
            at += places.length;
            if (each.part().file().isEmpty()) {
                to.blanks(places, last);
                continue;
            }
            PdfSource kept = open.remove(each.part());
            PdfSource source = kept == null
                    ? PdfSource.open(each.part().file().get(), each.part().word())
                    : kept;
            try {
                List<PageUse> uses = new ArrayList<>();
                for (int page : each.pages()) {
                    uses.add(use(source, page, each.part().turnOf(page)));
                }
                to.take(source, uses, places, named ? title(each.part()) : "");
            } finally {
                source.close();
            }
        }
        to.finish();
    }

    private PageUse use(PdfSource source, int page, int turn) {
        double[] shown = {source.width(page), source.height(page)};
        last = how.equal().map(s -> like(points(s), shown)).orElse(shown);
        sizes.add(said(shown));
        return new PageUse(
                page, turn, Optional.empty(), how.equal().isPresent() ? Optional.of(last) : Optional.empty());
    }

    /** Upright pages stay upright, wide ones wide. */
    private static double[] like(double[] size, double[] shown) {
        boolean turned = shown[0] > shown[1] != size[0] > size[1] && Math.abs(shown[0] - shown[1]) > 1;
        return turned ? new double[] {size[1], size[0]} : size;
    }

    private static double[] points(Size size) {
        return new double[] {size.width().points(), size.height().points()};
    }

    private static String said(double[] shown) {
        return Length.points(shown[0]).format(Unit.MILLIMETRE) + " × "
                + Length.points(shown[1]).format(Unit.MILLIMETRE);
    }

    private static int blanks(JoinPart part) {
        try {
            int count = Integer.parseInt(part.pages().strip());
            if (count >= 1 && count <= MOST_BLANKS) {
                return count;
            }
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "print.bindery.blanks", part.pages(), MOST_BLANKS);
        }
        throw Trouble.of("print.bindery.blanks", part.pages(), MOST_BLANKS);
    }

    private static String name(JoinPart part) {
        return part.file().map(f -> String.valueOf(f.getFileName())).orElse("");
    }

    /** A file's name as a bookmark. */
    private static String title(JoinPart part) {
        return name(part).replaceFirst(PDF, "").replace('_', ' ');
    }
}
