/** The plan of a card: what the maker decided, and all that follows from it. */
package vantbreeze.core.plan;
