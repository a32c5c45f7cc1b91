package jorn.print.bindery;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import jorn.say.Message;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The pages of a file in order (ISO 32000-1, 7.7.3), whatever state their tree is in. */
final class PageTree {
    private static final int MOST_PAGES = 200_000;
    private static final int MOST_ABOVE = 100;
    private static final List<COSName> INHERITED =
            List.of(COSName.RESOURCES, COSName.MEDIA_BOX, COSName.CROP_BOX, COSName.ROTATE);

    private final List<SourcePage> pages = new ArrayList<>();
    private final List<Message> missing = new ArrayList<>();
    private final String name;
    private final boolean mended;

    private PageTree(String name, boolean mended) {
        this.name = name;
        this.mended = mended;
    }

    /**
     * @param name what the file is called
     * @param mended whether the tree is a new one, and pages still know the nodes that were above them
     */
    static PageTree of(PDDocument document, String name, boolean mended) {
        PageTree tree = new PageTree(name, mended);
        COSDictionary root = document.getDocumentCatalog().getCOSObject();
        int told = 0;
        if (root.getDictionaryObject(COSName.PAGES) instanceof COSDictionary top) {
            told = top.getInt(COSName.COUNT, 0);
            tree.walk(top);
        }
        if (tree.pages.isEmpty()) {
            tree.find(document);
        } else if (tree.pages.size() < told) {
            tree.missing.add(Message.of("print.bindery.pages-missing", name, told - tree.pages.size(), told));
        }
        return tree;
    }

    List<SourcePage> pages() {
        return pages;
    }

    /** What could not be read, in words. */
    List<Message> missing() {
        return missing;
    }

    /** The tree is lost: pages are found one by one. */
    private void find(PDDocument document) {
        for (COSObject each : document.getDocument().getObjectsByType(COSName.PAGE)) {
            if (each.getObject() instanceof COSDictionary page) {
                pages.add(new SourcePage(page, above(page)));
            }
        }
        if (!pages.isEmpty()) {
            missing.add(Message.of("print.bindery.tree-mended", name, pages.size()));
        }
    }

    private record Node(COSDictionary dictionary, COSDictionary inherited) {}

    private void walk(COSDictionary tree) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Node> open = new ArrayDeque<>();
        open.push(new Node(tree, new COSDictionary()));
        while (!open.isEmpty() && pages.size() < MOST_PAGES) {
            Node node = open.pop();
            boolean parent = node.dictionary().getDictionaryObject(COSName.KIDS) instanceof COSArray;
            if (!parent) {
                if (node.dictionary() != tree) {
                    COSDictionary from = mended ? above(node.dictionary()) : node.inherited();
                    pages.add(new SourcePage(node.dictionary(), from));
                }
                continue;
            }
            if (!seen.add(node.dictionary())) {
                missing.add(Message.of("print.bindery.loop", name));
                continue;
            }
            COSDictionary inherited = new COSDictionary(node.inherited());
            take(node.dictionary(), inherited);
            COSArray kids = (COSArray) node.dictionary().getDictionaryObject(COSName.KIDS);
            for (int i = kids.size() - 1; i >= 0; i--) {
                if (kids.getObject(i) instanceof COSDictionary kid) {
                    open.push(new Node(kid, inherited));
                }
            }
        }
    }

    private static void take(COSDictionary from, COSDictionary inherited) {
        for (COSName key : INHERITED) {
            COSBase own = from.getItem(key);
            if (own != null) {
                inherited.setItem(key, own);
            }
        }
    }

    /** What a page has from the nodes above it that are still there. */
    private static COSDictionary above(COSDictionary page) {
        Deque<COSDictionary> nodes = new ArrayDeque<>();
        COSBase next = page.getDictionaryObject(COSName.PARENT);
        while (next instanceof COSDictionary node && nodes.size() < MOST_ABOVE) {
            nodes.push(node);
            next = node.getDictionaryObject(COSName.PARENT);
        }
        COSDictionary inherited = new COSDictionary();
        nodes.forEach(node -> take(node, inherited));
        return inherited;
    }
}
