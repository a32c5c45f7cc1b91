/** Chance that falls out the same way on every machine. */
package jorn.chance;
