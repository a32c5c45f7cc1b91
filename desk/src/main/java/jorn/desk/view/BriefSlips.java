package jorn.desk.view;

import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.MarginChoice;
import jorn.book.Starter;
import jorn.brief.Measures;
import jorn.desk.model.Desk;
import jorn.measure.Numeral;
import jorn.measure.PaperSize;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingOffer;
import jorn.press.InkSet;
import jorn.press.MarginSchool;
import jorn.press.PaperStock;
import jorn.press.PressProfile;

/** The slips under the words of the sentence: each decision with what its choices entail. */
public final class BriefSlips {
    private static final int[] USUAL_PAGES = {60, 100, 120, 150, 200, 300};

    private final Desk desk;

    public BriefSlips(Desk desk) {
        this.desk = desk;
    }

    private Brief brief() {
        return desk.book().brief();
    }

    private Unit unit() {
        return desk.unit().get();
    }

    /** What a figure would be after a change. */
    private String entails(String key, UnaryOperator<Book> change) {
        return Measures.of(change.apply(desk.book()))
                .find(key)
                .map(f -> f.text(unit()))
                .orElse("");
    }

    private String entailsBrief(String key, UnaryOperator<Brief> change) {
        return entails(key, b -> b.withBrief(change.apply(b.brief())));
    }

    public Slip name() {
        Slip slip = new Slip("What it is called");
        Book book = desk.book();
        slip.field(
                        "Title",
                        "field-title",
                        book.title(),
                        "The title, as it stands on cover and title page.",
                        t -> desk.change("title", b -> b.withTitle(t.strip())))
                .setPrefColumnCount(20);
        slip.field(
                        "Subtitle",
                        "field-subtitle",
                        book.subtitle(),
                        "A second line under the title; may be empty.",
                        t -> desk.change("subtitle", b -> b.withSubtitle(t.strip())))
                .setPrefColumnCount(20);
        slip.field(
                        "Author",
                        "field-author",
                        book.author(),
                        "Author or imprint, as on the cover; may be empty.",
                        t -> desk.change("author", b -> b.withAuthor(t.strip())))
                .setPrefColumnCount(20);
        return slip.say("They stand on the cover, the spine and the title page.");
    }

    /** The starters by what they look like. */
    public Slip kind() {
        Slip slip = new Slip("What it begins as");
        TilePane tiles = new TilePane(6, 6);
        tiles.setPrefColumns(6);
        for (Starter each : Starter.values()) {
            tiles.getChildren()
                    .add(StarterPicture.button(
                            each, each.id().equals(desk.book().starter()), () -> {
                                desk.change("starter", each::restart);
                                slip.done();
                            }));
        }
        slip.add(tiles);
        return slip.say(
                "Another beginning replaces brief and inside; words, cover and prices stay. Ctrl+Z takes it back.");
    }

    public Slip pages() {
        Slip slip = new Slip("How many pages");
        BindingOffer offer = brief().offer();
        slip.field(
                "Pages",
                "field-pages",
                Integer.toString(desk.state().get().pagination().pageCount()),
                "How many pages the bound book has, blanks and front matter counted.",
                text -> {
                    int n = Numeral.count(text, "page count", 1, Brief.MOST_PAGES);
                    brief().withPages(n).require();
                    desk.changeBrief("pages", b -> b.withPages(n));
                });
        slip.say(brief().press().name() + " takes " + offer.pages().inWords() + ".");
        offer.spineText().ifPresent(s -> slip.say("Text on the spine needs " + s.minPages() + "."));
        for (int n : USUAL_PAGES) {
            if (offer.pages().takes(n)) {
                boolean spine = brief().binding().hasSpine();
                String so = entailsBrief(spine ? "spine.width" : "book.thickness", b -> b.withPages(n));
                slip.add(slip.choice(
                        n + " pages",
                        so + (spine ? " spine" : " thick"),
                        desk.state().get().pagination().pageCount() == n,
                        () -> desk.changeBrief("pages", b -> b.withPages(n))));
            }
        }
        return slip;
    }

    public Slip trim() {
        Slip slip = new Slip("Trim size");
        slip.field(
                "Width × height",
                "field-trim",
                brief().trim().format(unit()),
                "The closed book. Write 6 x 9 in, 5 1/2 x 8 1/2, 148 x 210 mm or A5.",
                text -> takeTrim(Size.parse(text, unit())));
        VBox list = new VBox();
        for (Size size : brief().press().trims()) {
            String named = PaperSize.of(size).map(p -> p.id() + " · ").orElse("");
            Button choice = slip.choice(
                    size.format(unit()),
                    named + entailsBrief("book.weight", b -> b.withTrim(size)),
                    size.isAbout(brief().trim()),
                    () -> takeTrim(size));
            list.getChildren().add(choice);
        }
        TrimNest nest = new TrimNest();
        nest.setId("trim-nest");
        nest.setEm(Theme.em(desk.settings().textSize()));
        nest.setPrefSize(Theme.em(desk.settings().textSize()) * 14.6, 330);
        nest.show(desk.state().get(), unit());
        nest.setOnTrim(size -> slip.attempt(() -> {
            takeTrim(size);
            slip.done();
        }));
        slip.add(new HBox(16, list, nest));
        brief().press()
                .customTrim()
                .ifPresent(r -> slip.say("Any size from " + r.min().format(unit()) + " to "
                        + r.max().format(unit()) + " can be made."));
        return slip;
    }

    /** Takes a trim, or refuses it where the press does not make it. */
    void takeTrim(Size size) {
        brief().press().requireTrim(size);
        desk.changeBrief("trim", b -> b.withTrim(size));
    }

    public Slip paper() {
        Slip slip = new Slip("Paper");
        for (PaperStock stock : brief().press().papers()) {
            boolean spine = brief().binding().hasSpine();
            slip.add(slip.choice(
                    sentenceCase(stock.name()),
                    entailsBrief(spine ? "spine.width" : "book.thickness", b -> b.withPaper(stock.id()))
                            + (spine ? " spine · " : " thick · ")
                            + entailsBrief("book.weight", b -> b.withPaper(stock.id())),
                    stock.id().equals(brief().paper()),
                    () -> desk.changeBrief("paper", b -> b.withPaper(stock.id()))));
        }
        return slip.say("Thicker paper, thicker spine; the cover follows by itself.");
    }

    public Slip ink() {
        Slip slip = new Slip("Ink inside");
        for (InkSet ink : brief().press().inks()) {
            String cost = entailsBrief("cost.print", b -> b.withInk(ink.id()));
            slip.add(slip.choice(
                    sentenceCase(ink.name()),
                    cost.isEmpty() ? "" : cost + " a copy",
                    ink.id().equals(brief().ink()),
                    () -> desk.changeBrief("ink", b -> b.withInk(ink.id()))));
        }
        return slip;
    }

    public Slip binding() {
        Slip slip = new Slip("Binding");
        for (BindingOffer offer : brief().press().bindings()) {
            Binding each = offer.binding();
            slip.add(slip.choice(
                    sentenceCase(offer.inWords()),
                    offer.pages().inWords(),
                    each == brief().binding(),
                    () -> desk.changeBrief("binding", b -> b.withBinding(each))));
        }
        if (brief().offer().selfCover()) {
            slip.add(Labels.label("COVER", "group-name"));
            slip.add(
                    slip.choice(
                            "The first and last pages",
                            "no cover file",
                            brief().selfCover(),
                            () -> desk.changeBrief("cover-form", b -> b.withSelfCover(true))),
                    slip.choice(
                            "A sheet of its own",
                            "",
                            !brief().selfCover(),
                            () -> desk.changeBrief("cover-form", b -> b.withSelfCover(false))));
        }
        if (brief().press().insideCover() && !brief().selfCover()) {
            slip.add(Labels.label("INSIDE OF THE COVER", "group-name"));
            slip.add(
                    slip.choice(
                            "Bare",
                            "",
                            !brief().insideCover(),
                            () -> desk.changeBrief("inside-cover", b -> b.withInsideCover(false))),
                    slip.choice(
                            "Printed in the ground's colour",
                            "",
                            brief().insideCover(),
                            () -> desk.changeBrief("inside-cover", b -> b.withInsideCover(true))));
        }
        return slip;
    }

    /** The presses at hand, with what they make. */
    public Slip press() {
        Slip slip = new Slip("Press");
        for (PressProfile press : desk.shelf().profiles()) {
            Button choice = slip.choice(
                    press.name(),
                    bindings(press),
                    press.id().equals(brief().press().id()),
                    () -> desk.changeBrief("press", b -> b.at(press)));
            slip.add(choice);
        }
        var verify = Labels.wrapped(
                "These numbers are a profile, not a company's word. "
                        + brief().press().verify(),
                "soft");
        verify.setMaxWidth(Theme.em(desk.settings().textSize()) * 27);
        return slip.add(verify);
    }

    private static String bindings(PressProfile press) {
        return String.join(
                ", ", press.bindings().stream().map(BindingOffer::inWords).toList());
    }

    /** Which way the book reads. */
    public Slip reading() {
        Slip slip = new Slip("Reading direction");
        for (Reading each : Reading.values()) {
            boolean left = each == Reading.LEFT_TO_RIGHT;
            slip.add(slip.choice(
                    sentenceCase(each.word()),
                    left ? "page 1 is a right-hand page" : "page 1 is a left-hand page, the front cover is on the left",
                    brief().reading() == each,
                    () -> desk.changeBrief("reading", b -> b.withReading(each))));
        }
        return slip;
    }

    /** The schools of margins. */
    public Slip margins() {
        Slip slip = new Slip("Margins");
        var now = desk.book().margins();
        slip.add(slip.choice(
                "As " + brief().press().name() + " asks at least",
                gutterOf(Optional.empty()),
                now.equals(MarginChoice.NONE),
                () -> desk.change("margins", b -> b.withMargins(MarginChoice.NONE))));
        for (MarginSchool school : MarginSchool.shipped()) {
            slip.add(slip.choice(
                    school.name(),
                    gutterOf(Optional.of(school.id())),
                    now.equals(MarginChoice.ofSchool(Optional.of(school.id()))),
                    () -> desk.change("margins", b -> b.withMargins(MarginChoice.ofSchool(Optional.of(school.id()))))));
        }
        return slip.say("Each margin can be set by hand at Make-up. Proof tells where one is under the press's least.");
    }

    private String gutterOf(Optional<String> school) {
        MarginChoice choice = MarginChoice.ofSchool(school);
        return "gutter " + entails("margin.gutter", b -> b.withMargins(choice)) + ", outside "
                + entails("margin.outside", b -> b.withMargins(choice));
    }

    /** The slip of a decision by its short name: trim, pages, paper, margins, press. */
    public Slip byId(String decision) {
        return switch (decision) {
            case "trim" -> trim();
            case "pages" -> pages();
            case "paper" -> paper();
            case "margins" -> margins();
            case "binding" -> binding();
            default -> press();
        };
    }

    /** The first letter large. */
    public static String sentenceCase(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }
}
