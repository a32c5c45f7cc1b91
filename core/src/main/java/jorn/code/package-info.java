/** Numbers of books and the symbols that machines read: ISBN, EAN-13 with its add-on, QR. */
package jorn.code;
