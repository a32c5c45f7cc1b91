/** The display list: what is drawn on a surface, free of any way to draw it. Points from the trim's top left corner, y down. */
package jorn.art;
