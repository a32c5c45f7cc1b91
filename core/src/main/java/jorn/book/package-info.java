/** The book: all that the user decides, and which page is which. */
package jorn.book;
