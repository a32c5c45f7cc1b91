/** The pages of the brief on which something is reckoned: pages, money, work, what if, press. */
package jorn.desk.briefs;
