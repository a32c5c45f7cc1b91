/** Checks: one class for each rule. */
package jorn.check;
