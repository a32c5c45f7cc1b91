/** What makes a page of a grid: its heading, its words, its drawings. Kinds of block, one file each, dressed by the style. */
package jorn.block.page;
