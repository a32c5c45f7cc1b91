/** Scans and photographs of drawings made clean: the paper found, straightened and whitened, drawings parted, print screens and specks removed, lines traced. */
package jorn.scan;
