package jorn.desk.view;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.desk.model.BookFiles;
import jorn.desk.model.DemoBooks;
import jorn.desk.model.Desk;
import jorn.desk.model.LanguageChoice;
import jorn.desk.model.Moments;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.say.Language;
import jorn.say.Wording;
import jorn.store.Waiting;

/** What stands on top of every bench: the book's name, the brief as one sentence, and what can be done with the book's file. */
public final class Header extends VBox {
    private final Desk desk;
    private final BookFiles files;
    private final SlipLayer slips;
    private final Button name;
    private final FlowPane sentence = new FlowPane(0, 4);
    private final Button undo;
    private final Button books;
    private final Painter painter;
    private static final int MOST_WAITING = 4;
    private static final PseudoClass IDLE = PseudoClass.getPseudoClass("idle");
    private final Button redo;
    private final Button save;
    private final Label state = Labels.label("", "soft");

    private final Label opening = new Label();
    private final Button kind;
    private final Button pages;
    private final Button trim;
    private final Button paper;
    private final Button ink;
    private final Button binding;
    private final Button press;

    public Header(Desk desk, BookFiles files, Painter painter, SlipLayer slips, BriefSlips briefSlips) {
        this.painter = painter;
        this.desk = desk;
        this.files = files;
        this.slips = slips;
        name = word("book-name", "name", Wording.of("desk.header.title-subtitle-author"), briefSlips::name);
        kind = word("decision", "kind", Wording.of("desk.header.what-kind-book"), briefSlips::kind);
        pages = word("decision", "pages", Wording.of("desk.header.how-many-pages-book"), briefSlips::pages);
        trim = word("decision", "trim", Wording.of("desk.header.width-height-closed-book"), briefSlips::trim);
        paper = word("decision", "paper", Wording.of("desk.header.paper-inside-thickness-makes"), briefSlips::paper);
        ink = word("decision", "ink", Wording.of("desk.header.what-inside-printed-with"), briefSlips::ink);
        binding = word("decision", "binding", Wording.of("desk.header.how-leaves-held-together"), briefSlips::binding);
        press = word("decision", "press", Wording.of("desk.header.who-prints-rules-set"), briefSlips::press);
        sentence.getStyleClass().add("sentence");
        sentence.setId("sentence");
        opening.setMinWidth(Region.USE_PREF_SIZE);
        sentence.getChildren()
                .addAll(
                        opening,
                        with(kind, Wording.of("desk.header.of")),
                        with(pages, ", "),
                        with(trim, Wording.of("desk.header.on")),
                        with(paper, Wording.of("desk.header.in")),
                        with(ink, ", "),
                        with(binding, Wording.of("desk.header.for")),
                        with(press, "."));
        books = Labels.opener(Wording.of("desk.header.books"), Wording.of("desk.header.open-begin-or-find"));
        books.setId("books");
        books.setOnAction(e -> slips.toggle(booksSlip(), books));
        undo = Labels.act(Wording.of("desk.header.undo"), Wording.of("desk.header.take-back-last-change"), desk::undo);
        redo = Labels.act(Wording.of("desk.header.redo"), Wording.of("desk.header.make-again-shift-ctrl"), desk::redo);
        save = Labels.act(Wording.of("desk.header.save"), Wording.of("desk.header.save-book-ctrl-s"), this::save);
        undo.setId("undo");
        redo.setId("redo");
        save.setId("save");
        state.setId("saved-state");
        // Long words give way to each other and are told whole by hovering; what can be done has its room first.
        name.setMinWidth(60);
        state.setMinWidth(Region.USE_PREF_SIZE);
        state.setStyle("-fx-max-width: 20em;");
        for (Button deed : List.of(books, undo, redo, save)) {
            deed.setMinWidth(Region.USE_PREF_SIZE);
        }
        HBox top = new HBox(8, name, Labels.spring(), state, books, undo, redo, save);
        top.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        setSpacing(1);
        VBox.setMargin(rule, new javafx.geometry.Insets(5, 0, 0, 0));
        getChildren().addAll(top, sentence, rule);
        desk.state().addListener((o, was, now) -> show());
        show();
    }

    /** A word of the sentence with what follows it, so that no comma begins a line. */
    private static HBox with(Button word, String after) {
        Label label = new Label(after);
        label.setMinWidth(Region.USE_PREF_SIZE);
        HBox both = new HBox(word, label);
        both.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        return both;
    }

    private Button word(String style, String id, String help, Supplier<Slip> slip) {
        Button button = new Button();
        button.getStyleClass().setAll(style);
        button.setId("decision-" + id);
        button.setAccessibleHelp(help);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> slips.toggle(slip.get(), button));
        return button;
    }

    private void show() {
        Book book = desk.book();
        Brief brief = book.brief();
        Unit unit = desk.unit().get();
        String by = book.author().isBlank() ? "" : "  ·  " + book.author().strip();
        name.setText((book.shownTitle() + by).toUpperCase(java.util.Locale.ROOT));
        opening.setText(
                book.kind().matches("(?i)[aeiou].*") ? Wording.of("desk.header.an") : Wording.of("desk.header.a"));
        kind.setText(book.kind());
        pages.setText(
                Wording.of("desk.header.pages", desk.state().get().pagination().pageCount()));
        trim.setText(sizeInWords(brief.trim(), unit));
        paper.setText(brief.paperStock().called());
        ink.setText(brief.inkSet().called());
        binding.setText(brief.offer().inWords());
        press.setText(brief.press().name());
        // Never disabled, for then the focus would go on to the next one, and a stray Enter would act there.
        idle(undo, !desk.canUndo());
        idle(redo, !desk.canRedo());
        String where = desk.file().map(f -> f.getFileName().toString()).orElse("");
        state.setText(
                desk.isSaved()
                        ? where.isEmpty() ? "" : Wording.of("desk.header.saved", where)
                        : where.isEmpty()
                                ? Wording.of("desk.header.kept-but-not-saved")
                                : Wording.of("desk.header.changed-since-saved", where));
        idle(save, desk.isSaved() && !where.isEmpty());
    }

    private void save() {
        if (!desk.isSaved() || desk.file().isEmpty()) {
            files.save();
        }
    }

    private static void idle(Button button, boolean idle) {
        button.pseudoClassStateChanged(IDLE, idle);
    }

    /** "A5" in millimetres, otherwise the size in the unit. */
    static String sizeInWords(Size size, Unit unit) {
        return jorn.measure.PaperSize.of(size)
                .filter(p -> p.isIso())
                .map(p -> p.id())
                .orElseGet(() -> size.format(unit));
    }

    private Slip booksSlip() {
        Slip slip = new Slip(Wording.of("desk.header.books"));
        slip.add(
                slip.act(Wording.of("desk.header.open"), Wording.of("desk.header.ctrl-o"), files::open),
                slip.act(Wording.of("desk.header.save"), Wording.of("desk.header.ctrl-s"), files::save),
                slip.act(Wording.of("desk.header.save-2"), Wording.of("desk.header.shift-ctrl-s"), files::saveAs),
                versionsChoice(slip));
        List<Waiting> waiting = files.waiting();
        if (!waiting.isEmpty()) {
            slip.add(Labels.label(Wording.of("desk.header.waits"), "group-name"));
            for (Waiting each : waiting.subList(0, Math.min(MOST_WAITING, waiting.size()))) {
                slip.add(slip.act(each.title(), Moments.inWords(each.when()), () -> files.resume(each)));
            }
        }
        slip.add(Labels.label(Wording.of("desk.header.begin-new-one"), "group-name"));
        TilePane tiles = new TilePane(4, 4);
        tiles.setPrefColumns(5);
        for (Starter starter : Starter.values()) {
            tiles.getChildren().add(StarterPicture.button(painter, starter, false, () -> {
                slip.done();
                files.begin(starter.begin());
            }));
        }
        slip.add(tiles);
        slip.add(Labels.label(Wording.of("desk.header.lately"), "group-name"));
        if (desk.settings().recent().isEmpty()) {
            slip.say(Wording.of("desk.header.books-you-save-or"));
        }
        for (Path path : desk.settings().recent()) {
            String folder = String.valueOf(
                    path.getParent() == null ? "" : path.getParent().getFileName());
            slip.add(slip.act(path.getFileName().toString(), folder, () -> files.open(path)));
        }
        slip.add(Labels.label(Wording.of("desk.header.demo-books-skep-sedge"), "group-name"));
        for (Book book : DemoBooks.all()) {
            slip.add(slip.act(book.title(), book.kind(), () -> files.begin(book)));
        }
        HBox sizes = new HBox(4);
        for (int percent : new int[] {100, 125, 150}) {
            boolean now = desk.settings().textSize() == percent;
            Button size = Labels.oneOf(percent + " %", Wording.of("desk.header.size-all-words-window"), now, () -> {
                desk.settings().setTextSize(percent);
                onTextSize.run();
                slips.close();
            });
            size.setId("text-size-" + percent);
            sizes.getChildren().add(size);
        }
        // Beside each other: the slip is as tall as a small window already.
        return slip.add(new HBox(
                40,
                new VBox(Labels.label(Wording.of("desk.header.text-size"), "group-name"), sizes),
                new VBox(Labels.label(Wording.of("desk.header.language"), "group-name"), languages())));
    }

    private Button versionsChoice(Slip slip) {
        Button choice = slip.act(
                Wording.of("desk.header.earlier-versions"),
                Wording.of("desk.header.look-and-go-back"),
                () -> Platform.runLater(() -> slips.toggle(new VersionsSlip(desk, files, painter), books)));
        choice.setId("earlier-versions");
        return choice;
    }

    private HBox languages() {
        LanguageChoice choice = desk.settings().language();
        HBox row = new HBox(4);
        row.getChildren()
                .add(language(
                        choice,
                        Optional.empty(),
                        Wording.of(
                                "desk.header.system-language",
                                Language.ofSystem().ownName())));
        for (Language each : Language.values()) {
            row.getChildren().add(language(choice, Optional.of(each), each.ownName()));
        }
        return row;
    }

    private Button language(LanguageChoice choice, Optional<Language> wanted, String name) {
        Button button = Labels.oneOf(
                name,
                Wording.of("desk.header.speaks"),
                choice.byHand().equals(wanted),
                () -> desk.attempt(() -> {
                    choice.choose(wanted);
                    slips.close();
                    desk.say(
                            "desk.header.next-start",
                            wanted.orElseGet(Language::ofSystem).ownName());
                }));
        button.setId("language-" + wanted.map(Language::code).orElse("system"));
        return button;
    }

    private Runnable onTextSize = () -> {};

    /** What to do when the user chooses another text size. */
    public void setOnTextSize(Runnable listener) {
        onTextSize = listener;
    }
}
