package jorn.art;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.attributes.ViewBox;
import com.github.weisj.jsvg.parser.ElementLoader;
import com.github.weisj.jsvg.parser.ElementLoader.ExternalDocumentPolicy;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.SynchronousResourceLoader;
import com.github.weisj.jsvg.renderer.awt.NullPlatformSupport;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import jorn.scratch.Blob;

/**
 * A drawing as SVG (W3C, Scalable Vector Graphics 1.1). Nothing that it names elsewhere is fetched and no script of it is run; one that
 * leans on files elsewhere is none that can be drawn.
 */
public final class VectorPicture {
    /** So many pixels its longer side counts as: a drawing has no pixels of its own, and is sharp at any size. */
    private static final int LONG_SIDE = 6000;

    private static final int MOST_BYTES = 30_000_000;
    private static final String SVG = "<svg";

    private final SVGDocument document;

    private VectorPicture(SVGDocument document) {
        this.document = document;
    }

    /** Whether bytes begin as an SVG file does. */
    static boolean isOne(Blob blob) throws IOException {
        try (InputStream in = blob.open()) {
            String head = new String(in.readNBytes(4096), StandardCharsets.UTF_8).stripLeading();
            return (head.startsWith("<") || head.startsWith("\uFEFF<")) && head.contains(SVG);
        }
    }

    /** The drawing of a file; nothing where it is damaged, or leans on files elsewhere. */
    public static Optional<VectorPicture> of(Blob blob) throws IOException {
        if (blob.length() > MOST_BYTES) {
            return Optional.empty();
        }
        byte[] bytes = withoutDoctype(new String(blob.bytes(), StandardCharsets.UTF_8));
        if (leansElsewhere(bytes)) {
            return Optional.empty();
        }
        LoaderContext context = LoaderContext.builder()
                .elementLoader(ElementLoader.create(ExternalDocumentPolicy.DENY))
                .resourceLoader(uri -> {
                    if (!"data".equals(uri.getScheme())) {
                        throw new IOException("nothing is fetched: " + uri.getScheme());
                    }
                    return new SynchronousResourceLoader().loadImage(uri);
                })
                .build();
        try {
            SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(bytes), null, context);
            boolean sized = document != null
                    && document.size().width > 0
                    && document.size().height > 0
                    && Float.isFinite(document.size().width);
            return sized ? Optional.of(new VectorPicture(document)) : Optional.empty();
        } catch (RuntimeException e) {
            // The reader says in many ways that a drawing is damaged.
            throw new IOException(e);
        }
    }

    /** A document type names files elsewhere, and what it declares is not needed. */
    private static byte[] withoutDoctype(String text) {
        int from = text.indexOf("<!DOCTYPE");
        if (from < 0) {
            return text.getBytes(StandardCharsets.UTF_8);
        }
        int to = text.indexOf('>', from);
        int inner = text.indexOf('[', from);
        if (inner >= 0 && inner < to) {
            to = text.indexOf('>', text.indexOf(']', inner));
        }
        return to < 0
                ? new byte[0]
                : (text.substring(0, from) + text.substring(to + 1)).getBytes(StandardCharsets.UTF_8);
    }

    private static boolean leansElsewhere(byte[] bytes) throws IOException {
        XMLInputFactory factory = XMLInputFactory.newInstance();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamConstants.START_ELEMENT && leans(reader)) {
                    return true;
                }
            }
            return false;
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
    }

    private static boolean leans(XMLStreamReader reader) {
        if (reader.getLocalName().equals("a")) {
            return false;
        }
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            String value = reader.getAttributeValue(i).strip();
            if (reader.getAttributeLocalName(i).equals("href")
                    && !value.startsWith("#")
                    && !value.startsWith("data:")
                    && !value.isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private double scale() {
        return LONG_SIDE / (double) Math.max(document.size().width, document.size().height);
    }

    /** Width in the pixels that it counts as. */
    public int width() {
        return Math.max(1, (int) Math.round(document.size().width * scale()));
    }

    public int height() {
        return Math.max(1, (int) Math.round(document.size().height * scale()));
    }

    /** Draws it over a width and a height from the origin. */
    public void draw(Graphics2D g, double width, double height) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.renderWithPlatform(NullPlatformSupport.INSTANCE, g, new ViewBox(0, 0, (float) width, (float) height));
    }

    /** As pixels, every how many-th of those that it counts as. */
    BufferedImage pixels(int step) {
        int w = Math.max(1, width() / step);
        int h = Math.max(1, height() / step);
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        try {
            draw(g, w, h);
        } finally {
            g.dispose();
        }
        return image;
    }
}
