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
import jorn.brief.Measures.Reckoning;
import jorn.desk.model.Desk;
import jorn.makeup.Paginator;
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
import jorn.say.TradeName;
import jorn.say.Wording;

/** The slips under the words of the sentence: each decision with what its choices entail. */
public final class BriefSlips {
    private static final int[] USUAL_PAGES = {60, 100, 120, 150, 200, 300};

    private final Desk desk;
    private final Painter painter;

    public BriefSlips(Desk desk, Painter painter) {
        this.painter = painter;
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
        Book changed = change.apply(desk.book());
        // What is on the pages does not hang on what is asked here, so it is not counted anew.
        Reckoning how = Reckoning.CUSTOMARY.counted(desk.state().get().edition().colouredPages());
        return Measures.of(changed, Paginator.of(changed), how)
                .find(key)
                .map(f -> f.text(unit()))
                .orElse("");
    }

    private String entailsBrief(String key, UnaryOperator<Brief> change) {
        return entails(key, b -> b.withBrief(change.apply(b.brief())));
    }

    public Slip name() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.what-called"));
        Book book = desk.book();
        slip.field(
                        Wording.of("desk.brief-slips.title"),
                        "field-title",
                        book.title(),
                        Wording.of("desk.brief-slips.title-stands-on-cover"),
                        t -> desk.change("title", b -> b.withTitle(t.strip())))
                .setPrefColumnCount(20);
        slip.field(
                        Wording.of("desk.brief-slips.subtitle"),
                        "field-subtitle",
                        book.subtitle(),
                        Wording.of("desk.brief-slips.second-line-under-title"),
                        t -> desk.change("subtitle", b -> b.withSubtitle(t.strip())))
                .setPrefColumnCount(20);
        slip.field(
                        Wording.of("desk.brief-slips.author"),
                        "field-author",
                        book.author(),
                        Wording.of("desk.brief-slips.author-or-imprint-on"),
                        t -> desk.change("author", b -> b.withAuthor(t.strip())))
                .setPrefColumnCount(20);
        return slip.say(Wording.of("desk.brief-slips.they-stand-on-cover"));
    }

    /** The starters by what they look like. */
    public Slip kind() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.what-begins"));
        TilePane tiles = new TilePane(6, 6);
        tiles.setPrefColumns(5);
        for (Starter each : Starter.values()) {
            tiles.getChildren()
                    .add(StarterPicture.button(
                            painter, each, each.id().equals(desk.book().starter()), () -> {
                                desk.change("starter", each::restart);
                                slip.done();
                            }));
        }
        slip.add(tiles);
        return slip.say(Wording.of("desk.brief-slips.another-beginning-replaces-brief"));
    }

    public Slip pages() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.how-many-pages"));
        BindingOffer offer = brief().offer();
        BindingOffer.PageRule rule = brief().pageRule();
        slip.field(
                Wording.of("desk.brief-slips.pages"),
                "field-pages",
                Integer.toString(desk.state().get().pagination().pageCount()),
                Wording.of("desk.brief-slips.how-many-pages-bound"),
                text -> {
                    int n = Numeral.count(text, Wording.of("desk.brief-slips.page-count"), 1, Brief.MOST_PAGES);
                    brief().withPages(n).require();
                    desk.changeBrief("pages", b -> b.withPages(n));
                });
        slip.say(Wording.of("desk.brief-slips.takes", brief().press().name(), rule.inWords()));
        offer.spineText().ifPresent(s -> slip.say(Wording.of("desk.brief-slips.text-on-spine-needs", s.minPages())));
        for (int n : USUAL_PAGES) {
            if (rule.takes(n)) {
                boolean spine = brief().binding().hasSpine();
                String so = entailsBrief(spine ? "spine.width" : "book.thickness", b -> b.withPages(n));
                slip.add(slip.choice(
                        Wording.of("desk.brief-slips.pages-2", n),
                        Wording.of(spine ? "desk.brief-slips.spine" : "desk.brief-slips.thick", so),
                        desk.state().get().pagination().pageCount() == n,
                        () -> desk.changeBrief("pages", b -> b.withPages(n))));
            }
        }
        return slip;
    }

    public Slip trim() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.trim-size"));
        slip.field(
                Wording.of("desk.brief-slips.width-height"),
                "field-trim",
                brief().trim().format(unit()),
                Wording.of("desk.brief-slips.closed-book-write-x"),
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
                .ifPresent(r -> slip.say(Wording.of(
                        "desk.brief-slips.any-size-from-can",
                        r.min().format(unit()),
                        r.max().format(unit()))));
        return slip;
    }

    /** Takes a trim, or refuses it where the press does not make it. */
    void takeTrim(Size size) {
        brief().press().requireTrim(size);
        desk.changeBrief("trim", b -> b.withTrim(size));
    }

    public Slip paper() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.paper"));
        for (PaperStock stock : brief().press().papers()) {
            boolean spine = brief().binding().hasSpine();
            slip.add(slip.choice(
                    sentenceCase(stock.called()),
                    Wording.of(
                                    spine ? "desk.brief-slips.spine" : "desk.brief-slips.thick",
                                    entailsBrief(
                                            spine ? "spine.width" : "book.thickness", b -> b.withPaper(stock.id())))
                            + " · "
                            + entailsBrief("book.weight", b -> b.withPaper(stock.id())),
                    stock.id().equals(brief().paper()),
                    () -> desk.changeBrief("paper", b -> b.withPaper(stock.id()))));
        }
        return slip.say(Wording.of("desk.brief-slips.thicker-paper-thicker-spine"));
    }

    public Slip ink() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.ink-inside"));
        for (InkSet ink : brief().press().inks()) {
            String cost = entailsBrief("cost.print", b -> b.withInk(ink.id()));
            slip.add(slip.choice(
                    sentenceCase(ink.called()),
                    cost.isEmpty() ? "" : Wording.of("desk.brief-slips.copy", cost),
                    ink.id().equals(brief().ink()),
                    () -> desk.changeBrief("ink", b -> b.withInk(ink.id()))));
        }
        return slip;
    }

    public Slip binding() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.binding"));
        for (BindingOffer offer : brief().press().bindings()) {
            Binding each = offer.binding();
            slip.add(slip.choice(
                    sentenceCase(offer.inWords()),
                    brief().withBinding(each).pageRule().inWords(),
                    each == brief().binding(),
                    () -> desk.changeBrief("binding", b -> b.withBinding(each))));
        }
        if (brief().offer().selfCover()) {
            slip.add(Labels.label(Wording.of("desk.brief-slips.cover"), "group-name"));
            slip.add(
                    slip.choice(
                            Wording.of("desk.brief-slips.first-last-pages"),
                            Wording.of("desk.brief-slips.no-cover-file"),
                            brief().selfCover(),
                            () -> desk.changeBrief("cover-form", b -> b.withSelfCover(true))),
                    slip.choice(
                            Wording.of("desk.brief-slips.sheet-own"),
                            "",
                            !brief().selfCover(),
                            () -> desk.changeBrief("cover-form", b -> b.withSelfCover(false))));
        }
        if (brief().press().insideCover() && !brief().selfCover()) {
            slip.add(Labels.label(Wording.of("desk.brief-slips.inside-cover"), "group-name"));
            slip.add(
                    slip.choice(
                            Wording.of("desk.brief-slips.bare"),
                            "",
                            !brief().insideCover(),
                            () -> desk.changeBrief("inside-cover", b -> b.withInsideCover(false))),
                    slip.choice(
                            Wording.of("desk.brief-slips.printed-ground-s-colour"),
                            "",
                            brief().insideCover(),
                            () -> desk.changeBrief("inside-cover", b -> b.withInsideCover(true))));
        }
        return slip;
    }

    /** The presses at hand, with what they make. */
    public Slip press() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.press"));
        for (PressProfile press : desk.shelf().profiles()) {
            Button choice = slip.choice(
                    press.name(),
                    bindings(press),
                    press.id().equals(brief().press().id()),
                    () -> desk.changeBrief("press", b -> b.at(press)));
            slip.add(choice);
        }
        var verify = Labels.wrapped(
                Wording.of(
                        "desk.brief-slips.these-numbers-profile-not",
                        TradeName.of(brief().press().verify())),
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
        Slip slip = new Slip(Wording.of("desk.brief-slips.reading-direction"));
        for (Reading each : Reading.values()) {
            boolean left = each == Reading.LEFT_TO_RIGHT;
            slip.add(slip.choice(
                    sentenceCase(each.word()),
                    left
                            ? Wording.of("desk.brief-slips.page-right-hand-page")
                            : Wording.of("desk.brief-slips.page-left-hand-page"),
                    brief().reading() == each,
                    () -> desk.changeBrief("reading", b -> b.withReading(each))));
        }
        return slip;
    }

    /** The schools of margins. */
    public Slip margins() {
        Slip slip = new Slip(Wording.of("desk.brief-slips.margins"));
        var now = desk.book().margins();
        slip.add(slip.choice(
                Wording.of("desk.brief-slips.asks-at-least", brief().press().name()),
                gutterOf(Optional.empty()),
                now.equals(MarginChoice.NONE),
                () -> desk.change("margins", b -> b.withMargins(MarginChoice.NONE))));
        for (MarginSchool school : MarginSchool.shipped()) {
            slip.add(slip.choice(
                    school.called(),
                    gutterOf(Optional.of(school.id())),
                    now.equals(MarginChoice.ofSchool(Optional.of(school.id()))),
                    () -> desk.change("margins", b -> b.withMargins(MarginChoice.ofSchool(Optional.of(school.id()))))));
        }
        return slip.say(Wording.of("desk.brief-slips.each-margin-can-set"));
    }

    private String gutterOf(Optional<String> school) {
        MarginChoice choice = MarginChoice.ofSchool(school);
        return Wording.of(
                "desk.brief-slips.gutter-outside",
                entails("margin.set.gutter", b -> b.withMargins(choice)),
                entails("margin.set.outside", b -> b.withMargins(choice)));
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
