package jorn.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PressProfileTest {
    private final PressProfile online = PressShelf.shipped().find("online");

    @TempDir
    Path folder;

    /** Gutter steps by page count as presses state them (from memory). */
    @ParameterizedTest
    @CsvSource({
        "24,0.375",
        "150,0.375",
        "151,0.5",
        "300,0.5",
        "301,0.625",
        "500,0.625",
        "501,0.75",
        "700,0.75",
        "701,0.875",
        "828,0.875"
    })
    void theGutterGrowsWithThePageCount(int pages, double inches) {
        assertEquals(Length.inches(inches), online.margins().gutterFor(pages).gutter());
    }

    /** ISO 534: caliper = grammage × bulk. 80 g/m² at 1.3 cm³/g is 104 µm a leaf. */
    @Test
    void gramsTimesBulkIsTheThicknessOfALeaf() {
        PaperStock stock = new PaperStock("p", "paper", 80, Thickness.bulk(1.3), Optional.empty());
        assertEquals(104, stock.page("x").length().times(2).in(Unit.MICRON), 0.01);
    }

    @Test
    void theThreeWaysOfStatingThicknessAgree() {
        Length page = Length.inches(1 / 444.0);
        double leafMicrons = page.times(2).in(Unit.MICRON);
        Length each = new PaperStock("a", "a", 90, Thickness.perPage(page), Optional.empty())
                .page("")
                .length();
        Length ppi = new PaperStock("b", "b", 90, Thickness.pagesPerInch(444), Optional.empty())
                .page("")
                .length();
        Length bulk = new PaperStock("c", "c", 90, Thickness.bulk(leafMicrons / 90), Optional.empty())
                .page("")
                .length();
        assertEquals(each.points(), ppi.points(), 2e-6);
        assertEquals(each.points(), bulk.points(), 2e-6);
    }

    @Test
    void refusesATrimAndNamesTheNearest() {
        Trouble t = assertThrows(Trouble.class, () -> online.requireTrim(Size.of(12, 12, Unit.INCH)));
        assertTrue(t.getMessage().contains("8.5 × 11 in"), t.getMessage());
    }

    @Test
    void takesAnySizeWithinItsRange() {
        assertTrue(online.takes(Size.of(5.1, 7.3, Unit.INCH)));
    }

    @Test
    void everyShippedProfileSurvivesWritingAndReading() {
        assertTrue(PressShelf.shipped().profiles().iterator().hasNext(), "there is something to look at");
        for (PressProfile press : PressShelf.shipped().profiles()) {
            assertEquals(press, Json.read(Json.write(press), PressProfile.class, "it"));
        }
    }

    @Test
    void saysWhereAProfileIsNoJson() throws IOException {
        Trouble t = refused("{\n \"format\": 1,\n oops }");
        assertTrue(t.what().contains("is not JSON (line 3)"), t.what());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"id", "name", "trims", "papers", "bindings", "margins", "bleed", "cover", "resolution", "format"
            })
    void namesTheFieldThatAProfileLacks(String field) throws IOException {
        ObjectNode json = (ObjectNode) Json.read(Json.write(online), JsonNode.class, "it");
        json.remove(field);
        Trouble t = refused(json.toString());
        assertTrue(t.what().contains("lacks the field “" + field + "”"), t.what());
    }

    /** Profiles of before there were bands, channels and limits. */
    @Test
    void anOlderProfileIsStillRead() throws IOException {
        ObjectNode json = (ObjectNode) Json.read(Json.write(online), JsonNode.class, "it");
        json.put("format", 1);
        List.of("version", "trimClasses", "limits", "finishes").forEach(json::remove);
        json.path("bindings").forEach(b -> ((ObjectNode) b).remove("edges"));
        ((ObjectNode) json.get("cover")).remove("card");
        json.path("markets").forEach(m -> {
            ((ObjectNode) m).remove(List.of("steps", "channels", "tax"));
            ((ObjectNode) m)
                    .putArray("costs")
                    .addObject()
                    .put("ink", "black")
                    .put("fixed", 1.0)
                    .put("perPage", 0.012);
        });
        Path file = folder.resolve("older.json");
        Files.writeString(file, json.toString());
        PressProfile older = PressShelf.read(file);
        assertEquals(
                List.of(BindingEdge.LEFT, BindingEdge.RIGHT),
                older.bindings().get(0).edges());
        assertEquals(
                2.44,
                older.requireMarket("us")
                        .cost("black", Optional.empty(), 120)
                        .orElseThrow()
                        .of(120),
                1e-9);
        assertEquals(PressLimits.NONE, older.limits());
        assertEquals(
                828,
                older.pages(Binding.GLUED, "white", "black", Size.of(6, 9, Unit.INCH))
                        .max());
    }

    @ParameterizedTest
    @CsvSource({"60, 828, 24", "24, 500, 828"})
    void refusesBandsThatLeaveOutBooksThatAreBound(int from, int to, int leftOut) throws IOException {
        ObjectNode json = (ObjectNode) Json.read(Json.write(online), JsonNode.class, "it");
        ObjectNode band = (ObjectNode) json.at("/markets/0/costs/0");
        band.putObject("pages").put("from", from).put("to", to);
        Trouble t = refused(json.toString());
        assertTrue(t.what().contains("“us”") && t.what().contains("" + leftOut), t.what());
        band.putObject("pages").put("from", 24).put("to", 828);
        Json.read(json, PressProfile.class, "it");
    }

    @Test
    void namesAFieldDeepInside() throws IOException {
        String json = new String(Json.write(online), StandardCharsets.UTF_8)
                .replace("\"perPage\" : \"0.0025 in\"", "\"perPage\" : \"thin\"");
        Trouble t = refused(json);
        assertTrue(t.what().contains("papers[2].thickness.perPage") && t.what().contains("“thin”"), t.what());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"min\" : 24 | \"min\" : 900",
                "\"upTo\" : 300 | \"upTo\" : 100",
                "\"format\" : 2 | \"format\" : 99",
                "\"resolution\" : 300 | \"resolution\" : 3",
                "\"grammage\" : 105.0 | \"grammage\" : 0",
                "\"binding\" : \"glued\" | \"binding\" : \"chewed\"",
                "\"resolution\" : 300 | \"resolution\" : \"many\"",
                "\"id\" : \"online\" | \"id\" : \"../online\""
            })
    void refusesNonsense(String was, String now) throws IOException {
        String json = new String(Json.write(online), StandardCharsets.UTF_8);
        assertTrue(json.contains(was), was);
        refused(json.replace(was, now));
    }

    @Test
    void aMissingFileIsToldPlainly() {
        assertThrows(Trouble.class, () -> PressShelf.read(folder.resolve("none.json")));
        assertThrows(Trouble.class, () -> PressShelf.shipped().find("nobody"));
    }

    @Test
    void aProfileOfTheUsersOwnIsFoundByItsFile() throws IOException {
        Path file = folder.resolve("mine.json");
        Files.write(file, Json.write(online));
        assertEquals(online, PressShelf.shipped().find(file.toString()));
    }

    @Test
    void aScalarShowsItsUnit() {
        assertEquals("3,756 px", Scalar.count(3756, "px").format(Unit.INCH, jorn.measure.Quantity.Precision.PLAIN));
    }

    private Trouble refused(String json) throws IOException {
        Path file = folder.resolve("mine.json");
        Files.writeString(file, json);
        Trouble t = assertThrows(Trouble.class, () -> PressShelf.read(file));
        assertTrue(t.what().contains("mine.json"), t.what());
        return t;
    }

    @Test
    void aCopyIsTheSameUnderAnotherName() {
        assertTrue(PressShelf.shipped().profiles().iterator().hasNext(), "there is something to look at");
        for (PressProfile press : PressShelf.shipped().profiles()) {
            PressProfile own = press.copyAs("my-press", "My press");
            assertEquals("my-press", own.id());
            assertEquals(press, own.copyAs(press.id(), press.name()));
        }
    }

    @Test
    void theUsersOwnProfilesStandOnTheShelfAndBadOnesAreTold() throws IOException {
        Files.write(folder.resolve("mine.json"), Json.write(online.copyAs("mine", "Mine")));
        Files.writeString(folder.resolve("bad.json"), "{}");
        java.util.List<Trouble> told = new java.util.ArrayList<>();
        PressShelf shelf = PressShelf.with(folder, told::add);
        assertEquals("Mine", shelf.find("mine").name());
        assertEquals(
                PressShelf.shipped().profiles().size() + 1, shelf.profiles().size());
        assertEquals(1, told.size());
        assertTrue(told.get(0).what().contains("bad.json"), told.get(0).what());
    }

    @Test
    void aBindingThatLacksItsMeasuresIsRefused() throws IOException {
        String json = new String(Json.write(PressShelf.shipped().find("casebound")), StandardCharsets.UTF_8);
        refused(json.replaceFirst("\"boards\" : \\{", "\"planks\" : {"));
        String trade = new String(Json.write(PressShelf.shipped().find("trade")), StandardCharsets.UTF_8);
        refused(trade.replace("\"sheet\" : \"21x12in\"", "\"leaf\" : \"21x12in\""));
    }
}
