package jorn.puzzle.words;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.words.Direction.Directions;
import jorn.puzzle.words.WordList.Entry;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.SettingKind;
import jorn.say.Wording;

/**
 * Word searches of the user's own words, which are dealt out among the puzzles of a run.
 *
 * @param size letters in a row, 5 to 30
 * @param words one each, as they were typed
 * @param count words in one puzzle, 1 to 40
 * @param directions which ways words lie
 * @param backwards whether they lie backwards too
 * @param sentence hidden in the letters that remain; may be empty
 * @param language by whose rules capitals are made, by BCP 47
 */
@RecordBuilder
public record WordSearchRules(
        @Label("puzzle.word-search.size") Integer size,
        List<String> words,
        @Label("puzzle.word-search.count") Integer count,
        @Label("puzzle.word-search.directions") Directions directions,
        @Label("puzzle.word-search.backwards") boolean backwards,
        @Label(value = "puzzle.word-search.sentence", as = SettingKind.WORDS) String sentence,
        String language)
        implements PuzzleRules, OfWords, WordSearchRulesBuilder.With {
    private static final int SMALLEST = 5;
    private static final int LARGEST = 30;
    private static final int CUSTOMARY = 14;
    private static final int CUSTOMARY_COUNT = 12;
    private static final int MOST_COUNT = 40;
    private static final int MOST_TRIES = 40;
    private static final int LONGEST_SENTENCE = 200;

    public WordSearchRules {
        size = size == null ? Integer.valueOf(CUSTOMARY) : size;
        words = OfWords.checked(words);
        count = count == null ? Integer.valueOf(CUSTOMARY_COUNT) : count;
        directions = directions == null ? Directions.BY_GRADE : directions;
        sentence = sentence == null ? "" : sentence;
        language = language == null ? "en" : language;
        if (size < SMALLEST || size > LARGEST) {
            throw Trouble.of("puzzle.word-search.no-such-size", size, SMALLEST, LARGEST);
        }
        if (count < 1 || count > MOST_COUNT) {
            throw Trouble.of("puzzle.word-search.no-such-count", count, MOST_COUNT);
        }
        if (sentence.length() > LONGEST_SENTENCE) {
            throw Trouble.of("puzzle.word-search.long-sentence", sentence.length(), LONGEST_SENTENCE);
        }
    }

    /** Of such words, with the customary settings. */
    public static WordSearchRules of(List<String> words, String language) {
        return new WordSearchRules(CUSTOMARY, words, CUSTOMARY_COUNT, Directions.BY_GRADE, false, "", language);
    }

    @Override
    public String id() {
        return "word-search";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.word-search.word", size);
    }

    @Override
    public Grade highest() {
        return Grade.HARD;
    }

    /** Words may also stand in one line, with commas between them. */
    private WordList list() {
        List<String> each =
                words.stream().flatMap(l -> Arrays.stream(l.split("[,;]"))).toList();
        return WordList.of(each, language, size);
    }

    @Override
    public List<Message> cautions() {
        return list().cautions();
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        List<Entry> own = list().orRefuse().dealt(order, count, true);
        List<String> said = WordList.letters(sentence, Locale.forLanguageTag(language));
        List<Direction> ways = Direction.of(directions, backwards, order.grade());
        // What is too much for the square is left to other puzzles, a word at a time.
        for (int taken = own.size(); taken > 0; taken--) {
            for (int attempt = 0; attempt < MOST_TRIES; attempt++) {
                Dice dice = order.dice(attempt * MOST_COUNT + taken);
                Optional<WordSearch> made = attempt(own.subList(0, taken), said, ways, order.grade(), dice);
                if (made.isPresent()) {
                    return made.get();
                }
            }
        }
        throw said.isEmpty()
                ? Trouble.of("puzzle.word-search.none-found", size)
                : Trouble.of("puzzle.word-search.sentence-too-long", said.size(), size);
    }

    private Optional<WordSearch> attempt(
            List<Entry> own, List<String> said, List<Direction> ways, Grade grade, Dice dice) {
        WordSearchMaker maker = new WordSearchMaker(size, ways, dice);
        List<Entry> longestFirst = new ArrayList<>(own);
        longestFirst.sort((a, b) -> b.length() - a.length());
        for (Entry each : longestFirst) {
            if (!maker.hide(each)) {
                return Optional.empty();
            }
        }
        if (maker.free() < said.size()) {
            return Optional.empty();
        }
        return maker.fill(said).map(letters -> new WordSearch(letters, maker.hidden(), sentence.strip(), grade));
    }

    @Override
    public PuzzleRules of(List<String> others) {
        return withWords(others);
    }

    @Override
    public Optional<Squares> squares() {
        return Optional.of(new Squares(size, size, 0.62, Math.min(count, Math.max(1, words.size())), 0));
    }

    @Override
    public String howTo() {
        return "@how-word-search";
    }
}
