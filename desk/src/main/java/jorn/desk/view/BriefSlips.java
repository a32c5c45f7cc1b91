package jorn.desk.view;

import java.util.function.UnaryOperator;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.brief.Measures;
import jorn.desk.model.Desk;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingOffer;
import jorn.press.InkSet;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.press.PressShelf;

/** The slips under the words of the sentence: each decision with what its choices entail. */
final class BriefSlips {
    private static final int[] USUAL_PAGES = {60, 100, 120, 150, 200, 300};

    private final Desk desk;

    BriefSlips(Desk desk) {
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

    Slip name() {
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

    Slip kind() {
        Slip slip = new Slip("What it begins as");
        for (Starter each : Starter.values()) {
            slip.add(slip.choice(
                    sentenceCase(each.kind()),
                    each.about(),
                    each.id().equals(desk.book().starter()),
                    () -> desk.change("starter", each::restart)));
        }
        return slip.say(
                "Another beginning replaces the inside; size, press, words and cover stay. Ctrl+Z takes it back.");
    }

    Slip pages() {
        Slip slip = new Slip("How many pages");
        BindingOffer offer = brief().offer();
        slip.field(
                "Pages",
                "field-pages",
                Integer.toString(desk.sight().get().pagination().pageCount()),
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
                        desk.sight().get().pagination().pageCount() == n,
                        () -> desk.changeBrief("pages", b -> b.withPages(n))));
            }
        }
        return slip;
    }

    Slip trim() {
        Slip slip = new Slip("Trim size");
        slip.field(
                "Width × height",
                "field-trim",
                brief().trim().format(unit()),
                "The closed book. Write 6 x 9 in, 5 1/2 x 8 1/2, 148 x 210 mm or A5.",
                text -> takeTrim(Size.parse(text, unit())));
        for (Size size : brief().press().trims()) {
            String named =
                    jorn.measure.PaperSize.of(size).map(p -> p.id() + " · ").orElse("");
            slip.add(slip.choice(
                    size.format(unit()),
                    named + entailsBrief("book.weight", b -> b.withTrim(size)),
                    size.isAbout(brief().trim()),
                    () -> takeTrim(size)));
        }
        return slip;
    }

    /** Takes a trim, or refuses it where the press does not make it. */
    void takeTrim(Size size) {
        brief().press().requireTrim(size);
        desk.changeBrief("trim", b -> b.withTrim(size));
    }

    Slip paper() {
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

    Slip ink() {
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

    Slip binding() {
        Slip slip = new Slip("Binding");
        for (BindingOffer offer : brief().press().bindings()) {
            Binding each = offer.binding();
            slip.add(slip.choice(
                    sentenceCase(each.word()),
                    offer.pages().inWords(),
                    each == brief().binding(),
                    () -> desk.changeBrief("binding", b -> b.withBinding(each))));
        }
        return slip;
    }

    Slip press() {
        Slip slip = new Slip("Press");
        for (PressProfile press : PressShelf.shipped().profiles()) {
            slip.add(slip.choice(
                    press.name(),
                    "",
                    press.id().equals(brief().press().id()),
                    () -> desk.changeBrief("press", b -> b.at(press))));
            var about = Words.wrapped(press.about(), "soft");
            about.setMaxWidth(420);
            about.setStyle("-fx-padding: 0 0 0.4em 0.5em;");
            slip.add(about);
        }
        var verify = Words.wrapped(
                "These numbers are a profile, not a company's word. "
                        + brief().press().verify(),
                "soft");
        verify.setMaxWidth(430);
        return slip.add(verify);
    }

    /** The first letter large. */
    static String sentenceCase(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }
}
