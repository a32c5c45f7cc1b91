package jorn.desk.fuzz;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ContainerNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Spoils files: bytes, lines, and trees of data whose values are as far out as values can be. */
final class Mutator {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private static final double[] NUMBERS = {
        0,
        -1,
        1,
        2,
        0.5,
        -0.0,
        1e308,
        -1e308,
        1e-308,
        Integer.MAX_VALUE,
        Integer.MIN_VALUE,
        Long.MAX_VALUE,
        1000,
        5000,
        1e6
    };

    private static final String[] WORDS = {
        "",
        " ",
        "NaN",
        "0 in",
        "-1 in",
        "1e308 in",
        "1e-300 mm",
        "Infinity mm",
        "0x0in",
        "1x1in",
        "99999x1in",
        "2026-13-45",
        "-999999999-01-01",
        "+999999999-12-31",
        "2026-02-30",
        "\u0000",
        "\uFFFF\uD800",
        "\u202E\u0301\u200D",
        "{title}{page}{run}",
        "../../etc/passwd",
        "stack",
        "week",
        "black",
        "en-XX-x-y",
        "😀",
        "a\nb\tc"
    };

    private final Random random;

    Mutator(Random random) {
        this.random = random;
    }

    /** Changes a few nodes of a tree, in place. */
    JsonNode tree(JsonNode tree) {
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            List<ContainerNode<?>> places = new ArrayList<>();
            collect(tree, places);
            if (!places.isEmpty()) {
                change(places.get(random.nextInt(places.size())), places);
            }
        }
        return tree;
    }

    private static void collect(JsonNode node, List<ContainerNode<?>> places) {
        if (node instanceof ContainerNode<?> container) {
            if (!container.isEmpty()) {
                places.add(container);
            }
            container.forEach(each -> collect(each, places));
        }
    }

    private void change(ContainerNode<?> place, List<ContainerNode<?>> places) {
        JsonNode value = random.nextInt(8) == 0
                ? places.get(random.nextInt(places.size())).deepCopy()
                : value();
        if (place instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            if (random.nextInt(6) == 0) {
                object.remove(name);
            } else {
                object.set(name, near(object.get(name), value));
            }
        } else if (place instanceof ArrayNode array) {
            int at = random.nextInt(array.size());
            switch (random.nextInt(4)) {
                case 0 -> array.remove(at);
                case 1 -> {
                    JsonNode copy = array.get(at).deepCopy();
                    for (int n = random.nextInt(200); n > 0; n--) {
                        array.add(copy);
                    }
                }
                default -> array.set(at, near(array.get(at), value));
            }
        }
    }

    /** Mostly another value of the same kind: it gets further before anybody notices. */
    private JsonNode near(JsonNode old, JsonNode value) {
        if (random.nextInt(3) == 0) {
            return value;
        }
        if (old.isNumber()) {
            double n = NUMBERS[random.nextInt(NUMBERS.length)];
            return old.isInt() && Math.abs(n) < 1e9 ? NODES.numberNode((int) n) : NODES.numberNode(n);
        }
        if (old.isTextual()) {
            String said = old.asText();
            return NODES.textNode(
                    said.matches("[-0-9.]+ (in|mm|pt|cm)")
                            ? NUMBERS[random.nextInt(NUMBERS.length)] + said.substring(said.indexOf(' '))
                            : WORDS[random.nextInt(WORDS.length)]);
        }
        return old.isBoolean() ? NODES.booleanNode(!old.asBoolean()) : value;
    }

    private JsonNode value() {
        return switch (random.nextInt(7)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.numberNode(NUMBERS[random.nextInt(NUMBERS.length)]);
            case 2 -> NODES.booleanNode(random.nextBoolean());
            case 3 -> NODES.arrayNode();
            case 4 -> NODES.objectNode();
            case 5 -> NODES.textNode("w".repeat(random.nextInt(3000)));
            default -> NODES.textNode(WORDS[random.nextInt(WORDS.length)]);
        };
    }

    /** Flips, cuts, doubles or moves some bytes. */
    byte[] bytes(byte[] whole) {
        byte[] now = whole.clone();
        for (int i = 1 + random.nextInt(4); i > 0 && now.length > 0; i--) {
            int at = random.nextInt(now.length);
            switch (random.nextInt(6)) {
                case 0 -> now = java.util.Arrays.copyOf(now, at);
                case 1 -> now[at] = (byte) random.nextInt();
                case 2 -> now[at] ^= (byte) (1 << random.nextInt(8));
                case 3 -> now = spliced(now, at, random.nextInt(now.length), 1 + random.nextInt(64));
                case 4 -> java.util.Arrays.fill(
                        now, at, Math.min(now.length, at + 1 + random.nextInt(32)), (byte) 0xFF);
                default -> java.util.Arrays.fill(now, at, Math.min(now.length, at + 1 + random.nextInt(8)), (byte) 0);
            }
        }
        return now;
    }

    private static byte[] spliced(byte[] whole, int at, int from, int length) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(whole, 0, at);
        out.write(whole, from, Math.min(length, whole.length - from));
        out.write(whole, at, whole.length - at);
        return out.toByteArray();
    }

    /** A text with lines changed, in one encoding or another. */
    byte[] text(String whole) {
        List<String> lines = new ArrayList<>(whole.lines().toList());
        for (int i = random.nextInt(5); i > 0 && !lines.isEmpty(); i--) {
            int at = random.nextInt(lines.size());
            String line = lines.get(at);
            switch (random.nextInt(5)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.add(at, line);
                case 2 -> lines.set(at, line.replaceAll("\\d+", String.valueOf(random.nextInt())));
                case 3 -> lines.set(at, line + WORDS[random.nextInt(WORDS.length)]);
                default -> lines.set(at, WORDS[random.nextInt(WORDS.length)]);
            }
        }
        Charset[] all = {
            StandardCharsets.UTF_8, StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("UTF-32")
        };
        byte[] bytes = String.join("\r\n", lines).getBytes(all[random.nextInt(all.length)]);
        return random.nextInt(4) == 0 ? bytes(bytes) : bytes;
    }
}
