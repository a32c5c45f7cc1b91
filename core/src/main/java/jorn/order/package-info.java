/** What is told to a press with the files: every choice in the order in which people are asked, one name everywhere, and whose law. */
package jorn.order;
