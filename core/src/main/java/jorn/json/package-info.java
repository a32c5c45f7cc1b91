/** The one way in which Jorn reads and writes JSON. */
package jorn.json;
