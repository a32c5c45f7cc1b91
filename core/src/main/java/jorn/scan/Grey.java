package jorn.scan;

/** How bright each pixel is, 0 black to 255 white. */
public final class Grey {
    private final int width;
    private final int height;
    private final float[] v;

    Grey(int width, int height, float[] v) {
        this.width = width;
        this.height = height;
        this.v = v;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public float at(int x, int y) {
        return v[y * width + x];
    }

    float[] values() {
        return v;
    }

    /** Smaller, each pixel the mean of those that it stands for. */
    Grey smaller(int longest) {
        double s = Math.max(1, Math.max(width, height) / (double) longest);
        int w = Math.max(1, (int) (width / s));
        int h = Math.max(1, (int) (height / s));
        float[] out = new float[w * h];
        for (int y = 0; y < h; y++) {
            int y0 = (int) (y * s);
            int y1 = Math.max(y0 + 1, Math.min(height, (int) ((y + 1) * s)));
            for (int x = 0; x < w; x++) {
                int x0 = (int) (x * s);
                int x1 = Math.max(x0 + 1, Math.min(width, (int) ((x + 1) * s)));
                double sum = 0;
                for (int j = y0; j < y1; j++) {
                    for (int i = x0; i < x1; i++) {
                        sum += v[j * width + i];
                    }
                }
                out[y * w + x] = (float) (sum / ((x1 - x0) * (y1 - y0)));
            }
        }
        return new Grey(w, h, out);
    }

    /** Blurred, as through a lens: a bell curve of a width. */
    Grey blurred(double sigma) {
        if (sigma <= 0.2) {
            return this;
        }
        int r = (int) Math.ceil(3 * sigma);
        double[] bell = new double[2 * r + 1];
        double sum = 0;
        for (int i = -r; i <= r; i++) {
            bell[i + r] = Math.exp(-i * i / (2 * sigma * sigma));
            sum += bell[i + r];
        }
        for (int i = 0; i < bell.length; i++) {
            bell[i] /= sum;
        }
        float[] across = new float[v.length];
        float[] out = new float[v.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double s = 0;
                for (int i = -r; i <= r; i++) {
                    s += bell[i + r] * v[y * width + Math.max(0, Math.min(width - 1, x + i))];
                }
                across[y * width + x] = (float) s;
            }
        }
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double s = 0;
                for (int i = -r; i <= r; i++) {
                    s += bell[i + r] * across[Math.max(0, Math.min(height - 1, y + i)) * width + x];
                }
                out[y * width + x] = (float) s;
            }
        }
        return new Grey(width, height, out);
    }

    /** The level that best parts dark from bright (Otsu, A threshold selection method from gray-level histograms, 1979). */
    public int parting() {
        int[] counts = new int[256];
        for (float f : v) {
            counts[Math.max(0, Math.min(255, Math.round(f)))]++;
        }
        double all = v.length;
        double sum = 0;
        for (int i = 0; i < 256; i++) {
            sum += i * (double) counts[i];
        }
        double below = 0;
        double sumBelow = 0;
        double best = -1;
        int first = 128;
        int last = 128;
        for (int t = 0; t < 255; t++) {
            below += counts[t];
            sumBelow += t * (double) counts[t];
            double above = all - below;
            if (below == 0 || above == 0) {
                continue;
            }
            double d = sumBelow / below - (sum - sumBelow) / above;
            double between = below * above * d * d;
            if (between > best * (1 + 1e-12)) {
                best = between;
                first = t;
                last = t;
            } else if (between >= best * (1 - 1e-12)) {
                last = t;
            }
        }
        return (first + last) / 2;
    }
}
