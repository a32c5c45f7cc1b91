package jorn.pattern.run;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.content.Batch;
import jorn.content.Request;
import jorn.content.Source;
import jorn.content.Subjects;
import jorn.content.Titled;
import jorn.content.Worklist;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.pattern.page.PatternSpec;
import jorn.say.Label;

/**
 * Pages of patterns to colour, each another one, each with a back of its own. The same source makes the same pages on every machine.
 *
 * @param count how many, 1 to 500
 * @param seed another one makes other pages
 * @param rule what they may have
 * @param chosen those that somebody has exchanged, pinned or changed, by their number from 1
 * @param back what stands on their backs
 */
@RecordBuilder
public record Patterns(
        @Required Integer count, @Required Long seed, PatternRule rule, Map<Integer, PatternChoice> chosen, Back back)
        implements Source, PatternsBuilder.With {
    /** So many pages a run may have. */
    public static final int MOST = 500;

    /** What stands behind a page to colour: nothing much, so that pens do not spoil another one (common practice). */
    public enum Back {
        @Label("pattern.back.blank")
        BLANK,
        @Label("pattern.back.name")
        NAME,
        @Label("pattern.back.colours")
        COLOURS,
        /** There is none: the next picture stands there. */
        @Label("pattern.back.none")
        NONE;

        /** Pages with their backs behind them; without backs all follow each other. */
        List<Batch> behind(List<? extends Titled> sheets, Subjects about) {
            if (this == NONE) {
                return List.of(new Batch(sheets.stream().map(about::with).toList()));
            }
            return sheets.stream()
                    .map(s -> new Batch(List.of(about.with(s), about.with(new PatternBack(s, this)))))
                    .toList();
        }
    }

    public Patterns {
        rule = rule == null ? PatternRule.CUSTOMARY : rule;
        chosen = chosen == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(chosen));
        back = back == null ? Back.BLANK : back;
        if (count < 1 || count > MOST) {
            throw Trouble.of("pattern.refused.count-out-of-range", count, MOST);
        }
    }

    public static Patterns of(int count, long seed) {
        return new Patterns(count, seed, PatternRule.CUSTOMARY, Map.of(), Back.BLANK);
    }

    /** What makes a page. */
    public PatternSpec page(int number) {
        PatternChoice choice = choice(number);
        return choice.own().orElseGet(() -> rule.page(number - 1, seed, choice.seed()));
    }

    /** What somebody has chosen for a page. */
    public PatternChoice choice(int number) {
        return chosen.getOrDefault(number, PatternChoice.NONE);
    }

    /** The same with another choice for a page. */
    public Patterns choosing(int number, PatternChoice choice) {
        Map<Integer, PatternChoice> all = new TreeMap<>(chosen);
        if (choice.equals(PatternChoice.NONE)) {
            all.remove(number);
        } else {
            all.put(number, choice);
        }
        return withChosen(all);
    }

    /** The same with all pages made anew but those that are pinned, which stay as they are. */
    public Patterns anew(long other) {
        Map<Integer, PatternChoice> kept = new TreeMap<>();
        chosen.forEach((number, choice) -> {
            if (choice.pinned()) {
                kept.put(number, choice.withOwn(Optional.of(page(number))));
            }
        });
        return withSeed(other).withChosen(kept);
    }

    /** The same with all pages that are not pinned like one of them, which stays as it is. */
    public Patterns allLike(int number) {
        PatternSpec spec = page(number);
        Map<Integer, PatternChoice> kept = new TreeMap<>(chosen);
        kept.values().removeIf(c -> !c.pinned());
        kept.put(number, choice(number).withOwn(Optional.of(spec)));
        return withRule(PatternRule.like(spec)).withChosen(kept);
    }

    @Override
    public List<Batch> batches(Request request) {
        PatternSet set = PatternSet.of(this);
        Subjects about = request.subjects();
        List<PatternSheet> sheets = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            sheets.add(new PatternSheet(set, i));
        }
        return back.behind(sheets, about);
    }

    @Override
    @JsonIgnore
    public Optional<Worklist> worklist() {
        return Optional.of(PatternSet.of(this));
    }

    /** Backs stand behind their pictures only where these are on rectos. */
    @Override
    @JsonIgnore
    public Opening opening() {
        return back == Back.NONE ? Opening.ANYWHERE : Opening.RECTO;
    }
}
