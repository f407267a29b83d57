/** Outlines that are symmetrical about their upright axis: those of the house, and the maker's own. */
package vantbreeze.core.outline;
