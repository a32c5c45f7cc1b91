/**
 * How pages come to lie on sheets: the order for every way to fold, cut and bind, where each page stands and how large, what the paper's thickness
 * moves, and the marks for hands. Knows nothing of files; {@code docs/bindery.md} explains it.
 */
@org.jspecify.annotations.NullMarked
package jorn.impose;
