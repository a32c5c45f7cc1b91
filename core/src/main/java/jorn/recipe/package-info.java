/** Page designs: trees of columns and blocks that lay themselves out on any page. They know no book. */
package jorn.recipe;
