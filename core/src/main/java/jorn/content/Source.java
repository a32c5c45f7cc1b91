package jorn.content;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.annotation.JsonTypeIdResolver;
import java.util.List;
import java.util.Optional;
import jorn.json.OpenTypes;

/**
 * What fills the pages of a run: it says how many pages there are and what each is about. Sources are found through families
 * ({@link jorn.json.TypeFamily}); a new one is a record of its own and a line in the list of services.
 *
 * <p>A source may make more or fewer pages in other room; pagination asks again until page count, margins and content agree.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "is")
@JsonTypeIdResolver(OpenTypes.class)
public interface Source {
    /** The pages, in order. */
    List<Batch> batches(Request request);

    /** Where its batches have to begin, whatever its run says; a run may say more where this is {@link Opening#ANYWHERE}. */
    @JsonIgnore
    default Opening opening() {
        return Opening.ANYWHERE;
    }

    /** What it makes piece by piece, if what it makes takes long. */
    @JsonIgnore
    default Optional<Worklist> worklist() {
        return Optional.empty();
    }

    /** On which page of a leaf something begins. */
    enum Opening {
        ANYWHERE,
        RECTO,
        VERSO
    }

    /** Whether it takes the pages that the other runs leave of the wanted count. */
    @JsonIgnore
    default boolean isFilling() {
        return false;
    }
}
