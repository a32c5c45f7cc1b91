/** From the book to the art of its pages. */
package jorn.makeup;
