package jorn.art;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import jorn.colour.Lab;

/**
 * The colours of which a picture has most, found by gathering its pixels round a few middles in CIE Lab (k-means, Lloyd's method; the
 * first middles far from each other). The same picture always has the same.
 */
public final class PictureSwatches {
    private static final int MIDDLES = 7;
    private static final int ROUNDS = 14;
    private static final int SAMPLES = 6000;

    private final List<Swatch> all;

    /** A colour, and the share of the picture that is about like it. */
    private record Swatch(Lab lab, double share) {
        Ink ink() {
            int[] c = lab.rgb();
            return new Ink.Rgb(c[0], c[1], c[2]);
        }
    }

    private PictureSwatches(List<Swatch> all) {
        this.all = all;
    }

    /** @throws jorn.measure.Trouble where the picture is missing or damaged */
    public static PictureSwatches of(Picture picture) {
        int step = (int) Math.max(1, Math.sqrt((double) picture.width() * picture.height() / SAMPLES / 4));
        return of(PictureDecoder.read(picture, step));
    }

    static PictureSwatches of(BufferedImage image) {
        int each = (int) Math.max(1, Math.sqrt((double) image.getWidth() * image.getHeight() / SAMPLES));
        List<Lab> pixels = new ArrayList<>();
        for (int y = each / 2; y < image.getHeight(); y += each) {
            for (int x = each / 2; x < image.getWidth(); x += each) {
                int c = image.getRGB(x, y);
                pixels.add(Lab.ofRgb(new int[] {c >> 16 & 255, c >> 8 & 255, c & 255}));
            }
        }
        return new PictureSwatches(gathered(pixels));
    }

    private static List<Swatch> gathered(List<Lab> pixels) {
        List<Lab> middles = first(pixels);
        int[] count = new int[middles.size()];
        for (int round = 0; round < ROUNDS; round++) {
            double[][] sum = new double[middles.size()][3];
            count = new int[middles.size()];
            for (Lab pixel : pixels) {
                int near = nearest(middles, pixel);
                sum[near][0] += pixel.l();
                sum[near][1] += pixel.a();
                sum[near][2] += pixel.b();
                count[near]++;
            }
            for (int i = 0; i < sum.length; i++) {
                if (count[i] > 0) {
                    middles.set(i, new Lab(sum[i][0] / count[i], sum[i][1] / count[i], sum[i][2] / count[i]));
                }
            }
        }
        List<Swatch> all = new ArrayList<>();
        for (int i = 0; i < middles.size(); i++) {
            if (count[i] > 0) {
                all.add(new Swatch(middles.get(i), count[i] / (double) pixels.size()));
            }
        }
        all.sort(Comparator.comparingDouble(Swatch::share).reversed());
        return all;
    }

    private static int nearest(List<Lab> middles, Lab pixel) {
        int best = 0;
        for (int i = 1; i < middles.size(); i++) {
            if (middles.get(i).distance(pixel) < middles.get(best).distance(pixel)) {
                best = i;
            }
        }
        return best;
    }

    /** Each next middle is the pixel, of some that are tried, that is furthest from all before. */
    private static List<Lab> first(List<Lab> pixels) {
        Random chance = new Random(7);
        List<Lab> middles = new ArrayList<>(List.of(pixels.get(0)));
        while (middles.size() < MIDDLES) {
            Lab best = pixels.get(0);
            double far = -1;
            for (int i = 0; i < 300; i++) {
                Lab tried = pixels.get(chance.nextInt(pixels.size()));
                double own = tried.distance(middles.get(nearest(middles, tried)));
                if (own > far) {
                    far = own;
                    best = tried;
                }
            }
            middles.add(best);
        }
        return middles;
    }

    /** All of them, those of which there is most first. */
    public List<Ink> inks() {
        return all.stream().map(Swatch::ink).toList();
    }

    /** The one of which there is most. */
    public Ink ground() {
        return all.get(0).ink();
    }

    public Ink lightest() {
        return all.stream()
                .max(Comparator.comparingDouble(s -> s.lab().l()))
                .map(s -> CoverTint.towards(s.lab(), 94))
                .orElse(Ink.WHITE);
    }

    public Ink darkest() {
        return all.stream()
                .min(Comparator.comparingDouble(s -> s.lab().l()))
                .map(s -> CoverTint.towards(s.lab(), 16))
                .orElse(Ink.BLACK);
    }

    /** The four that are furthest from grey. */
    public List<Ink> fullest() {
        return all.stream()
                .sorted(Comparator.comparingDouble((Swatch s) -> s.lab().chroma())
                        .reversed())
                .limit(4)
                .map(Swatch::ink)
                .toList();
    }

    /** The same hue at another lightness, so that words can be read on it or with it. */
    private static final class CoverTint {
        static Ink towards(Lab lab, double lightness) {
            double share = lightness > 50 ? Math.max(lightness, lab.l()) : Math.min(lightness, lab.l());
            double calm = 0.5;
            int[] c = new Lab(share, lab.a() * calm, lab.b() * calm).rgb();
            return new Ink.Rgb(c[0], c[1], c[2]);
        }
    }
}
