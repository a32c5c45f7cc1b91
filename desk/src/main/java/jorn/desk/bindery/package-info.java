/** At Despatch: books and any PDF for one's own printer and for the copy shop; files joined and split. */
package jorn.desk.bindery;
