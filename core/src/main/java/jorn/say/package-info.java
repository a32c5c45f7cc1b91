/** What people read: labels of settings, and how each is shown. */
package jorn.say;
