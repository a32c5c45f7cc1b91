package jorn.print.pdf;

import java.util.HashMap;
import java.util.Map;
import jorn.art.Ink;
import jorn.art.InkVisitor;
import jorn.art.Mark;
import jorn.deliver.ColourPolicy;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;

/** Writes the operators that choose an ink, in the colours that the policy asks for; inks of their own as Separation (ISO 32000-1, 8.6.6.4). */
final class InkWriter {
    private final ColourPolicy policy;
    private final Map<Ink, Ink> written = new HashMap<>();
    private final Map<Lettered, Ink> words = new HashMap<>();
    private final Map<String, COSName> names = new HashMap<>();
    private final Map<String, COSArray> spaces = new HashMap<>();

    InkWriter(ColourPolicy policy) {
        this.policy = policy;
    }

    ColourPolicy policy() {
        return policy;
    }

    void choose(Ink ink, boolean stroke, PDResources resources, Operators out) {
        Ink now = policy == ColourPolicy.AS_MIXED ? ink : written.computeIfAbsent(ink, policy::ink);
        now.accept(new Choice(stroke, resources, out));
    }

    /** Chooses the ink of words of a size. */
    void chooseForWords(Ink ink, double size, PDResources resources, Operators out) {
        Ink now = policy == ColourPolicy.AS_MIXED
                ? ink
                : words.computeIfAbsent(new Lettered(ink, size), w -> policy.wordsInk(w.ink(), w.size()));
        now.accept(new Choice(false, resources, out));
    }

    private record Lettered(Ink ink, double size) {}

    private Ink written(Ink ink) {
        Ink now = policy == ColourPolicy.AS_MIXED ? ink : written.computeIfAbsent(ink, policy::ink);
        return now instanceof Ink.Spot spot ? spot.full().faded(spot.tint()) : now;
    }

    /** A passage from one ink to another in a straight line (ISO 32000-1, 8.7.4.5.3). */
    PDShadingType2 passage(Mark.Shade shade) {
        double[] from = parts(written(shade.from()));
        double[] to = parts(written(shade.to()));
        if (from.length != to.length) {
            boolean four = from.length == 4 || to.length == 4;
            from = four ? four(written(shade.from())) : three(written(shade.from()));
            to = four ? four(written(shade.to())) : three(written(shade.to()));
        }
        COSName space =
                from.length == 1 ? COSName.DEVICEGRAY : from.length == 3 ? COSName.DEVICERGB : COSName.DEVICECMYK;
        COSDictionary function = new COSDictionary();
        function.setInt(COSName.FUNCTION_TYPE, 2);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(from));
        function.setItem(COSName.C1, numbers(to));
        function.setItem(COSName.N, COSInteger.ONE);
        COSDictionary all = new COSDictionary();
        all.setInt(COSName.SHADING_TYPE, 2);
        all.setItem(COSName.COLORSPACE, space);
        Mark.Shade.Ends s = shade.line();
        all.setItem(COSName.COORDS, numbers(s.x1(), s.y1(), s.x2(), s.y2()));
        all.setItem(COSName.FUNCTION, function);
        COSArray extend = new COSArray();
        extend.add(COSBoolean.TRUE);
        extend.add(COSBoolean.TRUE);
        all.setItem(COSName.EXTEND, extend);
        return new PDShadingType2(all);
    }

    private static double[] three(Ink ink) {
        int[] rgb = ink.rgb();
        return new double[] {rgb[0] / 255.0, rgb[1] / 255.0, rgb[2] / 255.0};
    }

    private static double[] four(Ink ink) {
        return parts(ColourPolicy.FOUR_INKS.ink(ink));
    }

    private final class Choice implements InkVisitor<Void> {
        private final boolean stroke;
        private final PDResources resources;
        private final Operators out;

        private Choice(boolean stroke, PDResources resources, Operators out) {
            this.stroke = stroke;
            this.resources = resources;
            this.out = out;
        }

        @Override
        public Void black(Ink.Black black) {
            return op("G", "g", 1 - black.strength());
        }

        @Override
        public Void gray(Ink.Gray gray) {
            return op("G", "g", gray.level());
        }

        @Override
        public Void rgb(Ink.Rgb c) {
            return op("RG", "rg", c.red() / 255.0, c.green() / 255.0, c.blue() / 255.0);
        }

        @Override
        public Void cmyk(Ink.Cmyk c) {
            return op("K", "k", c.cyan(), c.magenta(), c.yellow(), c.black());
        }

        @Override
        public Void spot(Ink.Spot spot) {
            COSName name = names.computeIfAbsent(spot.called(), s -> COSName.getPDFName("C" + (names.size() + 1)));
            COSDictionary all = dictionary(resources);
            all.setItem(name, spaces.computeIfAbsent(spot.called(), s -> separation(spot)));
            out.raw("/" + name.getName() + (stroke ? " CS\n" : " cs\n"));
            return op("SCN", "scn", spot.tint());
        }

        private Void op(String stroking, String other, double... numbers) {
            out.op(stroke ? stroking : other, numbers);
            return null;
        }
    }

    private static COSDictionary dictionary(PDResources resources) {
        COSDictionary all = resources.getCOSObject().getCOSDictionary(COSName.COLORSPACE);
        if (all == null) {
            all = new COSDictionary();
            resources.getCOSObject().setItem(COSName.COLORSPACE, all);
        }
        return all;
    }

    /** The space of one ink, with the straight line from bare paper to its full colour for those who lack it. */
    private static COSArray separation(Ink.Spot spot) {
        double[] full = parts(spot.full());
        COSName space =
                full.length == 1 ? COSName.DEVICEGRAY : full.length == 3 ? COSName.DEVICERGB : COSName.DEVICECMYK;
        COSDictionary function = new COSDictionary();
        function.setInt(COSName.FUNCTION_TYPE, 2);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        double[] bare = new double[full.length];
        java.util.Arrays.fill(bare, full.length == 4 ? 0 : 1);
        function.setItem(COSName.C0, numbers(bare));
        function.setItem(COSName.C1, numbers(full));
        function.setItem(COSName.N, COSInteger.ONE);
        COSArray separation = new COSArray();
        for (COSBase each : new COSBase[] {COSName.SEPARATION, COSName.getPDFName(spot.called()), space, function}) {
            separation.add(each);
        }
        return separation;
    }

    private static double[] parts(Ink ink) {
        if (ink instanceof Ink.Cmyk c) {
            return new double[] {c.cyan(), c.magenta(), c.yellow(), c.black()};
        }
        int[] rgb = ink.rgb();
        return ink instanceof Ink.Rgb
                ? new double[] {rgb[0] / 255.0, rgb[1] / 255.0, rgb[2] / 255.0}
                : new double[] {rgb[0] / 255.0};
    }

    private static COSArray numbers(double... all) {
        COSArray array = new COSArray();
        for (double each : all) {
            array.add(new COSFloat((float) each));
        }
        return array;
    }
}
