/** What fills pages: sources, and the typed subjects that they give to each page. */
package jorn.content;
