/** Rectangles cut from sheets by cuts from edge to edge: two-dimensional guillotine cutting stock, in whole units. */
package vantbreeze.core.guillotine;
