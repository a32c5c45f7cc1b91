/** How the pages of a book are dressed: heads, rules, frames, badges, figures, ornaments. A style is data. */
package jorn.style;
