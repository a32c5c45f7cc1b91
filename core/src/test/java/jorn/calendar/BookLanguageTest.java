package jorn.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.ibm.icu.text.DateFormatSymbols;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Specimen;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Catalogue;
import jorn.say.BookWords;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every word and every date on a page in the book's language. */
class BookLanguageTest {
    private static Properties table(String code) throws IOException {
        Properties words = new Properties();
        try (InputStream in = BookWords.class.getResourceAsStream("pages_" + code + ".properties")) {
            words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        }
        return words;
    }

    private static String code(BookLanguage language) {
        return Locale.forLanguageTag(language.tag()).getLanguage();
    }

    @ParameterizedTest
    @EnumSource(BookLanguage.class)
    void everyWordIsThereInEveryLanguageWithItsFields(BookLanguage language) throws IOException {
        Properties english = table("en");
        Properties own = table(code(language));
        assertEquals(english.stringPropertyNames(), own.stringPropertyNames());
        for (String key : english.stringPropertyNames()) {
            assertFalse(own.getProperty(key).isBlank(), key);
            assertEquals(fields(english.getProperty(key)), fields(own.getProperty(key)), key);
        }
    }

    private static Set<String> fields(String words) {
        Set<String> all = new TreeSet<>();
        java.util.regex.Pattern.compile("\\{[^}]*}").matcher(words).results().forEach(m -> all.add(m.group()));
        return all;
    }

    /** Names standing alone, in the nominative, as the CLDR has them (through ICU4J, another reader of it than the platform's). */
    @ParameterizedTest
    @EnumSource(BookLanguage.class)
    void namesOfMonthsAndDaysAreThoseOfTheCldr(BookLanguage language) {
        CalendarChoice calendar = CalendarChoice.UNDATED.withLanguage(language.tag());
        DateFormatSymbols cldr = new DateFormatSymbols(ULocale.forLanguageTag(language.tag()));
        String[] months = cldr.getMonths(DateFormatSymbols.STANDALONE, DateFormatSymbols.WIDE);
        String[] days = cldr.getWeekdays(DateFormatSymbols.STANDALONE, DateFormatSymbols.WIDE);
        for (Month month : Month.values()) {
            String name = calendar.name(month, TextStyle.FULL_STANDALONE);
            assertTrue(name.equalsIgnoreCase(months[month.ordinal()]), name + ", " + months[month.ordinal()]);
            assertEquals(name.substring(0, 1).toUpperCase(calendar.locale()), name.substring(0, 1));
        }
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = calendar.name(day, TextStyle.FULL_STANDALONE);
            assertTrue(name.equalsIgnoreCase(days[day.getValue() % 7 + 1]), name);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "de; 2026-12-28; 28. Dez. – 3. Jan.",
                "de; 2026-10-05; 5.–11. Okt.",
                "en-GB; 2026-10-05; 5–11 Oct",
                "en; 2026-10-05; Oct 5 – 11",
                "fr; 2026-12-28; 28 déc. – 3 janv.",
                "ja; 2026-10-05; 10月5日～11日",
                "ar; 2026-10-05; 5–11 أكتوبر"
            })
    void weeksAreWrittenAsTheLanguageWritesThem(String tag, String from, String said) {
        LocalDate first = LocalDate.parse(from);
        assertEquals(said, CalendarChoice.UNDATED.withLanguage(tag).range(first, first.plusDays(6)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"en; Fri, Jan 1", "de; Fr., 1. Jan.", "ja; 1月1日(金)", "fr; ven. 1 janv."})
    void aDayIsWrittenAsTheLanguageWritesIt(String tag, String said) {
        assertEquals(said, CalendarChoice.UNDATED.withLanguage(tag).shortDate(LocalDate.of(2027, 1, 1)));
    }

    /** Words that are the same in English and in another language, or names, are no English words on a foreign page. */
    private static Set<String> english(String code) throws IOException {
        Properties english = table("en");
        Properties own = table(code);
        Set<String> foreign = new TreeSet<>();
        for (String key : english.stringPropertyNames()) {
            String word = english.getProperty(key);
            boolean said = own.values().stream().anyMatch(o -> word.equalsIgnoreCase(o.toString()));
            if (!word.contains("{") && !said && word.length() > 2) {
                foreign.add(word.toLowerCase(Locale.ROOT));
            }
        }
        for (Month month : Month.values()) {
            String name = month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
            boolean shared = Stream.of(Month.values())
                    .flatMap(m -> Stream.of(TextStyle.FULL_STANDALONE, TextStyle.SHORT_STANDALONE)
                            .map(s -> m.getDisplayName(s, Locale.forLanguageTag(code))))
                    .anyMatch(name::equalsIgnoreCase);
            if (!shared) {
                foreign.add(name.toLowerCase(Locale.ROOT));
            }
        }
        return foreign;
    }

    @ParameterizedTest
    @EnumSource(
            value = BookLanguage.class,
            names = {"ENGLISH", "BRITISH"},
            mode = EnumSource.Mode.EXCLUDE)
    void noEnglishWordIsLeftInAnyStarterNorDesign(BookLanguage language) throws IOException {
        Set<String> foreign = english(code(language));
        assertTrue(foreign.size() > 300, foreign.size() + " words to look for");
        Set<String> left = new TreeSet<>();
        for (Starter starter : Starter.values()) {
            Book begun = starter.begin();
            Book book = begun.withCalendar(begun.calendar().withLanguage(language.tag()));
            // Drawings have no words; those of a colouring book are slow to make, and its other pages come first.
            int enough = starter == Starter.COLOURING_BOOK ? 6 : 40;
            Edition.of(book).distinct().limit(enough).forEach(s -> look(s.art(), foreign, starter.id(), left));
        }
        for (Catalogue.Entry entry : Catalogue.all()) {
            Book book = Specimen.of(entry, StyleShelf.of("pebble"), Size.parse("6x9in", Unit.INCH), true);
            CalendarChoice calendar =
                    book.calendar().withLanguage(language.tag()).withHolidays("");
            boolean asks = entry.recipe().shows("prompt");
            look(Edition.of(book.withCalendar(calendar)).page(2), asks ? Set.of() : foreign, entry.id(), left);
        }
        assertEquals(Set.of(), left);
    }

    private static void look(PageArt art, Set<String> foreign, String where, Set<String> left) {
        words(art.marks())
                .filter(w -> foreign.contains(w.toLowerCase(Locale.ROOT).strip()))
                .forEach(w -> left.add(where + ": " + w));
    }

    private static Stream<String> words(List<Mark> marks) {
        return marks.stream()
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w.run().text()) : words(m.inside()));
    }

    /** In a language written from right to left the first weekday stands at the right, and figures read as ever. */
    @ParameterizedTest
    @CsvSource({"ar, الاثنين, الثلاثاء", "he, יום שני, יום שלישי"})
    void gridsOfRightToLeftLanguagesBeginAtTheRight(String tag, String monday, String tuesday) {
        for (String id : List.of("month", "week-columns-left")) {
            Book book = Specimen.of(
                    Catalogue.find(id).orElseThrow(), StyleShelf.of("quiet"), Size.parse("8.5x11in", Unit.INCH), true);
            Book own = book.withCalendar(book.calendar().withLanguage(tag));
            List<Mark.Words> words = all(Edition.of(own).page(2).marks());
            Mark.Words first = find(words, monday);
            Mark.Words second = find(words, tuesday);
            assertTrue(first.x() > second.x(), id + ": Monday is right of Tuesday");
            assertTrue(words.stream().anyMatch(w -> w.run().text().equals("27")), "two figures stay in order");
        }
        Book english = Specimen.of(
                Catalogue.find("month").orElseThrow(), StyleShelf.of("quiet"), Size.parse("8.5x11in", Unit.INCH), true);
        List<Mark.Words> words =
                all(Edition.of(english.withCalendar(english.calendar().withLanguage("en")))
                        .page(2)
                        .marks());
        assertTrue(find(words, "Monday").x() < find(words, "Tuesday").x());
    }

    private static Mark.Words find(List<Mark.Words> all, String text) {
        return all.stream()
                .filter(w -> w.run().text().equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        text + " in " + all.stream().map(w -> w.run().text()).toList()));
    }

    private static List<Mark.Words> all(List<Mark> marks) {
        List<Mark.Words> found = new ArrayList<>();
        marks.forEach(m -> {
            if (m instanceof Mark.Words w) {
                found.add(w);
            } else if (m instanceof Mark.Stamped s) {
                all(s.stamp().marks())
                        .forEach(w -> found.add(new Mark.Words(w.x() + s.dx(), w.y() + s.dy(), w.run(), w.ink())));
            } else {
                found.addAll(all(m.inside()));
            }
        });
        return found;
    }

    @Test
    void twoLanguagesStandSideBySide() {
        CalendarChoice both = CalendarChoice.UNDATED.withLanguage("fr").withBeside("en");
        assertEquals("Notes", both.words("@notes"), "said once where both say the same");
        assertEquals("À faire · To do", both.words("@to-do"));
        assertEquals("Octobre · October", both.name(Month.OCTOBER, TextStyle.FULL_STANDALONE));
        assertEquals("Oct.", both.name(Month.OCTOBER, TextStyle.SHORT_STANDALONE), "no room beside short forms");
        assertEquals("Mes mots", both.words("Mes mots"), "typed words stand alone");
    }

    @Test
    void aTagThatIsOfNoLanguageIsRefused() {
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.withLanguage("xx"));
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.withBeside("12"));
        assertEquals("de-AT", CalendarChoice.UNDATED.withLanguage("de-AT").language());
        assertTrue(BookLanguage.GERMAN.isOf("de-AT"));
        assertTrue(BookLanguage.BRITISH.isOf("en-GB") && !BookLanguage.ENGLISH.isOf("en-GB"));
        assertFalse(BookLanguage.isOffered("sw"));
    }
}
