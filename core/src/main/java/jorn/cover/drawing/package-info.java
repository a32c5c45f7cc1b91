/** What is drawn by rule on covers: patterns that fill a ground, wreaths, landscapes; each a function of box, inks and seed. */
package jorn.cover.drawing;
