/** The cover: its panels, their measures, and what stands on them. */
package jorn.cover;
