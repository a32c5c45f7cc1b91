/** Days, weeks, months and years: kinds of block, one file each. */
package jorn.block.calendar;
