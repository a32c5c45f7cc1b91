package jorn.print.pdf;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Calendar;
import jorn.colour.OutputProfile;
import jorn.colour.PrintCondition;
import jorn.deliver.ColourPolicy.Pictures;
import jorn.deliver.FileStandard;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDStream;

/** What a file says of the standard that it follows, and of the printing condition for which its inks were reckoned. */
final class PressStandard {
    private PressStandard() {}

    static void declare(PDDocument document, PdfTerms terms, Calendar now) throws IOException {
        FileStandard standard = terms.standard();
        PDDocumentInformation info = document.getDocumentInformation();
        if (standard == FileStandard.X1A) {
            // The head of the file says which PDF it is; the catalogue would only raise it.
            document.getDocumentCatalog().getCOSObject().removeItem(COSName.VERSION);
            // ISO 15930-1:2001, 6.1 and annex A.
            info.setCustomMetadataValue("GTS_PDFXVersion", "PDF/X-1:2001");
            info.setCustomMetadataValue("GTS_PDFXConformance", FileStandard.X1A.called());
        }
        if (standard != FileStandard.PLAIN) {
            if (info.getTitle() == null || info.getTitle().isBlank()) {
                info.setTitle(PdfSink.PROGRAM);
            }
            info.setTrapped("False");
            info.setModificationDate(now);
        }
        if (standard != FileStandard.PLAIN || terms.colours().pictures() == Pictures.FOUR_INKS) {
            COSArray all = new COSArray();
            all.add(intent(document, standard));
            document.getDocumentCatalog().getCOSObject().setItem(COSName.OUTPUT_INTENTS, all);
        }
    }

    /** Names the condition as it is registered (ISO 15930-1, 6.2); PDF/X-4 wants its profile too (ISO 15930-7, 6.2). */
    private static COSDictionary intent(PDDocument document, FileStandard standard) throws IOException {
        COSDictionary intent = new COSDictionary();
        intent.setItem(COSName.TYPE, COSName.OUTPUT_INTENT);
        intent.setItem(COSName.S, COSName.getPDFName("GTS_PDFX"));
        intent.setString(COSName.OUTPUT_CONDITION_IDENTIFIER, PrintCondition.REGISTERED);
        intent.setString(COSName.OUTPUT_CONDITION, PrintCondition.REGISTERED);
        intent.setString(COSName.INFO, PrintCondition.REGISTERED);
        intent.setString(COSName.REGISTRY_NAME, PrintCondition.REGISTRY);
        if (standard == FileStandard.X4) {
            PDStream profile =
                    new PDStream(document, new ByteArrayInputStream(OutputProfile.shipped()), COSName.FLATE_DECODE);
            COSStream stream = profile.getCOSObject();
            stream.setInt(COSName.N, 4);
            intent.setItem(COSName.DEST_OUTPUT_PROFILE, stream);
        }
        return intent;
    }
}
