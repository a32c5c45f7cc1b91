package jorn.puzzle.run;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;

/**
 * That a puzzle of a run is another one than would come by itself, or is to stay.
 *
 * @param seed of its own
 * @param pinned whether it stays when all others are made anew
 */
@RecordBuilder
public record PuzzleChoice(@Required Long seed, boolean pinned) implements PuzzleChoiceBuilder.With {}
