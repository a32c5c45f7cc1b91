package jorn.print.read;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.art.PictureFile;
import jorn.art.PictureInk;
import jorn.art.Target;
import jorn.art.Turn;
import jorn.scratch.Blob;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import org.jspecify.annotations.Nullable;

/**
 * Reads what is drawn on a page of any PDF back into marks, in points from the trim's top left corner, y down: areas, lines, words and pictures with
 * their inks, and the links on it. What is clipped away is cut off by upright boxes, which is as near as a check needs.
 */
public final class PageReader extends PDFGraphicsStreamEngine {
    private static final Logger LOG = Logger.getLogger(PageReader.class.getName());
    /** Pixels of a picture that are looked at, on the longer side. */
    private static final int LOOK = 240;
    /** Lighter than this is bare paper, as packing leaves it. */
    private static final int NEARLY_WHITE = 246;

    private final Box trim;
    private final double top;
    private final List<Mark> marks = new ArrayList<>();
    private final WordReader words;
    private final Map<COSBase, Looked> pictures;
    private Path.Builder path = Path.builder();
    private boolean begun;
    private Point2D at = new Point2D.Double();
    private double pictureInk;

    private PageReader(PDPage page, PDRectangle trimmed, Map<COSBase, Looked> pictures) {
        super(page);
        this.trim = new Box(trimmed.getLowerLeftX(), 0, trimmed.getWidth(), trimmed.getHeight());
        this.top = trimmed.getUpperRightY();
        this.pictures = pictures;
        this.words = new WordReader(this::add);
    }

    /** Reads pages of one file; a picture on many of them is looked at once. */
    public static final class FileReading {
        private final PDDocument document;
        private final Map<COSBase, Looked> pictures = new HashMap<>();

        public FileReading(PDDocument document) {
            this.document = document;
        }

        /**
         * A page.
         *
         * @param number from 1
         * @param trimOf where a page without a box of its own is cut, from its whole sheet
         * @throws IOException where it cannot be read
         */
        public ReadPage page(int number, UnaryOperator<PDRectangle> trimOf) throws IOException {
            PDPage page = document.getPage(number - 1);
            boolean told = page.getCOSObject().containsKey(COSName.TRIM_BOX);
            PDRectangle media = page.getCropBox();
            PDRectangle trim = told ? page.getTrimBox() : trimOf.apply(media);
            PageReader reader = new PageReader(page, trim, pictures);
            reader.processPage(page);
            reader.words.end();
            reader.links(page, document);
            PDRectangle bleed = page.getCOSObject().containsKey(COSName.BLEED_BOX) ? page.getBleedBox() : media;
            PageArt art = new PageArt(reader.box(trim), reader.box(bleed), reader.box(media), reader.marks);
            ContentScan scan = ContentScan.of(page);
            return new ReadPage(art, told, scan.uses(), scan.fontsApart(), reader.pictureInk);
        }
    }

    private double x(double x) {
        return x - trim.x();
    }

    private double y(double y) {
        return top - y;
    }

    private Box box(PDRectangle r) {
        return Box.between(x(r.getLowerLeftX()), y(r.getUpperRightY()), x(r.getUpperRightX()), y(r.getLowerLeftY()));
    }

    private void add(Mark mark, double alpha) {
        add(mark, new WordReader.Showing(seen(), alpha));
    }

    /** What is seen of the page where something is drawn now. */
    private Box seen() {
        Rectangle2D clip = getGraphicsState().getCurrentClippingPath().getBounds2D();
        return Box.between(x(clip.getMinX()), y(clip.getMaxY()), x(clip.getMaxX()), y(clip.getMinY()));
    }

    private void add(Mark mark, WordReader.Showing how) {
        Box seen = how.within();
        double alpha = how.alpha();
        if (!seen.meets(mark.bounds().outset(0.01))) {
            return;
        }
        Mark cut = seen.outset(0.01).holds(mark.bounds()) ? mark : new Mark.Clip(Path.box(seen), List.of(mark));
        marks.add(alpha < 1 ? new Mark.Group(alpha, List.of(cut)) : cut);
    }

    private Ink fillInk() {
        return InkReader.of(getGraphicsState().getNonStrokingColor());
    }

    private double fillAlpha() {
        return getGraphicsState().getNonStrokeAlphaConstant();
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        moveTo((float) p0.getX(), (float) p0.getY());
        lineTo((float) p1.getX(), (float) p1.getY());
        lineTo((float) p2.getX(), (float) p2.getY());
        lineTo((float) p3.getX(), (float) p3.getY());
        closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        path.move(x(x), y(y));
        at = new Point2D.Double(x, y);
        begun = true;
    }

    @Override
    public void lineTo(float x, float y) {
        path.line(x(x), y(y));
        at = new Point2D.Double(x, y);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        path.curve(x(x1), y(y1), x(x2), y(y2), x(x3), y(y3));
        at = new Point2D.Double(x3, y3);
    }

    @Override
    public @Nullable Point2D getCurrentPoint() {
        return begun ? at : null;
    }

    @Override
    public void closePath() {
        if (begun) {
            path.close();
        }
    }

    @Override
    public void endPath() {
        path = Path.builder();
        begun = false;
    }

    @Override
    public void clip(int windingRule) {
        // The engine keeps the clip itself from the path operators' own shapes; here it is told the shape that was
        // built.
        getGraphicsState().intersectClippingPath(flipped(path.build()));
    }

    /** A path of ours as a shape in the page's own points. */
    private java.awt.geom.GeneralPath flipped(Path mine) {
        java.awt.geom.AffineTransform back = new java.awt.geom.AffineTransform(1, 0, 0, -1, trim.x(), top);
        return new java.awt.geom.GeneralPath(mine.asShape().createTransformedShape(back));
    }

    @Override
    public void fillPath(int windingRule) {
        if (begun) {
            words.end();
            add(new Mark.Fill(path.build(), fillInk()), fillAlpha());
        }
        endPath();
    }

    @Override
    public void strokePath() {
        if (begun) {
            words.end();
            stroke();
        }
        endPath();
    }

    private void stroke() {
        PDGraphicsState state = getGraphicsState();
        double weight = state.getLineWidth() * scale(state.getCurrentTransformationMatrix());
        Ink ink = InkReader.of(state.getStrokingColor());
        add(new Mark.Stroke(path.build(), weight, ink), state.getAlphaConstant());
    }

    private static double scale(Matrix m) {
        return Math.sqrt(Math.abs(m.getScaleX() * m.getScaleY() - m.getShearX() * m.getShearY()));
    }

    @Override
    public void fillAndStrokePath(int windingRule) {
        if (begun) {
            words.end();
            add(new Mark.Fill(path.build(), fillInk()), fillAlpha());
            stroke();
        }
        endPath();
    }

    @Override
    public void shadingFill(COSName name) {
        words.end();
        Box seen = seen();
        Ink[] ends = InkReader.ends(getResources(), name);
        marks.add(new Mark.Shade(
                Path.box(seen), ends[0], ends[1], new Mark.Shade.Ends(seen.x(), seen.y(), seen.right(), seen.y())));
    }

    @Override
    public void drawImage(PDImage image) throws IOException {
        words.end();
        Matrix m = getGraphicsState().getCurrentTransformationMatrix();
        double across = Math.hypot(m.getScaleX(), m.getShearY());
        double down = Math.hypot(m.getShearX(), m.getScaleY());
        if (across == 0 || down == 0) {
            return;
        }
        // From a box of the picture's size, y down, to the page.
        Turn turn = new Turn(
                m.getScaleX() / across,
                -m.getShearY() / across,
                -m.getShearX() / down,
                m.getScaleY() / down,
                x(m.getTranslateX() + m.getShearX()),
                y(m.getTranslateY() + m.getScaleY()));
        Box to = new Box(0, 0, across, down);
        if (image.isStencil()) {
            add(new Mark.Turned(turn, List.of(new Mark.Fill(Path.box(to), fillInk()))), fillAlpha());
            return;
        }
        Looked looked = looked(image);
        if (looked.inked().isEmpty()) {
            return;
        }
        Picture picture = looked.picture();
        Box part = looked.inked();
        Box from = new Box(
                part.x() * picture.width(),
                part.y() * picture.height(),
                part.width() * picture.width(),
                part.height() * picture.height());
        Box inked = new Box(part.x() * across, part.y() * down, part.width() * across, part.height() * down);
        boolean upright = turn.b() == 0 && turn.c() == 0 && turn.a() > 0 && turn.d() > 0;
        Mark placed = upright
                ? new Mark.Image(picture, from, turn.of(inked), 1)
                : new Mark.Turned(turn, List.of(new Mark.Image(picture, from, inked, 1)));
        add(placed, fillAlpha());
    }

    /**
     * A picture of its size, with few of its pixels.
     *
     * @param inked the part of it that is not white, each side from 0 to 1: where nothing is printed, nothing can be cut off
     * @param most the sum of inks where there is most, in per cent
     */
    private record Looked(Picture picture, Box inked, double most) {}

    private Looked looked(PDImage image) throws IOException {
        COSBase key = image.getCOSObject();
        Looked known = pictures.get(key);
        if (known == null) {
            int step = Math.max(1, Math.max(image.getWidth(), image.getHeight()) / LOOK);
            BufferedImage look = image.getImage(null, step);
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(look, "png", png);
            Picture picture = new Picture(
                    "read" + pictures.size(),
                    "picture " + (pictures.size() + 1),
                    image.getWidth(),
                    image.getHeight(),
                    PictureFile.of(Blob.of(png.toByteArray())));
            known = new Looked(picture, inked(look), image instanceof PDImageXObject object ? mostInk(object) : 0);
            pictures.put(key, known);
        }
        pictureInk = Math.max(pictureInk, known.most());
        return known;
    }

    /** The part of a picture that is not white, as shares of its sides; an empty box where all of it is. */
    private static Box inked(BufferedImage look) {
        double w = look.getWidth();
        double h = look.getHeight();
        return PictureInk.in(look, NEARLY_WHITE)
                .map(b -> Box.between(b.x() / w, b.y() / h, b.right() / w, b.bottom() / h))
                .orElse(new Box(0, 0, 0, 0));
    }

    /** The sum of the four inks in the darkest thousandth of a picture, in per cent. */
    private static double mostInk(PDImageXObject image) throws IOException {
        if (image.getColorSpace() != PDDeviceCMYK.INSTANCE) {
            return 0;
        }
        Raster raster = image.getRawRaster();
        int step = Math.max(1, Math.max(raster.getWidth(), raster.getHeight()) / LOOK);
        int[] counts = new int[401];
        int all = 0;
        int[] parts = new int[raster.getNumBands()];
        for (int y = 0; y < raster.getHeight(); y += step) {
            for (int x = 0; x < raster.getWidth(); x += step) {
                raster.getPixel(x, y, parts);
                int sum = 0;
                for (int part : parts) {
                    sum += part;
                }
                counts[Math.min(400, Math.round(sum * 100f / 255))]++;
                all++;
            }
        }
        int seen = 0;
        for (int i = 400; i > 0; i--) {
            seen += counts[i];
            if (seen > all / 1000) {
                return i;
            }
        }
        return 0;
    }

    @Override
    protected void showGlyph(Matrix rendering, PDFont font, int code, Vector displacement) throws IOException {
        if (getGraphicsState().getTextState().getRenderingMode().isFill()
                || getGraphicsState().getTextState().getRenderingMode().isStroke()) {
            PDColor colour = getGraphicsState().getNonStrokingColor();
            words.glyph(
                    rendering,
                    new WordReader.Letter(font, code, displacement.getX()),
                    InkReader.of(colour),
                    new WordReader.Showing(seen(), fillAlpha()),
                    this::point);
        }
        super.showGlyph(rendering, font, code, displacement);
    }

    private double[] point(double px, double py) {
        return new double[] {x(px), y(py)};
    }

    private void links(PDPage page, PDDocument document) throws IOException {
        for (PDAnnotation each : page.getAnnotations()) {
            if (!(each instanceof PDAnnotationLink link) || link.getRectangle() == null) {
                continue;
            }
            PDDestination to = link.getDestination();
            if (to == null && link.getAction() instanceof PDActionGoTo go) {
                to = go.getDestination();
            }
            if (to instanceof PDPageDestination there) {
                int number = there.getPage() == null
                        ? there.getPageNumber()
                        : document.getPages().indexOf(there.getPage());
                marks.add(new Mark.Link(box(link.getRectangle()), new Target.Page(number + 1)));
            } else if (link.getAction() instanceof PDActionURI web && web.getURI() != null) {
                try {
                    marks.add(new Mark.Link(box(link.getRectangle()), new Target.Web(new URI(web.getURI()))));
                } catch (URISyntaxException | RuntimeException e) {
                    LOG.log(Level.FINE, "A link's address cannot be read.", e);
                }
            }
        }
    }
}
