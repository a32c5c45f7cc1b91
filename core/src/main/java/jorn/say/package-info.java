/** What people read: every word by key, in every language that Jorn speaks; labels of settings, and how each is shown. */
package jorn.say;
