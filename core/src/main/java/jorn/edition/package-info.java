/** What follows from a book, computed once: pagination, geometry, figures, surfaces. */
package jorn.edition;
