package jorn.puzzle.words;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.words.WordList.Entry;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * The user's own words interlocked, each with its clue.
 *
 * @param size most squares in a row or a column, 6 to 30
 * @param words one each, its clue behind it after a colon
 * @param count words in one puzzle, 2 to 40
 * @param language by whose rules capitals are made, by BCP 47
 */
@RecordBuilder
public record CrissCrossRules(
        @Label("puzzle.criss-cross.size") Integer size,
        List<String> words,
        @Label("puzzle.criss-cross.count") Integer count,
        String language)
        implements PuzzleRules, OfWords, CrissCrossRulesBuilder.With {
    private static final int SMALLEST = 6;
    private static final int LARGEST = 30;
    private static final int CUSTOMARY = 15;
    private static final int CUSTOMARY_COUNT = 12;
    private static final int MOST_COUNT = 40;
    private static final int TRIES = 30;

    public CrissCrossRules {
        size = size == null ? Integer.valueOf(CUSTOMARY) : size;
        words = OfWords.checked(words);
        count = count == null ? Integer.valueOf(CUSTOMARY_COUNT) : count;
        language = language == null ? "en" : language;
        if (size < SMALLEST || size > LARGEST) {
            throw Trouble.of("puzzle.criss-cross.no-such-size", size, SMALLEST, LARGEST);
        }
        if (count < 2 || count > MOST_COUNT) {
            throw Trouble.of("puzzle.criss-cross.no-such-count", count, MOST_COUNT);
        }
    }

    /** Of such words, with the customary settings. */
    public static CrissCrossRules of(List<String> words, String language) {
        return new CrissCrossRules(CUSTOMARY, words, CUSTOMARY_COUNT, language);
    }

    @Override
    public String id() {
        return "criss-cross";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.criss-cross.word");
    }

    /** It is as hard as its clues; the gentle ones have the first letter of each word. */
    @Override
    public Grade highest() {
        return Grade.STEADY;
    }

    @Override
    public List<Message> cautions() {
        return WordList.of(words, language, size).cautions();
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        WordList all = WordList.of(words, language, size).orRefuse();
        CrissCrossMaker best = new CrissCrossMaker(size, order.dice(0));
        for (int attempt = 0; attempt < TRIES; attempt++) {
            Dice dice = order.dice(attempt);
            CrissCrossMaker maker = new CrissCrossMaker(size, dice);
            lay(maker, all.dealt(order, count, false), dice);
            boolean better = maker.laid() > best.laid() || (maker.laid() == best.laid() && maker.area() < best.area());
            best = better ? maker : best;
        }
        if (best.laid() < 2) {
            throw Trouble.of("puzzle.criss-cross.nothing-crosses", all.entries().size());
        }
        return best.puzzle(order.grade());
    }

    /** Goes through the words until none that is left finds a place. */
    private static void lay(CrissCrossMaker maker, List<Entry> words, Dice dice) {
        List<Entry> left = new ArrayList<>(words);
        dice.shuffle(left);
        left.sort((a, b) -> b.length() - a.length());
        boolean led = true;
        while (led && !left.isEmpty()) {
            led = left.removeIf(maker::lay);
        }
    }

    @Override
    public PuzzleRules of(List<String> others) {
        return withWords(others);
    }

    @Override
    public Optional<Squares> squares() {
        return Optional.of(new Squares(size, size, 0.62, 0, CrissCross.CLUES));
    }

    @Override
    public String howTo() {
        return "@how-criss-cross";
    }
}
