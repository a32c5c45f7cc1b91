package jorn.print.bindery;

import java.io.IOException;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.ICOSVisitor;

/** Points to an object of the file that is being written, by its number. */
final class Ref extends COSBase {
    private final int number;

    Ref(int number) {
        this.number = number;
    }

    int number() {
        return number;
    }

    @Override
    public void accept(ICOSVisitor visitor) throws IOException {
        throw new UnsupportedOperationException("written by ObjectWriter alone");
    }
}
