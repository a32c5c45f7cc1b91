package jorn.desk.model;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pages are called as people say it. */
class ArtIntakeTest {
    @ParameterizedTest
    @CsvSource({"03_two_bees,two bees", "12 - Meadow,Meadow", "7.hive,hive", "2027,2027", "skep,skep", "100-bees,bees"})
    void numbersThatKeepFilesInOrderAreNoPartOfTheTitle(String file, String title) {
        assertEquals(title, ArtIntake.title(file));
    }
}
