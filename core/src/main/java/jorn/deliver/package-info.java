/** From surfaces to sheets: what is handed over, in which order and place, and in which colours. */
package jorn.deliver;
