package jorn.print.reception;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.check.Finding;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.check.Proof;
import jorn.cover.CoverGeometry;
import jorn.cover.CoverGeometry.CoverSheet;
import jorn.measure.Length;
import jorn.press.BindingOffer;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.print.read.PageReader;
import jorn.print.read.ReadPage;
import jorn.say.Message;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** What a press refuses of a cover: its size against the pages inside, words on a thin spine or near the knife. */
final class CoverRules {
    /** A cover may be off by a sixteenth of an inch at most (common practice); files round far finer. */
    private static final double SLACK = 1.5;

    /** Smaller type is that of a page shown small, in points. */
    private static final double MINIATURE = 4;

    /** Nobody reads more of the same. */
    private static final int MOST = 3;

    private final PressProfile press;
    private final Proof proof;
    private final BiConsumer<Path, Finding> found;

    CoverRules(PressProfile press, Proof proof, BiConsumer<Path, Finding> found) {
        this.press = press;
        this.proof = proof;
        this.found = found;
    }

    /** The book in the binding and on the paper that its cover fits, of those that were not ordered; as it is where none does. */
    static Book likeliest(Book book, Optional<PDDocument> cover, PressProfile press, Order order) {
        int count = book.brief().pages();
        for (BindingOffer offer : press.bindings()) {
            for (PaperStock paper : press.papers()) {
                boolean ordered = order.paper().map(paper.id()::equals).orElse(true)
                        && order.binding().map(b -> b == offer.binding()).orElse(true);
                Book other =
                        book.withBrief(book.brief().withBinding(offer.binding()).withPaper(paper.id()));
                if (ordered
                        && other.brief().pageRule().takes(count)
                        && (cover.isEmpty() || fits(cover.get(), CoverGeometry.of(other, count)))) {
                    return other;
                }
            }
        }
        return book;
    }

    private static boolean fits(PDDocument cover, CoverGeometry geometry) {
        return cover.getNumberOfPages() > 0
                && geometry.isDelivered()
                && differs(cover.getPage(0), geometry.sheets().get(0)).isEmpty();
    }

    /** The size that a sheet has, where it is another than it should be. */
    private static Optional<Box> differs(PDPage page, CoverSheet sheet) {
        boolean told = page.getCOSObject().containsKey(COSName.TRIM_BOX);
        PDRectangle has = told ? page.getTrimBox() : page.getCropBox();
        Box wants = told ? sheet.trim() : sheet.media();
        boolean right =
                Math.abs(has.getWidth() - wants.width()) < SLACK && Math.abs(has.getHeight() - wants.height()) < SLACK;
        return right ? Optional.empty() : Optional.of(new Box(0, 0, has.getWidth(), has.getHeight()));
    }

    Finding missing() {
        return FileRules.of(
                "cover.missing",
                Place.cover(Optional.empty()),
                Message.of("print.reception.no-cover", press.name()),
                Message.NOTHING,
                Message.of("print.reception.a-cover"),
                Message.of("print.reception.no-cover.do"));
    }

    /**
     * Looks at a cover.
     *
     * @return what stands on it, from the trim's corner of the cover as it should be
     */
    List<Mark> look(Path file, PDDocument document) throws IOException {
        CoverGeometry geometry = proof.cover();
        FileRules rules = new FileRules(press, f -> found.accept(file, onCover(f)));
        rules.document(document);
        if (!geometry.isDelivered() || document.getNumberOfPages() == 0) {
            return List.of();
        }
        CoverSheet sheet = geometry.sheets().get(0);
        PDPage page = document.getPage(0);
        Optional<Box> other = differs(page, sheet);
        other.ifPresent(has -> found.accept(file, size(has, sheet, page)));
        if (document.getNumberOfPages() < geometry.sheets().size()) {
            found.accept(file, missing());
        }
        double bleed = sheet.trim().x() - sheet.bled().x();
        ReadPage read = new PageReader.FileReading(document).page(1, media -> cut(media, sheet));
        rules.pages(List.of(read));
        if (other.isPresent() || bleed < 0) {
            // Where its panels are cannot be told.
            return List.of();
        }
        Turn toCover = Turn.move(sheet.trim().x(), sheet.trim().y());
        List<Marks.Standing> standing = Marks.standing(read.art().marks());
        Box front = geometry.front();
        CoverPictures pictures = new CoverPictures(standing, front);
        List<Mark> marks = standing.stream()
                .filter(s -> !isInMiniature(s)
                        && !pictures.hold(s)
                        && read.art().bleed().outset(1).meets(s.bounds()))
                .map(s -> moved(s, toCover))
                .toList();
        words(file, marks, geometry);
        return marks;
    }

    /** The same elsewhere, as far as it is seen and as much as it covers. */
    private static Mark moved(Marks.Standing s, Turn to) {
        Mark whole = new Mark.Turned(to.after(s.at()), List.of(s.mark()));
        Box seen = to.of(s.bounds());
        Mark cut = seen.outset(0.01).holds(whole.bounds())
                ? whole
                : new Mark.Clip(jorn.art.Path.box(seen), List.of(whole));
        return s.opacity() < 1 ? new Mark.Group(s.opacity(), List.of(cut)) : cut;
    }

    /** Words of pages that are shown small are pictures; nobody is meant to read them. */
    private static boolean isInMiniature(Marks.Standing s) {
        return s.mark() instanceof Mark.Words w && w.run().size() * s.at().enlarges() < MINIATURE;
    }

    private static PDRectangle cut(PDRectangle media, CoverSheet sheet) {
        float left = (float) (sheet.trim().x() - sheet.media().x());
        float foot = (float) (sheet.media().bottom() - sheet.trim().bottom());
        return new PDRectangle(
                media.getLowerLeftX() + left,
                media.getLowerLeftY() + foot,
                (float) sheet.trim().width(),
                (float) sheet.trim().height());
    }

    private static Finding onCover(Finding f) {
        return new Finding(
                f.id(),
                f.severity(),
                Place.cover(f.place().box()),
                f.found(),
                f.has(),
                f.wants(),
                f.advice(),
                f.grounds());
    }

    private Finding size(Box has, CoverSheet sheet, PDPage page) {
        boolean told = page.getCOSObject().containsKey(COSName.TRIM_BOX);
        Box wants = told ? sheet.trim() : sheet.media();
        return FileRules.of(
                "cover.size",
                Place.cover(Optional.empty()),
                Message.of("print.reception.cover-size", proof.pagination().pageCount()),
                Message.plain(inWords(has)),
                Message.plain(inWords(wants)),
                Message.of("print.reception.cover-size.do"));
    }

    private String inWords(Box box) {
        return Length.points(box.width()).format(proof.unit()) + " × "
                + Length.points(box.height()).format(proof.unit());
    }

    /** Words on a spine that may have none or that is too narrow for them, and words that the knife may take. */
    private void words(Path file, List<Mark> marks, CoverGeometry geometry) {
        Optional<BindingOffer.SpineText> rule = proof.book().brief().offer().spineText();
        int count = proof.pagination().pageCount();
        boolean allowed = rule.filter(r -> count >= r.minPages()).isPresent();
        List<Finding> once = new ArrayList<>();
        for (Marks.Standing s : Marks.standing(marks)) {
            if (!(s.mark() instanceof Mark.Words w) || w.run().text().isBlank()) {
                continue;
            }
            Box at = s.bounds();
            boolean onSpine = geometry.spineBox()
                    .filter(b -> b.meets(at) && at.centreX() > b.x() && at.centreX() < b.right())
                    .isPresent();
            if (onSpine && (!allowed || !isClear(at, geometry))) {
                once.add(new Finding(
                        "spine.text",
                        Severity.WARNING,
                        Place.cover(Optional.of(at)),
                        Message.of(allowed ? "print.reception.spine-near" : "check.spine-text.found"),
                        Message.of("check.spine-text.pages", count),
                        Message.NOTHING,
                        Message.of("check.spine-text.do")));
            } else if (!onSpine && !geometry.trim().inset(SLACK).holds(at)) {
                once.add(FileRules.of(
                        "margin.outside",
                        Place.cover(Optional.of(at)),
                        Message.of("print.reception.cover-words"),
                        Message.NOTHING,
                        Message.of("print.reception.cover-safe"),
                        Message.of("print.reception.cover-words.do")));
            }
        }
        once.stream().limit(MOST).forEach(f -> found.accept(file, f));
    }

    /** The words' own bounds are taller than their letters: a fifth is air. */
    private static boolean isClear(Box at, CoverGeometry geometry) {
        double air = at.width() / 5;
        return geometry.spineSafe()
                .map(b -> at.x() + air >= b.x() - SLACK && at.right() - air <= b.right() + SLACK)
                .orElse(true);
    }
}
