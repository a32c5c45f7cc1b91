package jorn.deliver;

import com.fasterxml.jackson.annotation.JsonValue;

/** One file of a hand-over: its sheets in their order, made when they are asked for. */
public interface SheetPlan {
    /** What a file is to the one who gets it. */
    enum FileRole {
        INTERIOR("interior"),
        COVER("cover"),
        /** Both in one. */
        BOOK("book");

        private final String id;

        FileRole(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }

        /** How the name of such a file ends, behind the title: {@code -interior.pdf}. */
        public String ending() {
            return "-" + id + ".pdf";
        }
    }

    FileRole role();

    int sheets();

    /**
     * On which sheet a page of the book stands.
     *
     * @param page from 1
     * @return from 0
     */
    default int sheetOf(int page) {
        return page - 1;
    }

    /** @param index from 0 */
    Sheet sheet(int index);
}
