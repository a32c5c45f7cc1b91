/** The sink that writes PDF. */
package jorn.print.pdf;
