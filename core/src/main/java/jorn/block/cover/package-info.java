/** What stands on covers: kinds of block, one file each. */
package jorn.block.cover;
