package jorn.pattern.motif;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.annotation.JsonTypeIdResolver;
import java.util.List;
import jorn.json.OpenTypes;

/** Something that a pattern repeats. */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "is")
@JsonTypeIdResolver(OpenTypes.class)
public interface PatternMotif {
    /** Its lines, outlines before inner lines, within a circle of radius 1 about the origin. */
    List<MotifLine> lines();

    /** What it is called, in the language of the window. */
    @JsonIgnore
    String word();
}
