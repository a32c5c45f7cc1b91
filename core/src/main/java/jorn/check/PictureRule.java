package jorn.check;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.Picture;
import jorn.art.PictureColours;
import jorn.art.PictureFile;
import jorn.block.picture.Border;
import jorn.block.picture.Decoration;
import jorn.book.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.layout.Node;
import jorn.say.Message;

/** Pictures must be there, and have pixels enough for the size in which they are printed. */
final class PictureRule implements PageRule {
    /** Pixels to the inch that presses ask for, and below which edges are seen to be jagged (common practice). */
    private static final double WANTED = 300;

    private static final double LEAST = 200;
    /** More is not seen and makes the file large (common practice). */
    private static final double MOST = 600;
    /** The same of drawings in pure black and white (common practice). */
    private static final double MONO_WANTED = 600;

    private static final double MONO_MOST = 1200;

    /** Less is not seen (common practice). */
    private static final double MOST_STRETCHED = 0.02;

    private final Set<List<Object>> told = new HashSet<>();
    private final Set<List<Object>> looked = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Slot slot = sighting.slot();
        Set<String> used = new TreeSet<>(proof.book().recipeOf(slot).root().pictures());
        proof.book().runOf(slot).decorations().stream()
                .flatMap((Decoration d) -> d.picture().stream())
                .forEach(used::add);
        for (String id : used) {
            if (told.add(List.of(proof.book().variantOf(slot), id))) {
                missing(proof, slot.number(), id, found);
            }
        }
        Set<String> frames = new HashSet<>();
        framed(proof.book().recipeOf(slot).root(), frames);
        look(Seen.of(sighting), proof.sort(slot), frames, found);
    }

    /** Pictures that are the frame of something: their sides are as long as what they go round, on purpose. */
    private static void framed(Node node, Set<String> frames) {
        if (node instanceof Border border) {
            border.picture().ifPresent(frames::add);
        }
        node.children().forEach(n -> framed(n, frames));
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        look(Seen.cover(proof), "cover", Set.of(), found);
    }

    /**
     * Tells of each picture once in a design, however many parts of it stand there.
     *
     * @param sort the design
     * @param frames ids of pictures that are frames
     */
    private void look(Seen seen, Object sort, Set<String> frames, Consumer<Finding> found) {
        for (Standing s : seen.standing()) {
            if (s.mark() instanceof Mark.Image image
                    && looked.add(List.of(image, s.bounds()))
                    && !told.contains(List.of(sort, image.picture().id(), "said"))) {
                boolean frame = frames.contains(image.picture().id());
                Consumer<Finding> once = f -> {
                    told.add(List.of(sort, image.picture().id(), "said"));
                    found.accept(f);
                };
                Place place = seen.place().apply(s.bounds());
                Optional<PictureFile.Harm> harm = image.picture().file().harm();
                if (harm.isPresent()) {
                    once.accept(damaged(place, image, harm.get()));
                } else {
                    boolean distorted = !frame && distortion(place, image, once);
                    resolution(place, image, s.at().enlarges(), distorted || frame ? f -> {} : once, once);
                }
            }
        }
    }

    private static Finding damaged(Place place, Mark.Image image, PictureFile.Harm harm) {
        return new Finding(
                "picture.damaged",
                Severity.ERROR,
                place,
                Message.of(harm.key(), image.picture().name()),
                Message.NOTHING,
                Message.of("check.picture.whole"),
                Message.of("art.picture-file.do"));
    }

    /** A picture that is stretched more one way than the other. */
    private static boolean distortion(Place place, Mark.Image image, Consumer<Finding> found) {
        double across = image.to().width() / image.from().width();
        double down = image.to().height() / image.from().height();
        double much = Math.max(across, down) / Math.min(across, down) - 1;
        if (much > MOST_STRETCHED) {
            found.accept(new Finding(
                    "picture.distorted",
                    Severity.WARNING,
                    place,
                    Message.of("check.picture.distorted", image.picture().name()),
                    Message.of("check.picture.stretched", Math.round(much * 100)),
                    Message.of("check.picture.as-it-is"),
                    Message.of("check.picture.distorted.do")));
        }
        return much > MOST_STRETCHED;
    }

    private static void missing(Proof proof, int page, String id, Consumer<Finding> found) {
        Picture picture = proof.book().pictures().get(id);
        if (picture != null && !picture.isMissing()) {
            return;
        }
        String name = picture == null ? "" : " " + picture.name();
        found.accept(new Finding(
                "picture.missing",
                Severity.ERROR,
                Place.page(page),
                id.isBlank()
                        ? Message.of("check.picture.place-for-picture-empty")
                        : Message.of("check.picture.picture-missing", name),
                Message.of("check.picture.measured"),
                Message.of("check.picture.required"),
                Message.of("check.picture.do")));
    }

    /** @param fine hears of too many pixels; of a stretched picture nothing is said until it has its own proportions */
    private static void resolution(
            Place place, Mark.Image image, double enlarged, Consumer<Finding> fine, Consumer<Finding> found) {
        if (image.picture()
                .file()
                .facts()
                .filter(f -> f.kind() == PictureFile.Facts.Kind.SVG)
                .isPresent()) {
            return;
        }
        double ppi = Math.min(
                        image.from().width() / image.to().width(),
                        image.from().height() / image.to().height())
                / enlarged
                * 72;
        // Of two colours every edge is a step, which is seen at twice the pixels; asked only where it matters.
        boolean mono = ppi >= WANTED - 0.5 && PictureColours.areBlackAndWhite(image.picture());
        double wanted = mono ? MONO_WANTED : WANTED;
        double most = mono ? MONO_MOST : MOST;
        if (ppi < wanted - 0.5) {
            found.accept(dpi(
                    ppi < LEAST ? Severity.WARNING : Severity.NOTE,
                    place,
                    mono ? "check.picture.mono" : "check.picture.found",
                    image,
                    ppi,
                    Message.of("check.picture.required-2", Math.round(wanted)),
                    Message.of("check.picture.do-2")));
        } else if (ppi > most + 0.5) {
            fine.accept(dpi(
                    Severity.NOTE,
                    place,
                    "check.picture.too-fine",
                    image,
                    ppi,
                    Message.of("check.picture.at-most", Math.round(most)),
                    Message.of("check.picture.too-fine.do")));
        }
    }

    private static Finding dpi(
            Severity severity, Place place, String key, Mark.Image image, double ppi, Message wants, Message advice) {
        return new Finding(
                "picture.dpi",
                severity,
                place,
                Message.of(key, image.picture().name()),
                Message.of("check.picture.measured-2", Math.round(ppi)),
                wants,
                advice);
    }
}
