/** The parts of the window that all benches share, and the look. */
package jorn.desk.view;
