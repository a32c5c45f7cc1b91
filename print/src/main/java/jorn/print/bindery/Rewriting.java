package jorn.print.bindery;

import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.jspecify.annotations.Nullable;

/** What changes in the objects of a source as they are carried over. */
interface Rewriting {
    Rewriting NONE = (in, key, value) -> value;

    /**
     * What stands in the place of a value.
     *
     * @param in the dictionary
     * @param value as it is there, not a reference
     * @return the same where nothing changes; nothing where it is left out
     */
    @Nullable
    COSBase value(COSDictionary in, COSName key, COSBase value);
}
