/** Files: the book's own, and writing any file so that the old one stays whole until the new one is. */
package jorn.store;
