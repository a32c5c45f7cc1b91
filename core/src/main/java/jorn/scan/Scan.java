package jorn.scan;

/** Pixels in red, green and blue, as they come from a scanner or a camera. Not changed by anybody once it is made. */
public final class Scan {
    private final int width;
    private final int height;
    private final int[] rgb;

    /** @param rgb a number for each pixel, row by row; not copied */
    public Scan(int width, int height, int[] rgb) {
        if (width < 1 || height < 1 || rgb.length != width * height) {
            throw new IllegalArgumentException(width + " x " + height + ": " + rgb.length);
        }
        this.width = width;
        this.height = height;
        this.rgb = rgb;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int rgb(int x, int y) {
        return rgb[y * width + x];
    }

    /** All pixels; not to be changed. */
    public int[] rgb() {
        return rgb;
    }

    /** One of the three lights of a pixel, between pixels as a mixture: 0 red, 1 green, 2 blue. */
    double light(double x, double y, int which) {
        double cx = Math.max(0, Math.min(width - 1.0, x));
        double cy = Math.max(0, Math.min(height - 1.0, y));
        int x0 = (int) cx;
        int y0 = (int) cy;
        int x1 = Math.min(width - 1, x0 + 1);
        int y1 = Math.min(height - 1, y0 + 1);
        double fx = cx - x0;
        double fy = cy - y0;
        int shift = 16 - 8 * which;
        double top = (rgb(x0, y0) >> shift & 255) * (1 - fx) + (rgb(x1, y0) >> shift & 255) * fx;
        double below = (rgb(x0, y1) >> shift & 255) * (1 - fx) + (rgb(x1, y1) >> shift & 255) * fx;
        return top * (1 - fy) + below * fy;
    }

    /** How bright it is, 0 to 255, by the weights of ITU-R BT.709. */
    public Grey grey() {
        float[] v = new float[rgb.length];
        for (int i = 0; i < v.length; i++) {
            int p = rgb[i];
            v[i] = (float) (0.2126 * (p >> 16 & 255) + 0.7152 * (p >> 8 & 255) + 0.0722 * (p & 255));
        }
        return new Grey(width, height, v);
    }

    /** A part of it. */
    Scan part(int x, int y, int w, int h) {
        int[] all = new int[w * h];
        for (int j = 0; j < h; j++) {
            System.arraycopy(rgb, (y + j) * width + x, all, j * w, w);
        }
        return new Scan(w, h, all);
    }
}
