/** The five benches. */
package jorn.desk.benches;
