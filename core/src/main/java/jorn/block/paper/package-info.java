/** Paper to write and draw on: kinds of block, one file each. */
package jorn.block.paper;
