/** Days, weeks and months as planners need them. Knows no pages. */
package jorn.calendar;
