/** What is kept on the disk only while the program runs, and what a program that was stopped leaves behind. */
package jorn.scratch;
