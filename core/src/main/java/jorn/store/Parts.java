package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import jorn.art.Picture;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.scratch.Blob;
import jorn.scratch.Checksum;

/**
 * States of one book in a folder, in parts: what two states have in common is there once. A part is a piece of the book's tree of
 * a kilobyte or more, packed, under a name made of its content; a picture is one as it is.
 */
final class Parts {
    private static final int LEAST = 1024;
    private static final int NAME_LETTERS = 32;
    private static final String REFERENCE = "\u00a7part";
    private static final String PICTURE = "picture-";
    private static final long LARGEST = 64L << 20;

    private final Path folder;
    /** Those read last, by name: states of one book share most of theirs. */
    private final Map<String, JsonNode> known = new HashMap<>();

    Parts(Path folder) {
        this.folder = folder;
    }

    /**
     * Keeps a tree.
     *
     * @return the name of its root
     * @throws Trouble where there is no room
     */
    String keep(JsonNode tree) {
        return keepBytes(Json.write(folded(tree)));
    }

    void keep(Picture picture) {
        Path file = folder.resolve(PICTURE + picture.id());
        if (!picture.isMissing() && size(file) != picture.file().length()) {
            SafeFile.writeOwn(file, out -> {
                try (InputStream in = picture.file().open()) {
                    in.transferTo(out);
                }
            });
        }
    }

    private static long size(Path file) {
        try {
            return Files.exists(file) ? Files.size(file) : -1;
        } catch (IOException e) {
            throw SafeFile.refusal(file, e);
        }
    }

    private JsonNode folded(JsonNode node) {
        if (node instanceof ObjectNode object) {
            ObjectNode now = object.objectNode();
            object.properties().forEach(f -> now.set(f.getKey(), reference(f.getValue())));
            return now;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode now = array.arrayNode();
            array.forEach(each -> now.add(reference(each)));
            return now;
        }
        return node;
    }

    private JsonNode reference(JsonNode node) {
        JsonNode now = folded(node);
        if (!now.isContainerNode()) {
            return now;
        }
        byte[] bytes = Json.write(now);
        return bytes.length < LEAST ? now : Json.mapper().createObjectNode().put(REFERENCE, keepBytes(bytes));
    }

    private String keepBytes(byte[] bytes) {
        String name = name(bytes);
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
                out.write(bytes);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
            SafeFile.writeOwn(file, out -> packed.writeTo(out));
        }
        return name;
    }

    private static String name(byte[] bytes) {
        return Checksum.of(Blob.inMemory(bytes), NAME_LETTERS);
    }

    /**
     * The tree that was kept under a name.
     *
     * @throws Trouble where a part is missing or damaged
     */
    JsonNode tree(String root) {
        return whole(read(root), 0);
    }

    private JsonNode whole(JsonNode node, int depth) {
        if (depth > 200) {
            throw damaged(null);
        }
        if (node instanceof ObjectNode object) {
            JsonNode reference = object.get(REFERENCE);
            if (reference != null && object.size() == 1) {
                return whole(read(reference.asText()), depth + 1);
            }
            ObjectNode now = object.objectNode();
            object.properties().forEach(f -> now.set(f.getKey(), whole(f.getValue(), depth + 1)));
            return now;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode now = array.arrayNode();
            array.forEach(each -> now.add(whole(each, depth + 1)));
            return now;
        }
        return node;
    }

    private JsonNode read(String name) {
        JsonNode found = known.get(name);
        if (found == null) {
            if (!name.matches("[0-9a-f]{" + NAME_LETTERS + "}")) {
                throw damaged(null);
            }
            byte[] bytes;
            try (InputStream in =
                    new InflaterInputStream(new ByteArrayInputStream(Files.readAllBytes(folder.resolve(name))))) {
                bytes = in.readNBytes((int) LARGEST);
            } catch (IOException e) {
                throw damaged(e);
            }
            if (!name(bytes).equals(name)) {
                throw damaged(null);
            }
            found = Json.read(bytes, JsonNode.class, jorn.say.Wording.of("store.parts.kept-state"));
            known.put(name, found);
        }
        return found;
    }

    private static Trouble damaged(@org.jspecify.annotations.Nullable IOException e) {
        return Trouble.because(e, "store.parts.damaged");
    }

    boolean has(String root) {
        return Files.exists(folder.resolve(root));
    }

    /** The file of a picture; nothing to read where it is not there. */
    InputStream picture(String id) throws IOException {
        Path file = folder.resolve(PICTURE + id);
        return Files.isRegularFile(file) ? Files.newInputStream(file) : InputStream.nullInputStream();
    }

    /** Removes what no state needs any more. */
    void removeAllBut(Set<String> roots) {
        Set<String> needed = new java.util.HashSet<>();
        roots.forEach(root -> need(root, needed));
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.toList()) {
                if (!needed.contains(String.valueOf(file.getFileName()))) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            throw SafeFile.refusal(folder, e);
        }
        known.keySet().retainAll(needed);
    }

    private void need(String name, Set<String> needed) {
        if (needed.add(name) && Files.isRegularFile(folder.resolve(name))) {
            need(read(name), needed);
        }
    }

    private void need(JsonNode node, Set<String> needed) {
        JsonNode reference = node.get(REFERENCE);
        if (reference != null) {
            need(reference.asText(), needed);
        }
        if (node.has("id") && node.has("width")) {
            needed.add(PICTURE + node.get("id").asText());
        }
        node.forEach(each -> need(each, needed));
    }
}
