/** Pictures, ornaments and borders: kinds of block, one file each. */
package jorn.block.picture;
