package jorn.print.bindery;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;
import org.jspecify.annotations.Nullable;

/** Trees of names and of numbers (ISO 32000-1, 7.9.6 and 7.9.7). */
final class Trees {
    private static final int TOGETHER = 64;
    private static final COSName NUMS = COSName.getPDFName("Nums");
    private static final COSName LIMITS = COSName.getPDFName("Limits");

    private Trees() {}

    /** Every pair of a tree: its key, and its value as it is referred to. */
    static void walk(@Nullable COSBase root, boolean names, BiConsumer<COSBase, COSBase> each) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<COSBase> open = new ArrayDeque<>();
        if (root != null) {
            open.push(root);
        }
        while (!open.isEmpty()) {
            if (!(open.pop() instanceof COSDictionary node) || !seen.add(node)) {
                continue;
            }
            if (node.getDictionaryObject(names ? COSName.NAMES : NUMS) instanceof COSArray pairs) {
                for (int i = 0; i + 1 < pairs.size(); i += 2) {
                    COSBase key = pairs.getObject(i);
                    COSBase value = pairs.get(i + 1);
                    if (key != null && value != null) {
                        each.accept(key, value);
                    }
                }
            }
            if (node.getDictionaryObject(COSName.KIDS) instanceof COSArray kids) {
                for (int i = kids.size() - 1; i >= 0; i--) {
                    COSBase kid = kids.getObject(i);
                    if (kid != null) {
                        open.push(kid);
                    }
                }
            }
        }
    }

    /** A tree of names, in the order of their bytes. */
    static COSDictionary names(ObjectWriter to, Map<String, COSBase> all) throws java.io.IOException {
        List<COSBase[]> pairs = new ArrayList<>();
        Map<String, COSBase[]> sorted = new TreeMap<>();
        all.forEach((name, value) -> {
            COSString key = new COSString(name);
            sorted.put(
                    new String(key.getBytes(), java.nio.charset.StandardCharsets.ISO_8859_1),
                    new COSBase[] {key, value});
        });
        pairs.addAll(sorted.values());
        return tree(to, COSName.NAMES, pairs);
    }

    /** A tree of numbers. */
    static COSDictionary numbers(ObjectWriter to, Map<Integer, ? extends COSBase> all) throws java.io.IOException {
        List<COSBase[]> pairs = new ArrayList<>();
        new TreeMap<>(all).forEach((number, value) -> pairs.add(new COSBase[] {COSInteger.get(number), value}));
        return tree(to, NUMS, pairs);
    }

    private static COSDictionary tree(ObjectWriter to, COSName kind, List<COSBase[]> pairs) throws java.io.IOException {
        COSDictionary root = new COSDictionary();
        if (pairs.size() <= TOGETHER) {
            root.setItem(kind, flat(pairs));
            return root;
        }
        COSArray kids = new COSArray();
        for (int i = 0; i < pairs.size(); i += TOGETHER) {
            List<COSBase[]> part = pairs.subList(i, Math.min(i + TOGETHER, pairs.size()));
            COSDictionary leaf = new COSDictionary();
            COSArray limits = new COSArray();
            limits.add(part.get(0)[0]);
            limits.add(part.get(part.size() - 1)[0]);
            leaf.setItem(LIMITS, limits);
            leaf.setItem(kind, flat(part));
            kids.add(to.add(leaf));
        }
        root.setItem(COSName.KIDS, kids);
        return root;
    }

    private static COSArray flat(List<COSBase[]> pairs) {
        COSArray all = new COSArray();
        for (COSBase[] pair : pairs) {
            all.add(pair[0]);
            all.add(pair[1]);
        }
        return all;
    }
}
