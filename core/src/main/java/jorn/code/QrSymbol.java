package jorn.code;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.measure.Length;
import jorn.measure.Trouble;
import uk.org.okapibarcode.backend.OkapiException;
import uk.org.okapibarcode.backend.QrCode;
import uk.org.okapibarcode.graphics.Rectangle;

/** A QR code (ISO/IEC 18004), drawn in black on white with its light margin of four modules. */
public final class QrSymbol {
    /** Light on every side, in modules (ISO/IEC 18004, 9.1). */
    public static final int QUIET = 4;

    /** A smaller module is not read surely in print (common practice). */
    public static final Length SMALLEST_MODULE = Length.mm(0.4);

    /** Longer texts make symbols that nobody scans. */
    private static final int LONGEST = 600;

    private final List<Rectangle> dark;
    private final int side;

    private QrSymbol(QrCode code) {
        this.dark = List.copyOf(code.getRectangles());
        this.side = code.getWidth();
    }

    /**
     * @param text what a reader gets: an address or words; up to 600 letters
     * @throws Trouble where it is empty or too long
     */
    public static QrSymbol of(String text) {
        String said = text.strip();
        if (said.isEmpty() || said.length() > LONGEST) {
            throw Trouble.of("code.qr-symbol.bad-length", said.length(), LONGEST);
        }
        QrCode code = new QrCode();
        code.setPreferredEccLevel(QrCode.EccLevel.M);
        try {
            code.setContent(said);
        } catch (OkapiException e) {
            throw Trouble.because(e, "code.qr-symbol.cannot-hold", said);
        }
        return new QrSymbol(code);
    }

    /** Modules on a side, with the light margins. */
    public int modules() {
        return side + 2 * QUIET;
    }

    /** The smallest side at which it is read surely. */
    public Length smallestSide() {
        return SMALLEST_MODULE.times(modules());
    }

    /** Drawn as large as a box allows, in its middle. */
    public List<Mark> marks(Box in) {
        double whole = Math.min(in.width(), in.height());
        double module = whole / modules();
        Box ground = new Box(in.centreX() - whole / 2, in.centreY() - whole / 2, whole, whole);
        Path.Builder path = Path.builder();
        for (Rectangle r : dark) {
            double x = ground.x() + (QUIET + r.x) * module;
            double y = ground.y() + (QUIET + r.y) * module;
            double w = r.width * module;
            double h = r.height * module;
            path.move(x, y).line(x + w, y).line(x + w, y + h).line(x, y + h).close();
        }
        return List.of(new Mark.Fill(Path.box(ground), Ink.WHITE), new Mark.Fill(path.build(), Ink.BLACK));
    }
}
