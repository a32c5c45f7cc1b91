package jorn.say;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words that somebody gave begin no line, move no cursor and turn nothing round. */
class PlainWordsTest {
    @ParameterizedTest
    @CsvSource({
        "'Hive\nAuthor: evil', 'Hive Author: evil'",
        "'Hive\r\tNotes', 'Hive  Notes'",
        "'Hive\u2028Notes\u2029', 'Hive Notes '",
        "'\u001B[31mHive\u0007', ' [31mHive '",
        "'\u009B2JHive', ' 2JHive'",
        "'Hive\u202Efdp.', 'Hivefdp.'",
        "'\u2066Hive\u2069', 'Hive'",
        "'\uD83D Hive', '  Hive'",
        "'\uD83D\uDC1D Hive', '\uD83D\uDC1D Hive'",
        "'Hive \uFFFF', 'Hive  '",
        "'\u200Fכוורת\u200E', '\u200Fכוורת\u200E'",
        "' Hive ', ' Hive '"
    })
    void onOneLine(String given, String plain) {
        assertEquals(plain, PlainWords.line(given));
    }

    @ParameterizedTest
    @CsvSource({
        "'Hive\n\tNotes\r\n', 'Hive\n\tNotes\r\n'",
        "'\u001B]0;evil\u0007Hive', ']0;evilHive'",
        "'Hive\u009B1A', 'Hive1A'",
        "'Hive\u202Efdp', 'Hivefdp'",
        "'Hive\u007F', 'Hive'"
    })
    void onATerminal(String given, String plain) {
        assertEquals(plain, PlainWords.lines(given));
    }
}
