package jorn.pattern.run;

/** The back of a page to colour. */
public record PatternBack(PatternSheet of) {}
