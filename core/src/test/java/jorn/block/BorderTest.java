package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Picture;
import jorn.block.paper.Space;
import jorn.block.picture.Border;
import jorn.block.picture.Border.Corners;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.edition.Edition;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.measure.Length;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Lines or a picture round a part. */
class BorderTest {
    private static final Box AREA = new Box(40, 50, 300, 400);
    private static final Node INSIDE = new Space();

    private static Flow flow(Map<String, Picture> pictures) {
        Book book = EarlierBooks.notebook().withPictures(pictures);
        Edition edition = Edition.of(book);
        return new Flow(
                edition.pages().look(),
                jorn.layout.PageFacts.NONE,
                edition.pages().frame(jorn.art.Side.RECTO));
    }

    private static List<Mark> draw(Border border) {
        List<Mark> out = new ArrayList<>();
        border.draw(AREA, flow(Map.of()), out);
        return out;
    }

    private static Border border(Corners corners, int lines, double weight) {
        return new Border(INSIDE, corners, lines, Length.mm(1), weight, Role.LINE, Length.mm(3), Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(Corners.class)
    void eachLineLiesWithinTheOneBeforeAndAllWithinTheArea(Corners corners) {
        List<Mark> lines = draw(border(corners, 3, 2));
        assertEquals(3, lines.size());
        Box around = AREA;
        for (Mark line : lines) {
            Box bounds = line.bounds();
            assertTrue(around.holds(bounds), corners + ": " + bounds + " in " + around);
            assertEquals(AREA.centreX(), bounds.centreX(), 0.01);
            assertEquals(AREA.y() + AREA.bottom(), bounds.y() + bounds.bottom(), 0.02);
            around = bounds;
        }
        double outer = ((Mark.Stroke) lines.get(0)).width();
        assertEquals(2, outer, 1e-9);
        assertEquals(1, ((Mark.Stroke) lines.get(1)).width(), 1e-9, "the inner ones are half as heavy");
    }

    @Test
    void aLineThatHasNoRoomIsLeftOut() {
        List<Mark> out = new ArrayList<>();
        border(Corners.SQUARE, 5, 1).draw(new Box(0, 0, 8, 8), flow(Map.of()), out);
        assertTrue(!out.isEmpty() && out.size() < 5, "drew " + out.size());
    }

    @Test
    void whatIsInsideHasTheRoomThatIsLeft() {
        Border border = border(Corners.ROUND, 2, 1.5);
        Box inside = border.places(AREA, flow(Map.of())).get(0);
        double round = 1.5 + Length.mm(1).points() + Length.mm(3).points();
        assertEquals(AREA.inset(round), inside);
        assertEquals(2 * round, border.naturalHeight(300, flow(Map.of())), 1e-9);
        assertEquals(List.of(INSIDE), border.children());
        assertEquals(Corners.ROUND, border.withChildren(List.of(INSIDE)).corners());
    }

    private static Picture frame() throws Exception {
        java.awt.image.BufferedImage image =
                new java.awt.image.BufferedImage(80, 60, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.io.ByteArrayOutputStream bytes = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(image, "png", bytes);
        return Picture.of("frame.png", bytes.toByteArray());
    }

    @Test
    void aPictureMakesEightPartsThatLeaveTheMiddleFree() throws Exception {
        Picture picture = frame();
        Border border = new Border(
                INSIDE, Corners.SQUARE, 1, Length.mm(1), 1.0, Role.LINE, Length.mm(3), Optional.of(picture.id()));
        List<Mark> out = new ArrayList<>();
        border.draw(AREA, flow(Map.of(picture.id(), picture)), out);
        List<Mark.Image> parts = out.stream()
                .filter(Mark.Image.class::isInstance)
                .map(Mark.Image.class::cast)
                .toList();
        assertEquals(8, parts.size());
        Box middle = border.places(AREA, flow(Map.of())).get(0);
        double area = 0;
        for (Mark.Image part : parts) {
            assertTrue(AREA.holds(part.to()));
            assertTrue(part.to().common(middle).isEmpty(), part.to() + " over " + middle);
            area += part.from().width() * part.from().height();
        }
        // The middle half of 80 × 60 pixels less corners of a quarter of 60 is left out.
        assertEquals(80 * 60 - (80 - 30) * (60 - 30), area, 1e-6);
        assertEquals(Set.of(picture.id()), border.pictures());
    }

    @Test
    void aPictureThatIsGoneGivesWayToLines() {
        Border border =
                new Border(INSIDE, Corners.SQUARE, 1, Length.mm(1), 1.0, Role.LINE, Length.mm(3), Optional.of("gone"));
        assertFalse(draw(border).isEmpty());
        assertTrue(draw(border).stream().noneMatch(Mark.Image.class::isInstance));
    }

    @Test
    void whatIsLeftOutIsCustomaryAndWhatCannotBeDrawnIsRefused() {
        Border bare = new Border(INSIDE, null, null, null, null, null, null, Optional.empty());
        assertEquals(Corners.SQUARE, bare.corners());
        assertEquals(1, bare.lines());
        assertEquals(0.75, bare.weight());
        assertEquals(Role.LINE, bare.colour());
        assertEquals(Length.mm(3), bare.padding());
        assertEquals(Optional.empty(), new Border(INSIDE, null, 1, null, 1.0, null, null, Optional.of(" ")).picture());
        assertThrows(Trouble.class, () -> border(Corners.SQUARE, 0, 1));
        assertThrows(Trouble.class, () -> border(Corners.SQUARE, 6, 1));
        assertThrows(Trouble.class, () -> border(Corners.SQUARE, 1, 0));
        assertThrows(Trouble.class, () -> border(Corners.SQUARE, 1, 12.1));
        assertThrows(Trouble.class, () -> border(Corners.SQUARE, 1, Double.NaN));
        assertEquals(5, border(Corners.SQUARE, 5, 12).lines());
    }
}
