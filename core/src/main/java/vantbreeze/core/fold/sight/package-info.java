/** What of a card is seen. */
package vantbreeze.core.fold.sight;
