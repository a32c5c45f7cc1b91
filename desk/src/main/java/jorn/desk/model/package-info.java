/** The book on the desk, apart from how it is shown. */
package jorn.desk.model;
