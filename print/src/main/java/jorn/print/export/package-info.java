/** Files for a hand-over. */
package jorn.print.export;
