package jorn.print.pdf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.DeflaterOutputStream;
import jorn.colour.InkCube;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** A picture in the four inks of the printing condition that ships. */
final class FourInkPicture {
    private FourInkPicture() {}

    static PDImageXObject of(PDDocument document, BufferedImage picture) throws IOException {
        int w = picture.getWidth();
        int h = picture.getHeight();
        ByteArrayOutputStream packed = new ByteArrayOutputStream(w * h);
        byte[] row = new byte[w * 4];
        double[] inks = new double[4];
        InkCube cube = InkCube.shipped();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            for (int y = 0; y < h; y++) {
                int last = -1;
                for (int x = 0; x < w; x++) {
                    int rgb = picture.getRGB(x, y) & 0xFFFFFF;
                    if (rgb != last) {
                        cube.inks(rgb, inks);
                        last = rgb;
                    }
                    for (int i = 0; i < 4; i++) {
                        row[x * 4 + i] = (byte) Math.round(inks[i] * 255);
                    }
                }
                out.write(row);
            }
        }
        return new PDImageXObject(
                document,
                new ByteArrayInputStream(packed.toByteArray()),
                COSName.FLATE_DECODE,
                w,
                h,
                8,
                PDDeviceCMYK.INSTANCE);
    }
}
