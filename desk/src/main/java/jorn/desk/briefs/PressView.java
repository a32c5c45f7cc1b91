package jorn.desk.briefs;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.time.ZoneId;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.say.TradeName;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** The press profile clause by clause. Shipped ones are read; a copy of one's own is edited, and refused where it makes no sense. */
public final class PressView extends BriefView {
    private final BookFiles files;

    public PressView(Desk desk, BookFiles files) {
        super(desk);
        this.files = files;
    }

    private PressProfile press() {
        return desk.book().brief().press();
    }

    private boolean isOwn() {
        return !PressShelf.isShipped(press().id());
    }

    @Override
    protected void fill(VBox page) {
        PressProfile press = press();
        page.getChildren().addAll(Labels.label(press.name(), "heading"), Labels.wrapped(TradeName.of(press.about())));
        page.getChildren()
                .add(Labels.wrapped(
                        Wording.of("desk.press.compare-with-your-own", TradeName.of(press.verify())), "soft"));
        Button copy = Labels.wordButton(
                Wording.of("desk.press.copy-edit"),
                Wording.of("desk.press.make-copy-your-own"),
                () -> attempt(this::copy));
        copy.setId("press-copy");
        Button take = Labels.wordButton(
                Wording.of("desk.press.import"),
                Wording.of("desk.press.take-profile-from-file"),
                () -> attempt(this::takeIn));
        take.setId("press-import");
        Button give = Labels.wordButton(
                Wording.of("desk.press.export"),
                Wording.of("desk.press.write-profile-file"),
                () -> attempt(this::give));
        give.setId("press-export");
        HBox deeds = new HBox(6, copy, take, give);
        if (isOwn()) {
            deeds.getChildren()
                    .add(Labels.wordButton(
                            Wording.of("desk.press.verified-today"),
                            Wording.of("desk.press.note-you-have-compared"),
                            () -> attempt(() -> edit(t -> t.put(
                                    "verified",
                                    java.time.LocalDate.now(ZoneId.systemDefault())
                                            .toString())))));
        }
        page.getChildren().add(deeds);
        page.getChildren()
                .add(Labels.wrapped(
                        press.verified()
                                        .map(v -> Wording.of("desk.press.last-compared-on", v))
                                        .orElse(Wording.of("desk.press.not-yet-compared-with"))
                                + (isOwn()
                                        ? Wording.of("desk.press.each-clause-can-edited")
                                        : Wording.of("desk.press.ships-with-jorn-copy")),
                        "soft"));
        ObjectNode tree = tree();
        clauses(page, tree, "", 0);
    }

    private ObjectNode tree() {
        return (ObjectNode) Json.read(Json.write(press()), JsonNode.class, Wording.of("desk.press.profile"));
    }

    /** One line for each clause, indented by depth. */
    private void clauses(VBox page, JsonNode node, String path, int depth) {
        Iterator<Map.Entry<String, JsonNode>> fields = node.properties().iterator();
        while (fields.hasNext()) {
            Map.Entry<String, JsonNode> f = fields.next();
            String at = path + "/" + f.getKey();
            if (path.isEmpty() && List.of("about", "verify", "name", "verified").contains(f.getKey()) && !isOwn()) {
                continue;
            }
            if (f.getValue().isArray() && isOfObjects(f.getValue())) {
                list(page, (ArrayNode) f.getValue(), f.getKey(), at, depth);
            } else if (f.getValue().isObject()) {
                page.getChildren().add(head(words(f.getKey()), depth));
                clauses(page, f.getValue(), at, depth + 1);
            } else {
                page.getChildren().add(clause(f.getKey(), f.getValue(), at, depth));
            }
        }
    }

    private static boolean isOfObjects(JsonNode array) {
        return !array.isEmpty() && array.get(0).isObject();
    }

    private void list(VBox page, ArrayNode array, String name, String path, int depth) {
        for (int i = 0; i < array.size(); i++) {
            int index = i;
            HBox line = new HBox(8, head(words(name) + " " + (i + 1), depth));
            if (isOwn()) {
                Button more = Labels.wordButton(
                        Wording.of("desk.press.one-more-like"),
                        Wording.of("desk.press.add-copy-clause"),
                        () -> attempt(() -> edit(t -> ((ArrayNode) t.at(path))
                                .insert(index + 1, t.at(path).get(index).deepCopy()))));
                Button out = Labels.wordButton(
                        Wording.of("desk.press.take-out"),
                        Wording.of("desk.press.take-clause-out"),
                        () -> attempt(() -> edit(t -> ((ArrayNode) t.at(path)).remove(index))));
                line.getChildren().addAll(more, out);
            }
            page.getChildren().add(line);
            clauses(page, array.get(i), path + "/" + i, depth + 1);
        }
    }

    private static Label head(String text, int depth) {
        Label head = Labels.label(text, "group-name");
        head.setStyle("-fx-padding: 0.5em 0 0 " + depth + "em;");
        return head;
    }

    private HBox clause(String name, JsonNode value, String path, int depth) {
        Label label = Labels.label(words(name), "soft");
        label.setMinWidth(Label.USE_PREF_SIZE);
        label.setStyle("-fx-padding: 0 0 0 " + depth + "em;");
        String text = value.isArray() ? listed(value) : value.asText();
        HBox line = new HBox(10, label);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        if (isOwn() && !name.equals("format") && !path.equals("/id")) {
            var field = field(
                    words(name),
                    "clause" + path.replace('/', '-'),
                    text,
                    Wording.of("desk.press.clause-your-own-profile"),
                    12,
                    typed -> edit(t -> set(t, path, typed, value)));
            HBox.setHgrow(field, Priority.ALWAYS);
            line.getChildren().add(field);
        } else {
            line.getChildren().add(Labels.wrapped(text, "strong"));
        }
        return line;
    }

    private static String listed(JsonNode array) {
        StringBuilder b = new StringBuilder();
        array.forEach(n -> b.append(b.isEmpty() ? "" : ", ").append(n.asText()));
        return b.toString();
    }

    /** Sets a clause, in the kind of JSON that it had. */
    private static void set(ObjectNode tree, String path, String typed, JsonNode was) {
        int slash = path.lastIndexOf('/');
        ObjectNode parent = (ObjectNode) (slash == 0 ? tree : tree.at(path.substring(0, slash)));
        String name = path.substring(slash + 1);
        String text = typed.strip();
        if (was.isArray()) {
            ArrayNode array = parent.putArray(name);
            for (String each : text.split(",")) {
                array.add(each.strip());
            }
        } else if (was.isBoolean()) {
            parent.put(name, text.equalsIgnoreCase("true") || text.equalsIgnoreCase("yes"));
        } else if (was.isNumber()) {
            double number =
                    jorn.measure.Numeral.read(text).orElseThrow(() -> Trouble.of("desk.press.not-number", text));
            if (number == Math.rint(number) && was.isInt()) {
                parent.put(name, (int) number);
            } else {
                parent.put(name, number);
            }
        } else {
            parent.put(name, text);
        }
    }

    private interface Edit {
        void make(ObjectNode tree);
    }

    /** Edits the own profile, refused with the field and the reason where it makes no profile any more. */
    private void edit(Edit edit) {
        ObjectNode tree = tree();
        edit.make(tree);
        PressProfile now = Json.read(Json.write(tree), PressProfile.class, Wording.of("desk.press.your-profile"));
        keep(now);
        desk.changeBrief("press", b -> b.at(now));
    }

    private void keep(PressProfile press) {
        SafeFile.write(
                desk.settings().pressFolder().resolve(press.id() + ".json"), out -> out.write(Json.write(press)));
    }

    private void copy() {
        String base = press().id().replaceAll("-own\\d*$", "");
        List<String> taken =
                desk.shelf().profiles().stream().map(PressProfile::id).toList();
        String id = base + "-own";
        for (int n = 2; taken.contains(id); n++) {
            id = base + "-own" + n;
        }
        PressProfile own = press().copyAs(id, Wording.of("desk.press.my", press().name()));
        keep(own);
        desk.changeBrief("press", b -> b.at(own));
    }

    private void takeIn() {
        files.asker().profileToOpen().ifPresent(file -> {
            PressProfile press = PressShelf.read(file);
            boolean shipped = PressShelf.isShipped(press.id());
            PressProfile own = shipped ? press.copyAs(press.id() + "-own", press.name()) : press;
            keep(own);
            desk.changeBrief("press", b -> b.at(own));
        });
    }

    private void give() {
        files.asker().whereToSaveProfile(press().id() + ".json").ifPresent(file -> {
            if (Files.isDirectory(file)) {
                throw Trouble.of("desk.press.folder", file);
            }
            SafeFile.write(file, out -> out.write(Json.write(press())));
        });
    }

    /** "perPage" as "per page". */
    private static String words(String name) {
        return BriefWords.of(name);
    }
}
