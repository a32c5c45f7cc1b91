package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.concurrent.atomic.AtomicBoolean;
import jorn.book.Book;
import jorn.json.Json;
import jorn.json.Kept;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** A book as a tree of data, as {@code book.json} has it and kept states of it have it. */
final class BookTree {
    /** The newest format that this version of Jorn reads. */
    static final int FORMAT = 3;

    /** The first format that has the fields of a book in groups. */
    private static final int FLAT_AFTER = 2;

    /**
     * The whole file.
     *
     * @param format the format that it is written in
     * @param readableFrom the least format whose readers understand it but for fields and parts that they pass over
     */
    private record Content(@Required int format, Integer readableFrom, @Required Book book) {
        static Content of(Book book) {
            return new Content(FORMAT, FORMAT, book);
        }
    }

    private BookTree() {}

    /** The tree of a book, with what its file held that this version does not know. */
    static JsonNode of(Book book) {
        JsonNode tree = Json.tree(Content.of(book));
        book.identity().kept().putBack(tree);
        return tree;
    }

    /**
     * The book of a tree, whose pictures have no files yet. What older formats have elsewhere is moved in the tree.
     *
     * @param name of the file, for sentences
     * @throws Trouble where it is no book, or one that only a newer Jorn reads
     */
    static Book book(JsonNode tree, String name) {
        String what = Wording.of("store.book-file.book-file", name);
        int format = tree.path("format").asInt();
        if (format > FORMAT && !isReadable(tree)) {
            throw Trouble.of("store.book-file.was-written-by-newer", name, format, FORMAT);
        }
        if (format < FLAT_AFTER && tree.path("book") instanceof ObjectNode old) {
            FormatOne.moveBook(old);
        }
        AtomicBoolean passedOver = new AtomicBoolean();
        Book book = Json.read(tree, Content.class, what, field -> passedOver.set(true))
                .book();
        if (passedOver.get()) {
            forgetColoured(tree);
            Kept kept = Kept.of(tree, Json.tree(Content.of(book)));
            book = book.withIdentity(book.identity().withKept(kept));
        }
        return book;
    }

    /** What older files say of inks, and this version says no more. */
    private static void forgetColoured(JsonNode node) {
        if (node instanceof ObjectNode object && object.has("ink")) {
            object.remove("coloured");
        }
        node.forEach(BookTree::forgetColoured);
    }

    private static boolean isReadable(JsonNode tree) {
        JsonNode from = tree.path("readableFrom");
        return from.isInt() && from.asInt() <= FORMAT;
    }
}
