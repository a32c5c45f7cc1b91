package jorn.book;

import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Tone;
import jorn.json.Required;
import jorn.say.Label;

/**
 * How a picture of the book stands on the cover.
 *
 * @param picture its id in the book
 * @param fit how it takes its place
 * @param zoom 1 as large as the fit makes it, up to 8 for a smaller part of it
 * @param acrossFocus which part of its width is in the middle: 0 left, 1 right
 * @param downFocus which part of its height is in the middle: 0 top, 1 foot
 * @param turn in degrees clockwise, -180 to 180
 * @param flip whether left and right change places
 * @param tone how it is coloured
 */
@RecordBuilder
public record CoverPicture(
        @Required String picture,
        PictureFit fit,
        Double zoom,
        Double acrossFocus,
        Double downFocus,
        double turn,
        boolean flip,
        Tone tone)
        implements CoverPictureBuilder.With {
    private static final double MOST_ZOOM = 8;

    /** How a picture takes its place. */
    public enum PictureFit {
        /** It covers its place, and what is over is cut away. */
        @Label("book.picture-fit.fill")
        FILL("fill"),
        /** The whole of it is seen. */
        @Label("book.picture-fit.whole")
        WHOLE("whole"),
        /** Stretched to its place, out of proportion: only because somebody asked. */
        @Label("book.picture-fit.stretch")
        STRETCH("stretch"),
        /** As it is in size, repeated and mirrored without a seam. */
        @Label("book.picture-fit.repeat")
        REPEAT("repeat");

        private final String id;

        PictureFit(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public CoverPicture {
        fit = fit == null ? PictureFit.FILL : fit;
        zoom = zoom == null ? 1 : Math.min(MOST_ZOOM, Math.max(fit == PictureFit.REPEAT ? 1 / MOST_ZOOM : 1, zoom));
        acrossFocus = acrossFocus == null ? 0.5 : Math.min(1, Math.max(0, acrossFocus));
        downFocus = downFocus == null ? 0.5 : Math.min(1, Math.max(0, downFocus));
        tone = tone == null ? Tone.AS_IT_IS : tone;
    }

    /** Filling its place about its middle. */
    public static CoverPicture of(String picture) {
        return new CoverPicture(picture, PictureFit.FILL, 1.0, 0.5, 0.5, 0, false, Tone.AS_IT_IS);
    }
}
