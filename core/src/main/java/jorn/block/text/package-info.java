/** Words: kinds of block, one file each. */
package jorn.block.text;
