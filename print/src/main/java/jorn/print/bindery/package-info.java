/**
 * Any PDF taken apart and put together: joined, split, imposed. Objects are carried over as they stand in their files, never drawn anew; sources are
 * only read.
 */
@NullMarked
package jorn.print.bindery;

import org.jspecify.annotations.NullMarked;
