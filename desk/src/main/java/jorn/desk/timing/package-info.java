/** The benchmarks. */
package jorn.desk.timing;
