/** What a pattern is made of: motifs that ship, scattered strokes, shapes of the user's own. */
package jorn.pattern.motif;
