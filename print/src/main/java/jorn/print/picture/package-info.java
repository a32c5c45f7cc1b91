/** Pictures as pixels, for the sinks. */
package jorn.print.picture;
