package jorn.desk.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import jorn.measure.Unit;
import jorn.say.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What Jorn remembers; what it cannot read is kept, and said. */
class SettingsTest {
    @TempDir
    Path folder;

    private Settings with(String json) throws IOException {
        Files.writeString(folder.resolve("settings.json"), json);
        return Settings.load(folder);
    }

    @Test
    void whatWasSetIsThereAgain() {
        Settings settings = Settings.load(folder);
        settings.setUnit(Unit.MILLIMETRE);
        settings.setTextSize(125);
        settings.setWindow(10, 20, 1300, 850);
        settings.setExportFolder("/tmp/out");
        settings.setMaximised(true);
        settings.setPixelsPerPoint(1.6);
        settings.addRecentDesign("lined");
        settings.addRecentDesign("week");
        settings.addRecentDesign("lined");
        Settings again = Settings.load(folder);
        assertEquals(Unit.MILLIMETRE, again.unit());
        assertEquals(125, again.textSize());
        assertEquals(1300, again.window().orElseThrow()[2]);
        assertEquals("/tmp/out", again.exportFolder());
        assertTrue(again.isMaximised(), "and the place that it goes back to is kept beside");
        assertEquals(1.6, again.pixelsPerPoint());
        assertEquals(java.util.List.of("lined", "week"), again.recentDesigns());
        assertTrue(again.trouble().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "not json", "{\"unit\": ", "{\"recent\": [\"a\\u0000b\"], \"unit\": \"mm\"}"})
    void whatCannotBeReadIsSaidAndSetAside(String json) throws IOException {
        Settings settings = with(json);
        assertEquals(Unit.INCH, settings.unit());
        String said = settings.trouble().orElseThrow().getMessage();
        assertTrue(said.contains("could not be read") && said.contains("settings.json.unread"), said);
        assertEquals(json, Files.readString(folder.resolve("settings.json.unread")));
        assertTrue(Settings.load(folder).trouble().isEmpty(), "said once");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"window\": [1, 2, -5, 900]}",
                "{\"window\": [1, 2, 800, 0]}",
                "{\"window\": [1, 2, 1e300, 900]}",
                "{\"window\": [\"NaN\", 2, 800]}",
                "{\"window\": {}}",
                "{\"textSize\": -4000}",
                "[]"
            })
    void badValuesGiveWayToUsualOnes(String json) throws IOException {
        Settings settings = with(json);
        assertFalse(settings.window().isPresent());
        assertTrue(settings.textSize() >= 80 && settings.textSize() <= 200);
    }

    @Test
    void aLanguageThatNobodySpeaksGivesWayToTheSystems() throws IOException {
        Files.writeString(folder.resolve("language"), "tlh");
        LanguageChoice choice = new LanguageChoice(folder);
        assertEquals(Optional.empty(), choice.byHand());
        assertEquals(Language.ofSystem(), choice.now());
        choice.choose(Optional.of(Language.GERMAN));
        assertEquals(Language.GERMAN, choice.now());
        choice.choose(Optional.empty());
        assertEquals(Optional.empty(), choice.byHand());
    }

    @Test
    void whatNoScreenHasIsNotTaken() throws IOException {
        Settings settings = Settings.load(folder);
        double customary = 96 / 72.0;
        assertEquals(customary, settings.pixelsPerPoint());
        settings.setPixelsPerPoint(0.1);
        settings.setPixelsPerPoint(40);
        settings.setPixelsPerPoint(Double.NaN);
        assertEquals(customary, settings.pixelsPerPoint());
        assertEquals(customary, with("{\"pixelsPerPoint\": 1e9}").pixelsPerPoint());
    }
}
