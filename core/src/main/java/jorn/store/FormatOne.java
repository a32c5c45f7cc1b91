package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/**
 * Moves what a file of format 1 holds to where format 2 has it. Format 1 had one flat list of fields for a book and for a run,
 * columns and rows as two kinds, and told from a run's count, stretch and words what fills it.
 */
final class FormatOne {
    private FormatOne() {}

    /** A book, in place. */
    static void moveBook(ObjectNode book) {
        moveDesign(book);
        move(book, "identity", "title", "subtitle", "author", "kind", "starter");
        move(book, "look", "type", "palette");
        ObjectNode interior = move(book, "interior", "runs", "cycles", "margins", "blanksAt", "furniture");
        if (book.path("brief") instanceof ObjectNode brief) {
            move(brief, "wishes", "bleed", "selfCover", "insideCover");
            markBlackInk(brief.path("press").path("inks"));
        }
        for (JsonNode run : interior.path("runs")) {
            if (run instanceof ObjectNode each) {
                moveRun(each);
            }
        }
    }

    /** Profiles did not say which ink set is black alone; those that shipped called it so. */
    private static void markBlackInk(JsonNode inks) {
        for (JsonNode ink : inks) {
            if (ink instanceof ObjectNode each && "black".equals(each.path("id").asText())) {
                each.put("blackOnly", true);
            }
        }
    }

    private static void moveRun(ObjectNode run) {
        ObjectNode source = run.objectNode();
        JsonNode count = run.remove("count");
        JsonNode per = run.remove("per");
        JsonNode items = run.remove("items");
        boolean worded = items instanceof ArrayNode && !items.isEmpty();
        if (isGiven(per)) {
            source.put("is", "dates").set("per", per);
            if (isGiven(count)) {
                source.set("count", count);
            }
        } else if (isGiven(count)) {
            source.put("is", "pages").set("count", count);
        } else if (worded) {
            source.put("is", "items").set("words", items);
            worded = false;
        } else {
            source.put("is", "filling");
        }
        run.set("source", source);
        if (worded) {
            run.set("inTurn", items);
        }
        ObjectNode designs = move(run, "designs", "recipe", "facing", "exceptions");
        JsonNode main = designs.remove("recipe");
        if (main != null) {
            designs.set("main", main);
        }
        move(run, "placement", "start", "bareBack");
        move(run, "listing", "numbering", "inContents");
    }

    private static boolean isGiven(JsonNode node) {
        return node != null && !node.isNull();
    }

    private static ObjectNode move(ObjectNode from, String group, String... fields) {
        ObjectNode to = from.objectNode();
        for (String field : fields) {
            JsonNode value = from.remove(field);
            if (value != null) {
                to.set(field, value);
            }
        }
        from.set(group, to);
        return to;
    }

    /** Columns and rows, wherever they are inside of this. */
    static void moveDesign(JsonNode node) {
        if (node instanceof ObjectNode object) {
            String kind = object.path("is").asText();
            if (List.of("column", "row").contains(kind)) {
                object.put("is", "stack").put("axis", kind.equals("column") ? "down" : "across");
                object.path("parts").forEach(FormatOne::movePart);
            }
        }
        node.forEach(FormatOne::moveDesign);
    }

    private static void movePart(JsonNode node) {
        if (node instanceof ObjectNode part) {
            JsonNode height = part.remove("height");
            JsonNode width = part.remove("width");
            JsonNode fixed = isGiven(height) ? height : width;
            if (isGiven(fixed)) {
                part.set("fixed", fixed);
            }
        }
    }
}
