/** Takes files as a press would, knowing only these and its own profile. */
package jorn.print.reception;
