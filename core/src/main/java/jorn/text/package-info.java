/** Typefaces, shaping and line breaking. */
package jorn.text;
