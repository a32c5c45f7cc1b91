/** Reads PDF files that are there: their pages as pictures, what they hold, and what is drawn on them. */
package jorn.print.read;
