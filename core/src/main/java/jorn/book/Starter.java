package jorn.book;

import java.util.List;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.recipe.Ruling;

/** What a book can begin as: a whole book, ready to export, from which the user goes on. */
public enum Starter {
    LINED_JOURNAL("lined-journal", "lined journal", "Lined pages behind a title page and a belongs-to page.") {
        @Override
        List<Run> runs() {
            return List.of(
                    Run.of("Title", Recipes.title(), 1, Run.Start.RECTO),
                    Run.of("Belongs to", Recipes.belongsTo(), 1, Run.Start.RECTO),
                    Run.filling("Lined pages", Recipes.lined(Ruling.customary()), Run.Start.RECTO));
        }
    },
    NOTEBOOK("lined-notebook", "lined notebook", "Lined pages from the first to the last, nothing else.") {
        @Override
        List<Run> runs() {
            return List.of(Run.filling("Lined pages", Recipes.lined(Ruling.customary()), Run.Start.ANYWHERE));
        }
    },
    BLANK_BOOK("blank-book", "blank book", "A title page and bare paper, to draw in.") {
        @Override
        List<Run> runs() {
            Recipe blank = Recipes.blank();
            return List.of(
                    Run.of("Title", Recipes.title(), 1, Run.Start.RECTO),
                    Run.filling("Blank pages", blank, Run.Start.RECTO));
        }
    };

    private final String id;
    private final String kind;
    private final String about;

    Starter(String id, String kind, String about) {
        this.id = id;
        this.kind = kind;
        this.about = about;
    }

    abstract List<Run> runs();

    /** Short and lasting: {@code lined-journal}. */
    public String id() {
        return id;
    }

    /** What the book is, in a sentence: "lined journal". */
    public String kind() {
        return kind;
    }

    /** What is in it. */
    public String about() {
        return about;
    }

    /** A whole book of this kind in the size that people mostly choose for it. */
    public Book begin() {
        PressProfile online = PressShelf.shipped().find("online");
        return begin(Brief.at(online, Size.of(6, 9, Unit.INCH), 120));
    }

    /** A whole book of this kind to a brief. */
    public Book begin(Brief brief) {
        return new Book(
                "", "", "", kind, id, brief, TypeChoice.CUSTOMARY, MarginChoice.NONE, runs(), CoverDesign.CUSTOMARY);
    }

    /** The same book, begun again as this kind: brief, words and cover stay, the inside is new. */
    public Book restart(Book book) {
        return new Book(
                book.title(),
                book.subtitle(),
                book.author(),
                kind,
                id,
                book.brief(),
                book.type(),
                book.margins(),
                runs(),
                book.cover());
    }

    /** @throws Trouble naming the starters that there are */
    public static Starter of(String id) {
        for (Starter starter : values()) {
            if (starter.id.equals(id)) {
                return starter;
            }
        }
        throw Trouble.of(
                "There is no starter “" + id + "”.",
                "Choose one of "
                        + String.join(
                                ", ",
                                java.util.Arrays.stream(values())
                                        .map(Starter::id)
                                        .toList())
                        + ".");
    }
}
