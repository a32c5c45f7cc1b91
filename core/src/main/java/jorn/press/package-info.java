/** What a press makes and asks for. Every number of a press is data in a profile; the rules that use them are here. */
package jorn.press;
