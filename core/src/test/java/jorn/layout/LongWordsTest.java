package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.say.Label;
import jorn.say.SettingKind;
import org.junit.jupiter.api.Test;

/** However long the words are that are given, a page is made at once, or they are refused. */
class LongWordsTest {
    private static final int TOO_MANY = 20_001;

    private static Stream<Node> nodes(Node node) {
        return Stream.concat(Stream.of(node), node.children().stream().flatMap(LongWordsTest::nodes));
    }

    private static Object value(Node node, RecordComponent c) {
        try {
            return c.getAccessor().invoke(node);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean refuses(Node node, RecordComponent wordy) {
        RecordComponent[] all = node.getClass().getRecordComponents();
        Object[] values = Stream.of(all)
                .map(c -> c.getName().equals(wordy.getName()) ? "a".repeat(TOO_MANY) : value(node, c))
                .toArray();
        try {
            Class<?>[] types = Stream.of(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
            var made = node.getClass().getDeclaredConstructor(types);
            made.setAccessible(true);
            made.newInstance(values);
            return false;
        } catch (InvocationTargetException e) {
            return e.getCause() instanceof Trouble;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void everyBlockRefusesWordsThatNoPageHolds() {
        List<String> taken = new ArrayList<>();
        Stream<Node> shipped = Catalogue.all().stream()
                .flatMap(d -> nodes(Catalogue.recipe(d.id()).root()));
        Stream<Node> offered =
                NodeKinds.offers().stream().flatMap(o -> nodes(o.fresh().get()));
        Stream.concat(shipped, offered).forEach(node -> {
            for (RecordComponent c : node.getClass().getRecordComponents()) {
                Label label = c.getAnnotation(Label.class);
                boolean said = label != null && label.as() != SettingKind.PICTURE && c.getType() == String.class;
                String name = node.getClass().getSimpleName() + "." + c.getName();
                if (said && !taken.contains(name) && !refuses(node, c)) {
                    taken.add(name);
                }
            }
        });
        assertEquals(List.of(), taken);
    }

    /** The longest line that is let through is cut to its place by a few tries. */
    @Test
    void aLineOfTwentyThousandLettersIsCutAtOnce() {
        List<Mark> out = new ArrayList<>();
        String words = "Hive ".repeat(4_000);
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> {
            StyledPen pen = new StyledPen(SampleFlow.undated(new Box(0, 0, 120, 20)), out);
            pen.words(words, new Box(0, 0, 120, 20), 12, pen.label());
        });
        Mark.Words set = (Mark.Words) out.get(0);
        assertTrue(set.run().width() <= 120.01, set.run().width() + " pt");
        assertTrue(set.run().width() > 105, set.run().width() + " pt, as much as fits");
        assertTrue(set.run().text().endsWith("."), set.run().text());
    }
}
