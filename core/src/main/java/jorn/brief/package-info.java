/** All the figures of a book together. */
package jorn.brief;
