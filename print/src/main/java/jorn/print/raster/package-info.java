/** The sink that paints pictures. */
package jorn.print.raster;
