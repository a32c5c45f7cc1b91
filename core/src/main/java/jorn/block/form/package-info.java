/** What is filled in: lines, boxes, lists, tables. Kinds of block, one file each, dressed by the style. */
package jorn.block.form;
