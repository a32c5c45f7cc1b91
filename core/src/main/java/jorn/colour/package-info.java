/** Colour as it is seen and as inks make it: CIE Lab, sRGB, and the table of a printing condition, both ways. */
package jorn.colour;
