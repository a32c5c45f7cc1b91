package jorn.print.reception;

import java.util.Optional;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.press.Bleed;
import jorn.press.PressProfile;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Where the pages of a file are cut: as the file says, or else as a press tells it from the size of the sheet, which is a trim of its own or one with
 * its bleed round it.
 *
 * @param trim the size of the closed book
 * @param bleeds whether the sheet has bleed round it
 * @param offered whether the press makes such a size
 */
record PageSize(Size trim, boolean bleeds, boolean offered) {
    /** Sizes this near are the same, in points: files round to hundredths. */
    private static final double SLACK = 0.75;

    /** The size of a file's pages, from one of them. */
    static PageSize of(PDPage page, PressProfile press) {
        PDRectangle media = page.getCropBox();
        if (page.getCOSObject().containsKey(COSName.TRIM_BOX)) {
            PDRectangle trim = page.getTrimBox();
            Size size = offer(trim.getWidth(), trim.getHeight(), press)
                    .orElse(new Size(Length.points(trim.getWidth()), Length.points(trim.getHeight())));
            PDRectangle bled = page.getCOSObject().containsKey(COSName.BLEED_BOX) ? page.getBleedBox() : media;
            boolean bleeds = bled.getHeight() > trim.getHeight() + SLACK;
            return new PageSize(size, bleeds, press.takes(size));
        }
        double width = press.bleed().width().points();
        double across = width * (press.bleed().sides() == Bleed.Sides.FOUR ? 2 : 1);
        Optional<Size> bare = offer(media.getWidth(), media.getHeight(), press);
        Optional<Size> bled = offer(media.getWidth() - across, media.getHeight() - 2 * width, press);
        if (bare.isEmpty() && bled.isPresent()) {
            return new PageSize(bled.get(), true, true);
        }
        Size whole = new Size(Length.points(media.getWidth()), Length.points(media.getHeight()));
        return new PageSize(bare.orElse(whole), false, bare.isPresent() || press.takes(whole));
    }

    private static Optional<Size> offer(double width, double height, PressProfile press) {
        return press.trims().stream()
                .filter(t -> Math.abs(t.width().points() - width) < SLACK
                        && Math.abs(t.height().points() - height) < SLACK)
                .findFirst();
    }

    /**
     * The cut of a page that has no box of its own for it.
     *
     * @param rightHand whether its spine is at the left
     */
    PDRectangle cut(PDRectangle sheet, boolean rightHand, PressProfile press) {
        if (!bleeds) {
            return sheet;
        }
        float bleed = (float) press.bleed().width().points();
        boolean three = press.bleed().sides() != Bleed.Sides.FOUR;
        float left = three && rightHand ? 0 : bleed;
        return new PDRectangle(
                sheet.getLowerLeftX() + left,
                sheet.getLowerLeftY() + bleed,
                (float) trim.width().points(),
                (float) trim.height().points());
    }

    /** Whether another page is of this size. */
    boolean isThatOf(PDPage page, PressProfile press) {
        PageSize other = of(page, press);
        return Math.abs(other.trim.width().points() - trim.width().points()) < SLACK
                && Math.abs(other.trim.height().points() - trim.height().points()) < SLACK;
    }
}
