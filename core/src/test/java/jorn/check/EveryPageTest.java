package jorn.check;

import static jorn.check.Checked.GOOD;
import static jorn.check.Checked.finding;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Palette;
import jorn.block.paper.Framed;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.block.picture.Decoration;
import jorn.block.text.TextBlock;
import jorn.book.Book;
import jorn.book.PageKey;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.check.Finding.Severity;
import jorn.content.Items;
import jorn.layout.Align;
import jorn.layout.Node;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.text.Typeface.Style;
import jorn.text.Voice;
import org.junit.jupiter.api.Test;

/** What is wrong is found on whatever page it is, not only on the first one of a design. */
class EveryPageTest {
    private static Recipe recipe(Node root) {
        return new Recipe("own", "Own", root);
    }

    private static TextBlock words(String text, double size) {
        return new TextBlock(text, Voice.BODY, Style.REGULAR, Length.points(size), Align.LEFT);
    }

    /** Pages for prompts, of which one is different. */
    private static Book prompts(int which, String different) {
        List<String> all = new ArrayList<>();
        for (int i = 1; i <= 40; i++) {
            all.add(i == which ? different : "What did the bees bring home?");
        }
        Recipe design = recipe(
                Stack.down(Part.natural(words("{prompt}", 12)), Part.share(1, new RuledLines(Ruling.customary()))));
        return GOOD.withRuns(List.of(Run.from(new Items(all), "Prompts", design, Start.ANYWHERE)));
    }

    @Test
    void aPromptTooLongOnAnyPage() {
        assertTrue(finding(prompts(0, ""), "page.fit").isEmpty());
        Finding f = finding(prompts(21, "A long way to the heather. ".repeat(200)), "page.fit")
                .orElseThrow();
        assertEquals(21, f.place().page());
        assertEquals(Severity.ERROR, f.severity());
    }

    @Test
    void aLetterThatIsMissingOnAnyPage() {
        assertTrue(finding(prompts(0, ""), "text.letters").isEmpty());
        Finding f = finding(prompts(31, "What does ኦ mean?"), "text.letters").orElseThrow();
        assertEquals(31, f.place().page());
        assertEquals("ኦ", f.measured());
    }

    @Test
    void aBorderTooThin() {
        Recipe framed = recipe(new Framed(new Space(), Length.mm(2), false, 0.05, ""));
        Finding f = finding(GOOD.withRecipe(2, r -> framed), "line.thin").orElseThrow();
        assertEquals("0.05 pt", f.measured());
        assertEquals(5, f.place().page());
        assertTrue(f.place().box().isPresent());
    }

    @Test
    void aFacingPageTooFaint() {
        Recipe faint = Catalogue.recipe("lined").withRuling(Ruling.customary().withStrength(0.03));
        Finding f = finding(GOOD.withRun(2, r -> r.facing(faint)), "line.thin").orElseThrow();
        assertEquals("3 % grey", f.measured());
        assertEquals(6, f.place().page());
        assertTrue(finding(GOOD.withRun(2, r -> r.facing(Catalogue.recipe("lined"))), "line.thin")
                .isEmpty());
    }

    @Test
    void fifteenPerCentIsEnoughAndFourteenIsNot() {
        Ruling ruling = Ruling.customary();
        assertTrue(finding(GOOD.withRecipe(2, r -> r.withRuling(ruling.withStrength(0.15))), "line.thin")
                .isEmpty());
        assertTrue(finding(GOOD.withRecipe(2, r -> r.withRuling(ruling.withStrength(0.13))), "line.thin")
                .isPresent());
        assertTrue(finding(GOOD.withRecipe(2, r -> r.withRuling(ruling.withWeight(0.3))), "line.thin")
                .isEmpty());
        assertTrue(finding(GOOD.withRecipe(2, r -> r.withRuling(ruling.withWeight(0.29))), "line.thin")
                .isPresent());
    }

    @Test
    void aSinglePageThatRunsOffNeedsBleedFromThePress() {
        Recipe edge = Catalogue.recipe("lined").withRuling(Ruling.customary().withReach(Ruling.Reach.EDGE));
        Book own = GOOD.withRun(2, r -> r.withExceptions(Map.of(new PageKey.Counted(9), edge)));
        assertTrue(own.bleeds());
        assertTrue(finding(own, "bleed.missing").isEmpty(), "it is needed: no note that it is not");
        Book home = own.withBrief(own.brief().at(PressShelf.shipped().find("home")));
        Finding f = finding(home, "bleed.missing").orElseThrow();
        assertEquals(Severity.ERROR, f.severity());
        assertEquals(13, f.place().page());
    }

    @Test
    void aFacingDesignThatRunsOffIsSeen() {
        Recipe edge = Catalogue.recipe("lined").withRuling(Ruling.customary().withReach(Ruling.Reach.EDGE));
        assertTrue(
                finding(GOOD.withRun(2, r -> r.facing(edge)), "bleed.missing").isEmpty());
    }

    @Test
    void coloursInABookInBlackInk() {
        Book coloured = GOOD.withPalette(Palette.shipped().get(1));
        Finding f = finding(coloured, "ink.colour").orElseThrow();
        assertEquals(Severity.WARNING, f.severity());
        assertEquals("black ink", f.required());
        assertTrue(finding(GOOD, "ink.colour").isEmpty());
        Book inColour = coloured.withBrief(coloured.brief().withInk("colour"));
        assertTrue(finding(inColour, "ink.colour").isEmpty());
        assertTrue(Ink.hex("808080").isColoured() == false, "a grey is no colour");
    }

    @Test
    void anOrnamentAlreadyDrawnFaintIsStillSeenAsItIs() {
        Decoration faint = new Decoration(
                null, Optional.empty(), Decoration.Anchor.FOOT, Length.mm(20), 0.05, false, false, false);
        assertTrue(finding(GOOD.withRun(2, r -> r.withDecorations(List.of(faint))), "line.thin")
                .isPresent());
    }
}
