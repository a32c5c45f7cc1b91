/** The slips of the Make-up bench: designs, dates, colours. */
package jorn.desk.makeup;
