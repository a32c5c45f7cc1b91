/** What is done at the Cover bench: its parts in the hand, their slips, other compositions, and the shop's shelf. */
package jorn.desk.covers;
