package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jorn.art.Ink;
import jorn.json.Required;

/**
 * What a cover is composed of, and what the user has changed of that.
 *
 * @param composition id of the composition
 * @param seed of what is drawn by chance; another seed makes another cover of the same kind
 * @param accents up to four colours beside ground, paper and ink; the style's where there are none
 * @param edits by id of the part
 * @param picture the picture on it, where one was brought in
 * @param back what stands on back and spine
 * @param code the book's number
 * @param approved the measures for which it was called right
 */
@RecordBuilder
public record CoverPlan(
        @Required String composition,
        long seed,
        List<Ink> accents,
        Map<String, PartEdit> edits,
        Optional<CoverPicture> picture,
        BackMatter back,
        ShopCode code,
        Optional<ApprovedCover> approved)
        implements CoverPlanBuilder.With {
    private static final int MOST_ACCENTS = 4;

    public CoverPlan {
        accents = accents == null ? List.of() : List.copyOf(accents.subList(0, Math.min(MOST_ACCENTS, accents.size())));
        edits = edits == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(edits));
        picture = picture == null ? Optional.empty() : picture;
        back = back == null ? BackMatter.CUSTOMARY : back;
        code = code == null ? ShopCode.NONE : code;
        approved = approved == null ? Optional.empty() : approved;
    }

    /** A composition as it ships. */
    public static CoverPlan of(String composition) {
        return new CoverPlan(
                composition,
                1,
                List.of(),
                Map.of(),
                Optional.empty(),
                BackMatter.CUSTOMARY,
                ShopCode.NONE,
                Optional.empty());
    }

    /** What was changed of a part. */
    public PartEdit edit(String part) {
        return edits.getOrDefault(part, PartEdit.NONE);
    }

    /** The same with a part changed. */
    public CoverPlan edited(String part, UnaryOperator<PartEdit> change) {
        Map<String, PartEdit> now = new HashMap<>(edits);
        PartEdit edit = change.apply(edit(part));
        if (edit.equals(PartEdit.NONE)) {
            now.remove(part);
        } else {
            now.put(part, edit);
        }
        return withEdits(now);
    }

    /** In another composition: places and sizes are its own, words and what stands on the back stay. */
    public CoverPlan composedAs(String other) {
        Map<String, PartEdit> words = new HashMap<>();
        edits.forEach(
                (part, edit) -> edit.words().ifPresent(w -> words.put(part, PartEdit.NONE.withWords(edit.words()))));
        return withComposition(other).withEdits(words);
    }
}
