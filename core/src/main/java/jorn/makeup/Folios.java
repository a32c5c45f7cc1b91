package jorn.makeup;

import java.util.ArrayList;
import java.util.List;
import jorn.book.Book;
import jorn.book.Numbering;
import jorn.book.Numbering.FolioStyle;
import jorn.book.Pagination;
import jorn.book.Slot;

/**
 * The page numbers as they are printed. Blanks are counted and stay bare; a run without numbers is counted too, and the
 * figures of the run before it are taken up after it (common practice).
 */
public final class Folios {
    private final List<String> labels = new ArrayList<>();

    public Folios(Book book, Pagination pagination) {
        FolioStyle current = FolioStyle.ARABIC;
        int number = 0;
        for (Slot slot : pagination.slots()) {
            FolioStyle style = FolioStyle.NONE;
            if (!slot.isBlank()) {
                Numbering n = book.runs().get(slot.run()).numbering();
                style = n.style() == FolioStyle.CONTINUED ? current : n.style();
                current = style == FolioStyle.NONE ? current : style;
                if (slot.index() == 0 && n.from().isPresent()) {
                    number = n.from().get() - 1;
                }
            }
            number++;
            labels.add(style.write(number));
        }
    }

    /** What is printed on a page; empty for nothing. */
    public String of(int page) {
        return labels.get(page - 1);
    }
}
