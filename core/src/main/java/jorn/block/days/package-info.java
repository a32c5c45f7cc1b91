/** What is counted: days, hours, weeks, months. Kinds of block, one file each, dressed by the style. */
package jorn.block.days;
