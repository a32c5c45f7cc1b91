/** A colouring page: a motif repeated under a symmetry, in a window, with a border; and the fields that can be coloured. */
package jorn.pattern.page;
