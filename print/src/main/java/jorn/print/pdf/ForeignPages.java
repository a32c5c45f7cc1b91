package jorn.print.pdf;

import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jorn.art.ForeignPage;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Turn;
import jorn.deliver.ColourPolicy.Pictures;
import jorn.print.pdf.ArtWriter.Form;
import jorn.print.read.ContentScan;
import jorn.print.read.ContentScan.Use;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/**
 * Pages of PDF files made elsewhere, each taken in once as a form; the files stay open until the new one is written. A page with what the new file
 * must not hold is brought into its inks, and becomes a picture where that is not enough.
 */
final class ForeignPages implements Closeable {
    /** What can be changed into the inks of the file. */
    private static final Set<Use> CHANGED =
            Collections.unmodifiableSet(EnumSet.of(Use.RGB, Use.MEASURED_COLOUR, Use.FOUR_INKS));

    private final LayerUtility layers;
    private final Recolouring recolouring;
    private final Set<Use> refused;
    private final Map<String, PDDocument> files = new HashMap<>();
    private final Map<ForeignPage, Form> forms = new HashMap<>();
    private final Map<ForeignPage, Boolean> fit = new HashMap<>();
    private final Map<Mark.Foreign, Mark> pictures = new HashMap<>();

    ForeignPages(PDDocument document, PdfTerms terms) {
        this.layers = new LayerUtility(document);
        this.recolouring = new Recolouring(document, terms);
        this.refused = refused(terms);
    }

    Form form(ForeignPage page) throws IOException {
        Form known = forms.get(page);
        if (known == null) {
            COSName name = COSName.getPDFName("X" + (forms.size() + 1));
            known = new Form(name, layers.importPageAsForm(file(page), page.number() - 1));
            known.object().getCOSObject().removeItem(COSName.METADATA);
            known.object().getCOSObject().removeItem(COSName.getPDFName("PieceInfo"));
            forms.put(page, known);
        }
        return known;
    }

    private PDDocument file(ForeignPage page) throws IOException {
        PDDocument file = files.get(page.id());
        if (file == null) {
            file = Loader.loadPDF(page.bytes());
            files.put(page.id(), file);
        }
        return file;
    }

    /** The same marks, with a picture of each page that the file may not hold as it is. */
    List<Mark> taken(List<Mark> marks) {
        boolean any = !refused.isEmpty() && Marks.single(marks).anyMatch(Mark.Foreign.class::isInstance);
        return any ? taken(marks, refused) : marks;
    }

    private List<Mark> taken(List<Mark> marks, Set<Use> refused) {
        List<Mark> all = new ArrayList<>();
        for (Mark mark : marks) {
            if (mark instanceof Mark.Foreign f && !isFit(f.page(), refused)) {
                all.add(pictures.computeIfAbsent(f, p -> OnePicture.of(List.of(p), p.to(), p.to())));
            } else if (mark instanceof Mark.Stamped s) {
                all.add(new Mark.Turned(Turn.move(s.dx(), s.dy()), taken(s.inside(), refused)));
            } else if (mark instanceof Mark.Turned t) {
                all.add(new Mark.Turned(t.turn(), taken(t.inside(), refused)));
            } else if (mark instanceof Mark.Clip c) {
                all.add(new Mark.Clip(c.shape(), taken(c.inside(), refused)));
            } else if (mark instanceof Mark.Group g) {
                all.add(new Mark.Group(g.opacity(), taken(g.inside(), refused)));
            } else {
                all.add(mark);
            }
        }
        return all;
    }

    private static Set<Use> refused(PdfTerms terms) {
        // Every press wants the fonts in the file, and they cannot be put there afterwards.
        EnumSet<Use> refused = EnumSet.of(Use.FONT_APART);
        if (terms.standard().isFlat()) {
            refused.addAll(Use.REFUSED_BY_X1A);
        }
        if (terms.colours().pictures() == Pictures.FOUR_INKS) {
            refused.addAll(EnumSet.of(Use.RGB, Use.MEASURED_COLOUR));
        } else if (terms.colours().pictures() == Pictures.GREY) {
            refused.addAll(EnumSet.of(Use.RGB, Use.MEASURED_COLOUR, Use.FOUR_INKS, Use.SPOT));
        }
        return refused;
    }

    private boolean isFit(ForeignPage page, Set<Use> refused) {
        return fit.computeIfAbsent(page, p -> {
            try {
                Set<Use> found = ContentScan.of(file(p).getPage(p.number() - 1)).uses();
                if (Collections.disjoint(found, refused)) {
                    return true;
                }
                EnumSet<Use> left = EnumSet.copyOf(refused);
                left.removeAll(CHANGED);
                if (!Collections.disjoint(found, left)) {
                    return false;
                }
                PDFormXObject form = form(p).object();
                recolouring.change(form);
                return Collections.disjoint(ContentScan.of(form).uses(), refused);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    @Override
    public void close() throws IOException {
        for (PDDocument file : files.values()) {
            file.close();
        }
    }
}
