/** Drawings as SVG files. */
package jorn.print.svg;
