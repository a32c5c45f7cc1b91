package jorn.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The lists of questions that ship. */
class PromptListTest {
    @Test
    void thereAreTwelveListsOfSixtyOrMoreEachQuestionOnce() {
        List<PromptList> lists = PromptList.in("en");
        assertEquals(12, lists.size());
        for (PromptList list : lists) {
            List<String> words = list.words();
            assertTrue(words.size() >= 60, list.id() + ": " + words.size());
            assertEquals(words.size(), new HashSet<>(words).size(), list.id() + " asks nothing twice");
            for (String each : words) {
                assertTrue(each.matches("\\p{Lu}.*[.?!]"), list.id() + ": " + each);
                assertTrue(each.length() <= 90, list.id() + ": " + each);
            }
        }
    }

    @Test
    void aLanguageWithoutListsOfItsOwnIsOfferedTheEnglishOnesAsSuch() {
        assertEquals("en", PromptList.in("fi").get(0).language());
        assertEquals("en", PromptList.in("en-GB").get(0).language());
    }
}
