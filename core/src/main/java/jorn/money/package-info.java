/** What copies cost, what they sell for, and what of that arrives. */
package jorn.money;
