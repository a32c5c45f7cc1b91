/** Lines on a page, and the fields that they close: planar faces, their size, the largest circle in them. */
package jorn.pattern.plane;
