/** Page designs as trees: nodes, how a stack divides its room, paths into a tree, and what flows through it. */
package jorn.layout;
