/** Flat shapes that lie on one another: what they have in common, where a line runs through one. */
package vantbreeze.core.fold.plane;
