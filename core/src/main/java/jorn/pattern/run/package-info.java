/** Runs of colouring pages: which patterns, in what order, what stands on their backs. */
package jorn.pattern.run;
