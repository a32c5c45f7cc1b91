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
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Notice;
import jorn.desk.view.Labels;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.say.Message;
import jorn.say.TradeName;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** The press profile clause by clause. Shipped ones are read; a copy of one's own is edited, and refused where it makes no sense. */
public final class PressView extends BriefView {
    private final BookFiles files;
    private boolean unfolded;

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
        page.getChildren().add(deeds());
        page.getChildren()
                .add(Labels.wrapped(
                        press.verified()
                                        .map(v -> Wording.of("desk.press.last-compared-on", v))
                                        .orElse(Wording.of("desk.press.not-yet-compared-with"))
                                + (isOwn()
                                        ? Wording.of("desk.press.each-clause-can-edited")
                                        : Wording.of("desk.press.ships-with-jorn-copy")),
                        "soft"));
        var brief = desk.book().brief();
        page.getChildren()
                .add(new RateCard(
                        press, brief.paper(), brief.trim(), desk.unit().get(), em()));
        if (isOwn() || unfolded) {
            clauses(page, tree(), "", "", 0);
        }
    }

    private FlowPane deeds() {
        FlowPane row = new FlowPane(6, 4);
        row.getChildren()
                .addAll(
                        deed("press-copy", "desk.press.copy-edit", "desk.press.make-copy-your-own", this::copy),
                        deed("press-import", "desk.press.import", "desk.press.take-profile-from-file", this::takeIn),
                        deed("press-export", "desk.press.export", "desk.press.write-profile-file", this::give));
        if (isOwn()) {
            row.getChildren()
                    .addAll(
                            deed(
                                    "press-verified",
                                    "desk.press.verified-today",
                                    "desk.press.note-you-have-compared",
                                    () -> edit(t -> t.put(
                                            "verified",
                                            java.time.LocalDate.now(ZoneId.systemDefault())
                                                    .toString()))),
                            deed("press-delete", "desk.press.delete", "desk.press.delete-help", this::askToDelete));
        } else {
            Button all = Labels.oneOf(
                    Wording.of("desk.press.every-clause"), Wording.of("desk.press.every-clause-help"), unfolded, () -> {
                        unfolded = !unfolded;
                        show();
                    });
            all.setId("press-clauses");
            row.getChildren().add(all);
        }
        return row;
    }

    private Button deed(String id, String words, String help, Runnable deed) {
        Button button = Labels.act(Wording.of(words), Wording.of(help), () -> attempt(deed));
        button.setId(id);
        return button;
    }

    private void askToDelete() {
        PressProfile gone = press();
        desk.ask(
                Message.of("desk.press.delete-it", gone.name()),
                Message.of("desk.press.delete-it.do"),
                new Notice.Choice(
                        "delete-press", Wording.of("desk.press.delete-now"), () -> desk.attempt(() -> delete(gone))),
                new Notice.Choice("keep-press", Wording.of("desk.press.keep"), () -> {}));
    }

    /** Takes an own profile off the shelf; the book goes to the press that it was copied from. */
    private void delete(PressProfile gone) {
        String base = gone.id().replaceAll("-own\\d*$", "");
        SafeFile.delete(desk.settings().pressFolder().resolve(gone.id() + ".json"));
        List<PressProfile> left = desk.shelf().profiles();
        PressProfile now =
                left.stream().filter(p -> p.id().equals(base)).findFirst().orElse(left.get(0));
        desk.changeBrief("press", b -> b.at(now));
        desk.say("desk.press.deleted", gone.name(), now.name());
    }

    private ObjectNode tree() {
        return (ObjectNode) Json.read(Json.write(press()), JsonNode.class, Wording.of("desk.press.profile"));
    }

    /** One line for each clause, indented by depth. */
    private void clauses(VBox page, JsonNode node, String in, String path, int depth) {
        Iterator<Map.Entry<String, JsonNode>> fields = node.properties().iterator();
        while (fields.hasNext()) {
            Map.Entry<String, JsonNode> f = fields.next();
            String name = f.getKey();
            String at = path + "/" + name;
            boolean saidAbove = path.isEmpty()
                    && List.of("about", "verify", "name", "verified").contains(name);
            if (!BriefWords.isSeen(name) || (saidAbove && !isOwn())) {
                continue;
            }
            if (f.getValue().isArray() && isOfObjects(f.getValue())) {
                list(page, (ArrayNode) f.getValue(), name, at, depth);
            } else if (f.getValue().isObject()) {
                page.getChildren().add(head(BriefWords.of(in, name), depth));
                clauses(page, f.getValue(), name, at, depth + 1);
            } else {
                page.getChildren().add(clause(in, name, f.getValue(), at, depth));
            }
        }
        if (isOwn()) {
            adding(page, node, in, path, depth);
        }
    }

    /** What may be said besides, each behind a word that adds it. */
    private void adding(VBox page, JsonNode node, String in, String path, int depth) {
        List<String> names = Clauses.addable(in, node);
        if (names.isEmpty()) {
            return;
        }
        FlowPane row = new FlowPane(8, 3);
        row.setStyle("-fx-padding: 0 0 0 " + depth + "em;");
        for (String name : names) {
            Button add = Labels.act(
                    Wording.of("desk.press.add", BriefWords.of(in, name)),
                    BriefWords.help(in, name),
                    () -> attempt(() -> edit(
                            t -> ((ObjectNode) (path.isEmpty() ? t : t.at(path))).set(name, Clauses.begun(in, name)))));
            add.setId("add" + path.replace('/', '-') + "-" + name);
            row.getChildren().add(add);
        }
        page.getChildren().add(row);
    }

    private static boolean isOfObjects(JsonNode array) {
        return !array.isEmpty() && array.get(0).isObject();
    }

    private void list(VBox page, ArrayNode array, String name, String path, int depth) {
        for (int i = 0; i < array.size(); i++) {
            int index = i;
            HBox line = new HBox(8, head(BriefWords.of("one", name) + " " + (i + 1), depth));
            line.setAlignment(javafx.geometry.Pos.BOTTOM_LEFT);
            if (isOwn()) {
                Button more = Labels.act(
                        Wording.of("desk.press.one-more-like"),
                        Wording.of("desk.press.add-copy-clause"),
                        () -> attempt(() -> edit(t -> ((ArrayNode) t.at(path))
                                .insert(index + 1, Clauses.another(t, name, (ArrayNode) t.at(path), index)))));
                Button out = Labels.act(
                        Wording.of("desk.press.take-out"),
                        Wording.of("desk.press.take-clause-out"),
                        () -> attempt(() -> edit(t -> ((ArrayNode) t.at(path)).remove(index))));
                more.setId("more" + path.replace('/', '-') + "-" + i);
                out.setId("out" + path.replace('/', '-') + "-" + i);
                line.getChildren().addAll(more, out);
            }
            page.getChildren().add(line);
            clauses(page, array.get(i), name, path + "/" + i, depth + 1);
        }
    }

    private static Label head(String text, int depth) {
        Label head = Labels.label(text, "group-name");
        head.setStyle("-fx-padding: 0.5em 0 0 " + depth + "em;");
        return head;
    }

    private HBox clause(String in, String name, JsonNode value, String path, int depth) {
        String words = BriefWords.of(in, name);
        Label label = Labels.label(words, "soft");
        label.setMinWidth(Label.USE_PREF_SIZE);
        label.setStyle("-fx-padding: 0 0 0 " + depth + "em;");
        label.setAccessibleHelp(BriefWords.help(in, name));
        HBox line = new HBox(10, label);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        String id = "clause" + path.replace('/', '-');
        String text = value.isArray() ? listed(value) : value.asText();
        var choices = BriefWords.choices(name, value.isBoolean());
        if (!isOwn() || (in.equals("costs") && (name.equals("ink") || name.equals("trim")))) {
            String said = name.equals("ink") ? inkName(text) : BriefWords.value(name, text);
            line.getChildren().add(Labels.wrapped(said, "strong"));
        } else if (choices.isPresent()) {
            for (String each : choices.get()) {
                Button word = Labels.oneOf(
                        BriefWords.value(name, each),
                        BriefWords.help(in, name),
                        each.equals(text),
                        () -> attempt(() -> edit(t -> set(t, path, each, value))));
                word.setId(id + "-" + each);
                line.getChildren().add(word);
            }
        } else {
            var field = field(
                    words, id, text, BriefWords.help(in, name), 12, typed -> edit(t -> set(t, path, typed, value)));
            HBox.setHgrow(field, Priority.ALWAYS);
            line.getChildren().add(field);
        }
        return line;
    }

    private String inkName(String id) {
        return press().inks().stream()
                .filter(i -> i.id().equals(id))
                .map(i -> i.called())
                .findFirst()
                .orElse(id);
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
                    jorn.measure.Numeral.readSigned(text).orElseThrow(() -> Trouble.of("desk.press.not-number", text));
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
}
