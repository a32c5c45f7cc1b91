/** The kinds of part of which covers are composed, one file each. */
package jorn.cover.part;
