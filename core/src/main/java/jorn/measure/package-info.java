/** Lengths, sizes, numbers as people write them, and figures that show their working. Knows nothing of books. */
package jorn.measure;
