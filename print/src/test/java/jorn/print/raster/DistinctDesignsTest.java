package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.art.PageArt;
import jorn.book.Specimen;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.recipe.Catalogue;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;

/** No two designs look alike: their pictures are compared, small and a little blurred, as an eye does from afar. */
class DistinctDesignsTest {
    private static final int ACROSS = 60;

    /** Nearer than this, two designs are taken for one; found by looking at the nearest pairs. */
    private static final double ALIKE = 0.1;

    /** Pairs that look alike on purpose, and why. */
    private static final Map<String, String> ARGUED = Map.of(
            "lined-date lined-title",
            "both are lined paper with one row above: what stands in it is the whole difference");

    private static double[] seen(Catalogue.Entry entry) {
        PageArt page = Edition.of(Specimen.of(entry, StyleShelf.of("quiet"), Size.parse("6x9in", Unit.INCH), true))
                .page(2);
        double scale = ACROSS * 2 / page.trim().width();
        BufferedImage image = RasterSink.picture(page, page.trim(), scale);
        int w = image.getWidth() / 2;
        int h = image.getHeight() / 2;
        double[] grey = new double[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double sum = 0;
                for (int k = 0; k < 4; k++) {
                    sum += 255 - (image.getRGB(2 * x + k % 2, 2 * y + k / 2) & 0xff);
                }
                grey[y * w + x] = sum / 4;
            }
        }
        return grey;
    }

    /** One minus the cosine between two pictures: 0 for the same, 1 for such as have nothing in common. */
    private static double distance(double[] a, double[] b) {
        double ab = 0;
        double aa = 0;
        double bb = 0;
        for (int i = 0; i < a.length; i++) {
            ab += a[i] * b[i];
            aa += a[i] * a[i];
            bb += b[i] * b[i];
        }
        return aa == 0 || bb == 0 ? (aa == bb ? 0 : 1) : 1 - ab / Math.sqrt(aa * bb);
    }

    @Test
    void noTwoDesignsLookAlikeButThoseThatAreArgued() {
        List<Catalogue.Entry> all = Catalogue.all();
        List<double[]> seen = all.stream().map(DistinctDesignsTest::seen).toList();
        Map<String, Double> alike = new TreeMap<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                double far = distance(seen.get(i), seen.get(j));
                if (far < ALIKE) {
                    alike.put(all.get(j).id() + " " + all.get(i).id(), far);
                }
            }
        }
        assertTrue(seen.size() >= 160, seen.size() + " designs");
        assertEquals(ARGUED.keySet(), alike.keySet(), alike.toString());
    }
}
