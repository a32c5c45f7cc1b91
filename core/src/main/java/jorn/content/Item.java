package jorn.content;

/**
 * One of a list of words: a prompt, the text of a card.
 *
 * @param words may be empty
 * @param number which one of its list, from 1; where the list is gone through again, it counts anew
 */
public record Item(String words, int number) {}
