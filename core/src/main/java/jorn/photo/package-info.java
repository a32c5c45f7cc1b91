/** Photographs of a folder, so many to a page. */
package jorn.photo;
