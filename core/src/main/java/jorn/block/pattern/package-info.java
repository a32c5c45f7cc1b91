/** Blocks of colouring books. */
package jorn.block.pattern;
