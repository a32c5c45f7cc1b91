/** Which moves of the plane a pattern stays the same under: the 17 wallpaper groups, the 7 friezes, rosettes. */
package jorn.pattern.symmetry;
