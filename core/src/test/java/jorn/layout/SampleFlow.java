package jorn.layout;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Palette;
import jorn.art.Side;
import jorn.block.calendar.DayBlock;
import jorn.block.paper.CheckList;
import jorn.block.paper.Framed;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.paper.Sign;
import jorn.block.text.TextBlock;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.content.Subjects;
import jorn.measure.Length;
import jorn.style.PageStyle;
import jorn.style.TypeChoice;
import jorn.text.TypeShelf;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Flows and blocks for tests. */
public final class SampleFlow {
    private SampleFlow() {}

    /** A page with these words for its fields. */
    public static PageFacts page(Subjects subjects, Map<String, String> fields) {
        return new PageFacts() {
            @Override
            public Optional<String> field(String name) {
                return Optional.ofNullable(fields.get(name));
            }

            @Override
            public Subjects subjects() {
                return subjects;
            }

            @Override
            public OptionalInt pageOf(Object subject) {
                return OptionalInt.empty();
            }
        };
    }

    public static BookLook look(Palette palette, CalendarChoice calendar) {
        return BookLook.of(TypeShelf.typeface("alegreya"), TypeShelf.typeface("alegreya-sans"), palette, calendar);
    }

    /** A look in a style, with its faces and colours, on a grid. */
    public static BookLook in(PageStyle style, Grid grid, CalendarChoice calendar) {
        TypeChoice type = style.dress().type();
        return new BookLook(
                Map.of(),
                Map.of(
                        Voice.HEADING, type.headingFace(),
                        Voice.BODY, type.bodyFace(),
                        Voice.FIGURES, type.figuresFace()),
                style.dress().palette(),
                calendar,
                java.util.List.of(),
                Map.of(),
                style,
                grid);
    }

    public static Flow of(
            Frame frame, Map<String, String> fields, Palette palette, Occasion occasion, CalendarChoice calendar) {
        return new Flow(look(palette, calendar), page(Subjects.of(occasion), fields), frame);
    }

    public static Flow undated(Box area) {
        return on(Side.RECTO, area, Occasion.NONE, Map.of("page", "7", "prompt", "What did the bees bring?"));
    }

    public static Flow on(Side side, Box area, Occasion occasion, Map<String, String> fields) {
        Box trim = area.outset(36);
        return of(
                new Frame(side, side == Side.RECTO, trim, trim, area),
                fields,
                Palette.BLACK,
                occasion,
                CalendarChoice.UNDATED);
    }

    public static TextBlock heading(String words) {
        return new TextBlock(words, Voice.HEADING, Style.BOLD, Length.points(19), Align.LEFT);
    }

    public static CheckList checks(double mm) {
        return new CheckList(Length.mm(mm), Sign.BOX);
    }

    public static DayBlock day(int day) {
        return new DayBlock(day, Optional.of(Length.mm(6.35)), false);
    }

    public static Framed notes(String title) {
        return Framed.titled(title, new RuledLines(Ruling.customary()));
    }
}
