/** The window as a whole, and how it is opened. */
package jorn.desk.window;
