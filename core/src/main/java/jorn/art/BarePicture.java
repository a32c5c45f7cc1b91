package jorn.art;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import jorn.art.PictureFile.Facts;
import jorn.art.PictureFile.Facts.Kind;
import jorn.measure.Trouble;

/**
 * A picture as it may be given away: of its size, with the pixels that are seen and white in place of the others, and without what is noted in its
 * file.
 */
public final class BarePicture {
    /** Nothing is seen to be lost (common practice). */
    private static final float QUALITY = 0.95f;

    private BarePicture() {}

    /**
     * The picture to be given away.
     *
     * @param seen the part of it that is seen anywhere, in pixels
     * @throws Trouble where it is damaged
     */
    public static Picture of(Picture picture, Box seen) {
        Facts facts = picture.file().facts().orElse(null);
        if (facts == null || picture.isMissing()) {
            return picture;
        }
        boolean whole = seen.x() <= 0.5
                && seen.y() <= 0.5
                && seen.right() >= picture.width() - 0.5
                && seen.bottom() >= picture.height() - 0.5;
        try {
            return Picture.of(picture.name(), bytes(picture, facts, seen, whole))
                    .withCredit(picture.credit());
        } catch (IOException e) {
            throw Trouble.because(e, "art.bare-picture.unwritten", picture.name());
        }
    }

    private static byte[] bytes(Picture picture, Facts facts, Box seen, boolean whole) throws IOException {
        byte[] file = picture.file().bytes();
        if (facts.kind() == Kind.SVG) {
            return bareDrawing(file);
        }
        if (whole && facts.kind() == Kind.JPEG && facts.orientation().equals(Orientation.UPRIGHT)) {
            Optional<byte[]> bare = BareJpeg.of(file);
            if (bare.isPresent()) {
                return bare.get();
            }
        }
        BufferedImage all = PictureDecoder.read(picture, 1);
        BufferedImage shown = new BufferedImage(
                all.getWidth(),
                all.getHeight(),
                all.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D g = shown.createGraphics();
        if (!all.getColorModel().hasAlpha()) {
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, shown.getWidth(), shown.getHeight());
        }
        g.clip(new java.awt.geom.Rectangle2D.Double(
                Math.floor(seen.x()),
                Math.floor(seen.y()),
                Math.ceil(seen.right()) - Math.floor(seen.x()),
                Math.ceil(seen.bottom()) - Math.floor(seen.y())));
        g.drawImage(all, 0, 0, null);
        g.dispose();
        return facts.kind() == Kind.JPEG ? jpeg(shown) : png(shown);
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** Without comments, titles and metadata; lines and areas stay. */
    private static byte[] bareDrawing(byte[] file) {
        String text = new String(file, StandardCharsets.UTF_8);
        String bare = text.replaceAll("(?s)<!--.*?-->", "")
                .replaceAll("(?s)<(metadata|title|desc)(\\s[^>]*)?>.*?</\\1>", "")
                .replaceAll("(?s)<(metadata|title|desc)(\\s[^>]*)?/>", "")
                .replaceAll("(?s)<([A-Za-z]+:[A-Za-z]+)(\\s[^>]*)?/>", "");
        return bare.getBytes(StandardCharsets.UTF_8);
    }
}
