/** Benchmarks, and pictures of the window: for those who build Jorn, not part of what people use. */
package jorn.bench;
