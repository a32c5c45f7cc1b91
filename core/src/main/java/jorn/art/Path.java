package jorn.art;

import java.util.Arrays;

/** A line made of straight and curved pieces, in points; immutable. Curves are cubic Béziers. */
public final class Path {
    /** Receives the pieces of a path in order. */
    public interface Walker {
        void move(double x, double y);

        void line(double x, double y);

        void curve(double x1, double y1, double x2, double y2, double x, double y);

        void close();
    }

    private static final byte MOVE = 0;
    private static final byte LINE = 1;
    private static final byte CURVE = 2;
    private static final byte CLOSE = 3;

    /** How far the handles of a Bézier curve reach that stands for a quarter of a circle, as a share of its radius. */
    private static final double QUARTER = 0.5523;

    private final byte[] pieces;
    private final double[] numbers;

    private Path(byte[] pieces, double[] numbers) {
        this.pieces = pieces;
        this.numbers = numbers;
    }

    public static Path line(double x1, double y1, double x2, double y2) {
        return new Builder().move(x1, y1).line(x2, y2).build();
    }

    public static Path box(Box b) {
        return new Builder()
                .move(b.x(), b.y())
                .line(b.right(), b.y())
                .line(b.right(), b.bottom())
                .line(b.x(), b.bottom())
                .close()
                .build();
    }

    /** A box whose corners are rounded, as far as half of its shorter side allows. */
    public static Path rounded(Box b, double radius) {
        double r = Math.min(radius, Math.min(b.width(), b.height()) / 2);
        if (r <= 0) {
            return box(b);
        }
        double k = r * (1 - QUARTER);
        return builder()
                .move(b.x() + r, b.y())
                .line(b.right() - r, b.y())
                .curve(b.right() - k, b.y(), b.right(), b.y() + k, b.right(), b.y() + r)
                .line(b.right(), b.bottom() - r)
                .curve(b.right(), b.bottom() - k, b.right() - k, b.bottom(), b.right() - r, b.bottom())
                .line(b.x() + r, b.bottom())
                .curve(b.x() + k, b.bottom(), b.x(), b.bottom() - k, b.x(), b.bottom() - r)
                .line(b.x(), b.y() + r)
                .curve(b.x(), b.y() + k, b.x() + k, b.y(), b.x() + r, b.y())
                .close()
                .build();
    }

    public static Builder builder() {
        return new Builder();
    }

    /** Takes the walker along the path. */
    public void walk(Walker walker) {
        int n = 0;
        for (byte piece : pieces) {
            switch (piece) {
                case MOVE -> walker.move(numbers[n++], numbers[n++]);
                case LINE -> walker.line(numbers[n++], numbers[n++]);
                case CURVE -> walker.curve(
                        numbers[n++], numbers[n++], numbers[n++], numbers[n++], numbers[n++], numbers[n++]);
                default -> walker.close();
            }
        }
    }

    /** The box round all points, control points too. */
    public Box bounds() {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (int i = 0; i + 1 < numbers.length; i += 2) {
            left = Math.min(left, numbers[i]);
            right = Math.max(right, numbers[i]);
            top = Math.min(top, numbers[i + 1]);
            bottom = Math.max(bottom, numbers[i + 1]);
        }
        return numbers.length == 0 ? new Box(0, 0, 0, 0) : Box.between(left, top, right, bottom);
    }

    /** The longer side of the largest of its pieces: of a page of dots, how large a dot is. */
    public double largestPiece() {
        double[] box = new double[4];
        double[] largest = {0};
        walk(new Walker() {
            private void reach(double... points) {
                for (int i = 0; i < points.length; i += 2) {
                    box[0] = Math.min(box[0], points[i]);
                    box[1] = Math.min(box[1], points[i + 1]);
                    box[2] = Math.max(box[2], points[i]);
                    box[3] = Math.max(box[3], points[i + 1]);
                }
                largest[0] = Math.max(largest[0], Math.max(box[2] - box[0], box[3] - box[1]));
            }

            @Override
            public void move(double x, double y) {
                box[0] = x;
                box[1] = y;
                box[2] = x;
                box[3] = y;
            }

            @Override
            public void line(double x, double y) {
                reach(x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                reach(x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                // Back where it began.
            }
        });
        return largest[0];
    }

    /** Whether its last piece leads back to where it began. */
    public boolean isClosed() {
        return pieces.length > 0 && pieces[pieces.length - 1] == CLOSE;
    }

    /** Whether it is the outline of a box, as {@link #box} makes it. */
    public boolean isBox() {
        return pieces.length == 5 && equals(box(bounds()));
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Path p && Arrays.equals(pieces, p.pieces) && Arrays.equals(numbers, p.numbers);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(pieces) + Arrays.hashCode(numbers);
    }

    /** Gathers the pieces. */
    public static final class Builder {
        private byte[] pieces = new byte[16];
        private double[] numbers = new double[32];
        private int p;
        private int n;

        public Builder move(double x, double y) {
            return add(MOVE, x, y);
        }

        public Builder line(double x, double y) {
            return add(LINE, x, y);
        }

        public Builder curve(double x1, double y1, double x2, double y2, double x, double y) {
            return add(CURVE, x1, y1, x2, y2, x, y);
        }

        public Builder close() {
            return add(CLOSE);
        }

        /**
         * Part of a circle as curves of at most an eighth of it.
         *
         * @param from where it begins, in degrees clockwise from the right
         * @param to where it ends
         * @param begin whether it begins a new piece; otherwise a line leads to it
         */
        public Builder arc(double cx, double cy, double r, double from, double to, boolean begin) {
            int steps = Math.max(1, (int) Math.ceil(Math.abs(to - from) / 45));
            double step = Math.toRadians((to - from) / steps);
            double k = 4.0 / 3 * Math.tan(step / 4);
            double a = Math.toRadians(from);
            add(begin ? MOVE : LINE, cx + r * Math.cos(a), cy + r * Math.sin(a));
            for (int i = 0; i < steps; i++) {
                double b = a + step;
                curve(
                        cx + r * (Math.cos(a) - k * Math.sin(a)),
                        cy + r * (Math.sin(a) + k * Math.cos(a)),
                        cx + r * (Math.cos(b) + k * Math.sin(b)),
                        cy + r * (Math.sin(b) - k * Math.cos(b)),
                        cx + r * Math.cos(b),
                        cy + r * Math.sin(b));
                a = b;
            }
            return this;
        }

        /** All pieces of another path. */
        public Builder path(Path other) {
            other.walk(new Walker() {
                @Override
                public void move(double x, double y) {
                    Builder.this.move(x, y);
                }

                @Override
                public void line(double x, double y) {
                    Builder.this.line(x, y);
                }

                @Override
                public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                    Builder.this.curve(x1, y1, x2, y2, x, y);
                }

                @Override
                public void close() {
                    Builder.this.close();
                }
            });
            return this;
        }

        public Path build() {
            return new Path(Arrays.copyOf(pieces, p), Arrays.copyOf(numbers, n));
        }

        private Builder add(byte piece, double... more) {
            if (p == pieces.length) {
                pieces = Arrays.copyOf(pieces, p * 2);
            }
            while (n + more.length > numbers.length) {
                numbers = Arrays.copyOf(numbers, numbers.length * 2);
            }
            pieces[p++] = piece;
            System.arraycopy(more, 0, numbers, n, more.length);
            n += more.length;
            return this;
        }
    }

    /** The same path after a turn. */
    public Path turned(Turn at) {
        double[] moved = new double[numbers.length];
        for (int i = 0; i + 1 < numbers.length; i += 2) {
            moved[i] = at.x(numbers[i], numbers[i + 1]);
            moved[i + 1] = at.y(numbers[i], numbers[i + 1]);
        }
        return new Path(pieces, moved);
    }

    /** A shape of Java's own as a path; curves of the second degree become ones of the third. */
    public static Path of(java.awt.Shape shape) {
        Builder path = builder();
        double[] at = new double[6];
        double x = 0;
        double y = 0;
        for (java.awt.geom.PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            switch (kind) {
                case java.awt.geom.PathIterator.SEG_MOVETO -> path.move(at[0], at[1]);
                case java.awt.geom.PathIterator.SEG_LINETO -> path.line(at[0], at[1]);
                case java.awt.geom.PathIterator.SEG_QUADTO -> path.curve(
                        x + (at[0] - x) * 2 / 3,
                        y + (at[1] - y) * 2 / 3,
                        at[2] + (at[0] - at[2]) * 2 / 3,
                        at[3] + (at[1] - at[3]) * 2 / 3,
                        at[2],
                        at[3]);
                case java.awt.geom.PathIterator.SEG_CUBICTO -> path.curve(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> path.close();
            }
            int last = kind == java.awt.geom.PathIterator.SEG_QUADTO
                    ? 2
                    : kind == java.awt.geom.PathIterator.SEG_CUBICTO ? 4 : 0;
            if (kind != java.awt.geom.PathIterator.SEG_CLOSE) {
                x = at[last];
                y = at[last + 1];
            }
        }
        return path.build();
    }

    /** The same as Java's own shape. */
    public java.awt.geom.Path2D asShape() {
        java.awt.geom.Path2D.Double shape = new java.awt.geom.Path2D.Double();
        walk(new Walker() {
            @Override
            public void move(double x, double y) {
                shape.moveTo(x, y);
            }

            @Override
            public void line(double x, double y) {
                shape.lineTo(x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                shape.curveTo(x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                shape.closePath();
            }
        });
        return shape;
    }

    /**
     * Whether a point lies inside of it after a turn; lines that cross themselves count by their winding, as they are filled.
     *
     * @param at the turn that is made first
     */
    public boolean holds(double x, double y, Turn at) {
        java.awt.geom.Path2D shape = asShape();
        shape.transform(new java.awt.geom.AffineTransform(at.a(), at.b(), at.c(), at.d(), at.e(), at.f()));
        return shape.contains(x, y);
    }
}
