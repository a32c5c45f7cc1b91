package jorn.print.reception;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.ForeignPage;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Reading;
import jorn.art.Side;
import jorn.book.Brief;
import jorn.deliver.ColourPolicy;
import jorn.deliver.Handover;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.press.Bleed;
import jorn.press.PressProfile;
import jorn.print.pdf.PdfSink;
import jorn.print.pdf.PdfTerms;
import jorn.store.SafeFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Writes files that were made elsewhere anew, as a press wants them: in its inks and by its standard, with boxes that say where they are cut, without
 * marks and links, in a size that it makes, with blank pages to a count that it binds. Fonts that are not in a file cannot be put there: such a page
 * becomes a picture. What stands in the wrong place stays there, and so does a cover of the wrong size.
 */
public final class Mending {
    private final PressProfile press;
    private final Order order;

    private Mending(PressProfile press, Order order) {
        this.press = press;
        this.order = order;
    }

    /**
     * Writes the files in a folder anew into another.
     *
     * @return the files that were written, the inside first
     * @throws Trouble where they cannot be read or written, or the target is the folder itself
     */
    public static List<Path> mend(Path place, PressProfile press, Order order, Path target) {
        order.require(press);
        SentFiles sent = SentFiles.in(place);
        Mending mending = new Mending(press, order);
        List<Path> written = new ArrayList<>();
        for (Path file : sent.all()) {
            Path to = target.resolve(file.getFileName());
            if (to.toAbsolutePath().normalize().equals(file.toAbsolutePath().normalize())) {
                throw Trouble.of("print.mending.same", target);
            }
            boolean cover = sent.cover().filter(file::equals).isPresent();
            mending.write(file, to, cover);
            written.add(to);
        }
        return written;
    }

    private void write(Path file, Path to, boolean cover) {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            byte[] bytes = Files.readAllBytes(file);
            PageSize size = PageSize.of(document.getPage(0), press);
            Size trim = size.offered() || cover ? size.trim() : press.nearestTrim(size.trim());
            int count = document.getNumberOfPages();
            Brief brief = order.on(Brief.at(press, trim, Math.min(Brief.MOST_PAGES, count)));
            ColourPolicy colours = cover ? Handover.outside(brief) : Handover.inside(brief);
            String title = document.getDocumentInformation().getTitle();
            String shown = title == null || title.isBlank() ? String.valueOf(file.getFileName()) : title;
            List<PageArt> pages = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                ForeignPage page = new ForeignPage(
                        String.valueOf(file),
                        shown,
                        i + 1,
                        width(document.getPage(i)),
                        height(document.getPage(i)),
                        bytes);
                pages.add(cover ? asItIs(document.getPage(i), page) : page(document.getPage(i), page, size, brief));
            }
            if (!cover) {
                int whole = brief.pageRule()
                        .roundUp(Math.max(count, brief.pageRule().min()));
                while (pages.size() < whole) {
                    PageArt like = pages.get(pages.size() >= 2 ? pages.size() - 2 : 0);
                    pages.add(new PageArt(like.trim(), like.bleed(), List.of()));
                }
            }
            SafeFile.write(to, out -> {
                try (PdfSink sink = new PdfSink(shown, "", new PdfTerms(colours, Handover.standard(brief)))) {
                    if (order.reading() == Reading.RIGHT_TO_LEFT) {
                        sink.readFromRight();
                    }
                    for (PageArt page : pages) {
                        sink.add(page);
                    }
                    sink.writeTo(out);
                }
            });
        } catch (IOException | UncheckedIOException e) {
            throw Trouble.because(e, "print.mending.unreadable", file.getFileName());
        }
    }

    private static double width(PDPage page) {
        return page.getCropBox().getWidth();
    }

    private static double height(PDPage page) {
        return page.getCropBox().getHeight();
    }

    /** A page in the trim of the book, moved so that its cut falls on the trim's; made smaller or larger in proportion where the trim is another. */
    private PageArt page(PDPage page, ForeignPage foreign, PageSize size, Brief brief) {
        Side side = foreign.number() % 2 == 1 ? Side.RECTO : Side.VERSO;
        boolean rightHand = brief.isRightHand(side);
        PDRectangle media = page.getCropBox();
        PDRectangle cut = page.getCOSObject().containsKey(COSName.TRIM_BOX)
                ? page.getTrimBox()
                : size.cut(media, rightHand, press);
        Box trim = Box.of(brief.trim());
        double scale = Math.min(trim.width() / cut.getWidth(), trim.height() / cut.getHeight());
        double x = (trim.width() - cut.getWidth() * scale) / 2 - (cut.getLowerLeftX() - media.getLowerLeftX()) * scale;
        double y =
                (trim.height() - cut.getHeight() * scale) / 2 - (media.getUpperRightY() - cut.getUpperRightY()) * scale;
        Mark placed = new Mark.Foreign(foreign, new Box(x, y, media.getWidth() * scale, media.getHeight() * scale));
        double width = size.bleeds() ? press.bleed().width().points() : 0;
        boolean three = press.bleed().sides() != Bleed.Sides.FOUR;
        Box bleed = trim.inset(-width, three && !rightHand ? 0 : -width, -width, three && rightHand ? 0 : -width);
        return new PageArt(trim, bleed, List.of(placed));
    }

    private static PageArt asItIs(PDPage page, ForeignPage foreign) {
        PDRectangle media = page.getCropBox();
        boolean told = page.getCOSObject().containsKey(COSName.TRIM_BOX);
        PDRectangle cut = told ? page.getTrimBox() : media;
        PDRectangle bled = page.getCOSObject().containsKey(COSName.BLEED_BOX) ? page.getBleedBox() : media;
        Box all = from(media, cut);
        return new PageArt(from(cut, cut), from(bled, cut), all, List.of(new Mark.Foreign(foreign, all)));
    }

    /** A box from the corner of the cut, y down. */
    private static Box from(PDRectangle box, PDRectangle cut) {
        return new Box(
                box.getLowerLeftX() - cut.getLowerLeftX(),
                cut.getUpperRightY() - box.getUpperRightY(),
                box.getWidth(),
                box.getHeight());
    }
}
